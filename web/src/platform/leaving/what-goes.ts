import type { Hangs, Leaving, LeavingKind, WouldLeave } from '@gleddo/contract';
import { counted } from '../figures/counted';
import { longDay } from '../figures/days';

const PARTS: readonly (readonly [part: keyof Hangs, one: string, several?: string])[] = [
  ['companies', 'company', 'companies'],
  ['exercises', 'exercise'],
  ['groups', 'class group'],
  ['students', 'student who is in no other class', 'students who are in no other class'],
  ['works', 'work'],
  ['practices', 'practice'],
];

function list(parts: readonly string[]): string {
  const last = parts.at(-1) ?? '';
  return parts.length < 2 ? last : `${parts.slice(0, -1).join(', ')} and ${last}`;
}

/** Of the students of a class who are made nameless the works stay. */
const staysNameless = (
  part: keyof Hangs,
  { kind, fate }: Pick<Leaving, 'kind'> & Pick<WouldLeave, 'fate'>,
): boolean =>
  kind === 'group' && fate === 'nameless' && ['students', 'works', 'practices'].includes(part);

/** What goes with a thing, in a sentence; empty where nothing does. */
export function goesWith({ hangs, fate }: WouldLeave, kind: LeavingKind): string {
  const it = kind === 'person' ? 'them' : 'it';
  const parts = PARTS.flatMap(([part, one, several]) => {
    const n = hangs[part] ?? 0;
    return n === 0 || staysNameless(part, { kind, fate }) ? [] : [counted(n, one, several)];
  });
  if (parts.length === 0) return kind === 'group' ? '' : `Nothing hangs on ${it}.`;
  const back = staysNameless('works', { kind, fate }) ? 0 : (hangs.givenBack ?? 0);
  const marks = back > 0 ? `, ${back === hangs.works ? 'all' : back} of the works given back` : '';
  return `With ${it} go ${list(parts)}${marks}.`;
}

export function whoStays({ studentsStay = 0 }: Hangs): string {
  if (studentsStay === 0) return '';
  return `${counted(studentsStay, 'student')} in another class ${studentsStay === 1 ? 'stays' : 'stay'}.`;
}

/** When it is done, and until when it can be taken back. */
export const whenItGoes = ({ days }: Pick<WouldLeave, 'days'>): string =>
  days === 0
    ? 'It is done at once and can’t be taken back.'
    : `It is done in ${counted(days, 'day')}; until then it can be taken back.`;

export const NAMELESS_SAYS =
  'Their works stay and count, but nothing says any more whose they were, and nobody can sign in as their student.';

export const leavesOn = ({ dueAt, becomes, heir }: Leaving): string => {
  const passes = heir === null ? '' : `, what is theirs passes to ${heir}`;
  return `${becomes === 'nameless' ? 'made nameless' : 'deleted'} on ${longDay(dueAt)}${passes}`;
};
