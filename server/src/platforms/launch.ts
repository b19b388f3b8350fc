import type { JWTPayload } from 'jose';
import { RefusedArrival } from './refused-arrival.js';

/** What is known of somebody who opens a place in a course of a platform. */
export interface Launch {
  readonly subject: string;
  readonly name: string;
  readonly email: string;
  /** What the school’s own lists call them; empty: not said. */
  readonly number: string;
  /** Whether they teach the course; otherwise they learn in it. */
  readonly isStaff: boolean;
  readonly course: { readonly context: string; readonly title: string };
  readonly place: { readonly resource: string; readonly title: string };
  readonly membersUrl: string | null;
  readonly lineItemUrl: string | null;
  readonly lineItemsUrl: string | null;
}

/* The names that the standard gives to what comes along (LTI core 1.3, names and roles 2.0, assignments and grades 2.0). */
const CORE = 'https://purl.imsglobal.org/spec/lti/claim/';
const MEMBERS = 'https://purl.imsglobal.org/spec/lti-nrps/claim/namesroleservice';
const MARKS = 'https://purl.imsglobal.org/spec/lti-ags/claim/endpoint';
const SCORE = 'https://purl.imsglobal.org/spec/lti-ags/scope/score';
const LINE_ITEM = 'https://purl.imsglobal.org/spec/lti-ags/scope/lineitem';

const STAFF = /[#/](?:Instructor|Administrator|ContentDeveloper|TeachingAssistant)$/;
const LEARNER = /[#/](?:Learner|Student)$/;
const SHORT = /^(?:Instructor|Learner)$/;
const LONGEST = 200;

type Said = Readonly<Record<string, unknown>>;

const isSaid = (value: unknown): value is Said => typeof value === 'object' && value !== null;
const partOf = (claims: Said, name: string): Said => {
  const part = claims[name];
  return isSaid(part) ? part : {};
};
/** Text in one line, without what can’t be printed. */
const textOf = (value: unknown): string =>
  typeof value === 'string'
    ? value
        .replace(/[\u0000-\u001f\u007f\u2028\u2029]/g, ' ')
        .trim()
        .slice(0, LONGEST)
    : '';
const addressOf = (value: unknown): string | null =>
  typeof value === 'string' && value.length <= 2_000 && /^https?:\/\/\S+$/.test(value)
    ? value
    : null;
const textsOf = (value: unknown): string[] =>
  Array.isArray(value) ? value.filter((each) => typeof each === 'string') : [];

/** What is said in a token whose signature is right; refused where it is no opening of a place in this deployment. */
export function launchIn(claims: JWTPayload, deployment: string): Launch {
  if (claims[`${CORE}deployment_id`] !== deployment) throw new RefusedArrival('other');
  const isKnownKind =
    claims[`${CORE}version`] === '1.3.0' &&
    claims[`${CORE}message_type`] === 'LtiResourceLinkRequest';
  const resource = textOf(partOf(claims, `${CORE}resource_link`)['id']);
  const subject = textOf(claims.sub);
  if (!isKnownKind || resource === '' || subject === '') throw new RefusedArrival('kind');
  return {
    ...{ subject, isStaff: isStaff(textsOf(claims[`${CORE}roles`])) },
    ...whoIn(claims),
    ...whereIn(claims, resource),
    ...servicesIn(claims),
  };
}

function isStaff(roles: readonly string[]): boolean {
  const long = roles.map((role) => (SHORT.test(role) ? `#${role}` : role));
  if (long.some((role) => STAFF.test(role))) return true;
  if (long.some((role) => LEARNER.test(role))) return false;
  throw new RefusedArrival('role');
}

function whoIn(claims: Said): Pick<Launch, 'name' | 'email' | 'number'> {
  const parts = [claims['given_name'], claims['family_name']].map(textOf).filter(Boolean);
  return {
    name: textOf(claims['name']) || parts.join(' ') || 'Somebody',
    email: textOf(claims['email']),
    number: textOf(partOf(claims, `${CORE}lis`)['person_sourcedid']),
  };
}

function whereIn(claims: Said, resource: string): Pick<Launch, 'course' | 'place'> {
  const { id, title, label } = partOf(claims, `${CORE}context`);
  const place = textOf(partOf(claims, `${CORE}resource_link`)['title']);
  return {
    course: { context: textOf(id), title: textOf(title) || textOf(label) || 'A course' },
    place: { resource, title: place || 'An exercise' },
  };
}

function servicesIn(claims: Said): Pick<Launch, 'membersUrl' | 'lineItemUrl' | 'lineItemsUrl'> {
  const marks = partOf(claims, MARKS);
  const scopes = textsOf(marks['scope']);
  const takes = scopes.includes(SCORE);
  return {
    membersUrl: addressOf(partOf(claims, MEMBERS)['context_memberships_url']),
    lineItemUrl: takes ? addressOf(marks['lineitem']) : null,
    lineItemsUrl: takes && scopes.includes(LINE_ITEM) ? addressOf(marks['lineitems']) : null,
  };
}
