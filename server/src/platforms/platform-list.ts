import type { ListedStudent } from '@gleddo/core';
import { PlatformFault, type PlatformCalls } from './platform-calls.js';
import type { Platform } from './platforms.service.js';

const SCOPE = 'https://purl.imsglobal.org/spec/lti-nrps/scope/contextmembership.readonly';
const ACCEPT = 'application/vnd.ims.lti-nrps.v2.membershipcontainer+json';
const MOST_PAGES = 50;
const LEARNER = /(?:^|[#/])(?:Learner|Student)$/;

interface Member {
  readonly status?: unknown;
  readonly name?: unknown;
  readonly given_name?: unknown;
  readonly family_name?: unknown;
  readonly email?: unknown;
  readonly lis_person_sourcedid?: unknown;
  readonly roles?: unknown;
}

const text = (value: unknown): string =>
  typeof value === 'string'
    ? value
        .replace(/[\u0000-\u001f\u007f\u2028\u2029]/g, ' ')
        .trim()
        .slice(0, 120)
    : '';

/** Who learns in a course, page after page, as its platform tells it (names and roles, 2.0). */
export async function studentsAt(
  calls: PlatformCalls,
  platform: Platform,
  first: string,
): Promise<ListedStudent[]> {
  const found: ListedStudent[] = [];
  let url: string | null = first;
  for (let page = 0; url !== null; page++) {
    if (page === MOST_PAGES) throw new PlatformFault('Its list has no end.');
    const { body, next } = await calls.ask(platform, { url, scope: SCOPE, accept: ACCEPT });
    const { members } = body as { members?: unknown };
    if (!Array.isArray(members)) throw new PlatformFault('What it answered is no list.');
    found.push(...members.flatMap((each) => studentIn(each as Member)));
    url = next;
  }
  return found;
}

function studentIn(member: Member | null): ListedStudent[] {
  const roles = Array.isArray(member?.roles) ? member.roles : [];
  const learns = roles.some((role) => typeof role === 'string' && LEARNER.test(role));
  if (!member || !learns || (member.status ?? 'Active') !== 'Active') return [];
  const parts = [member.given_name, member.family_name].map(text).filter(Boolean);
  const name = text(member.name) || parts.join(' ');
  // Whose name the platform keeps back can’t be listed.
  if (name === '') return [];
  return [{ name, number: text(member.lis_person_sourcedid), email: text(member.email) }];
}
