import { LINE_ITEM, MEMBERS, roleOf, SCORE } from './identity.js';
import { need, Refusal } from './refusal.js';
import { COURSE, PEOPLE, type LineItem, type Mark, type World } from './world.js';

/** How many members stand on a page: few, so that whoever reads them has to turn. */
const A_PAGE = 2;
const ACTIVITIES = ['Initialized', 'Started', 'InProgress', 'Submitted', 'Completed'];
const GRADINGS = ['FullyGraded', 'Pending', 'PendingManual', 'Failed', 'NotReady'];

export interface Asked {
  readonly method: string;
  readonly url: URL;
  readonly type: string;
  readonly body: string;
  readonly scopes: readonly string[];
}

export interface Served {
  readonly type: string;
  readonly body: object;
  readonly headers?: Readonly<Record<string, string>>;
  readonly status?: number;
}

const mayWith = (scopes: readonly string[], scope: string) =>
  need(scopes.includes(scope), `The token is not for ${scope}.`, 403);

/** The services of the standard, as strict as a strict platform has them. */
export function serve(world: World, here: string, asked: Asked): Served {
  const [, , what = '', id = '', below = ''] = asked.url.pathname.split('/');
  if (what === 'members' && asked.method === 'GET') return membersAt(here, asked);
  need(what === 'items' && asked.method === 'POST', 'There is nothing here.', 404);
  need(asked.url.searchParams.get('course') === COURSE.id, 'Which course is this?', 404);
  if (id === '') return addItem(world, here, asked);
  const item = world.item(id);
  need(item && below === 'scores', 'There is no such place for marks.', 404);
  return addMark(item, asked);
}

function membersAt(here: string, { url, scopes }: Asked): Served {
  mayWith(scopes, MEMBERS);
  const from = Number(url.searchParams.get('from') ?? 0);
  const next = `<${here}/services/members?from=${from + A_PAGE}>; rel="next"`;
  return {
    type: 'application/vnd.ims.lti-nrps.v2.membershipcontainer+json',
    headers: from + A_PAGE < PEOPLE.length ? { link: next } : {},
    body: {
      ...{ id: url.href, context: COURSE },
      members: PEOPLE.slice(from, from + A_PAGE).map((person) => ({
        ...{ status: 'Active', user_id: person.id, roles: [roleOf(person)] },
        ...{ given_name: person.given, family_name: person.family, email: person.email },
        ...{ name: `${person.given} ${person.family}`, lis_person_sourcedid: person.number },
      })),
    },
  };
}

function addItem(world: World, here: string, { scopes, type, body }: Asked): Served {
  mayWith(scopes, LINE_ITEM);
  need(type === 'application/vnd.ims.lis.v2.lineitem+json', 'This is no line item.', 415);
  const { label, scoreMaximum, resourceLinkId = null } = JSON.parse(body);
  need(typeof label === 'string' && label !== '', 'A line item has a label.');
  need(typeof scoreMaximum === 'number' && scoreMaximum > 0, 'A line item has a maximum above 0.');
  const made = world.add({ label, scoreMaximum, resourceLinkId });
  const id = `${here}/services/items/${made.id}?course=${COURSE.id}`;
  return { type, status: 201, body: { id, label, scoreMaximum, resourceLinkId } };
}

function addMark({ marks }: LineItem, { scopes, type, body }: Asked): Served {
  mayWith(scopes, SCORE);
  need(type === 'application/vnd.ims.lis.v1.score+json', 'This is no score.', 415);
  const said = JSON.parse(body);
  const who = PEOPLE.find(({ id, isStaff }) => id === said.userId && !isStaff);
  need(who, 'Nobody of this name learns in the course.', 422);
  const mark = markIn(said);
  const before = marks.get(who.id) ?? [];
  const last = before.at(-1);
  if (last && Date.parse(last.timestamp) >= Date.parse(mark.timestamp))
    throw new Refusal(409, 'A later mark has come in already.');
  marks.set(who.id, [...before, mark]);
  return { type: 'application/json', body: {} };
}

function markIn(said: Readonly<Record<string, unknown>>): Mark {
  const { timestamp, scoreGiven: given = null, scoreMaximum: of = null } = said;
  const { activityProgress: activity, gradingProgress: grading } = said;
  need(
    typeof timestamp === 'string' && /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d+Z$/.test(timestamp),
    'A score says when, to a part of a second.',
  );
  need(ACTIVITIES.includes(String(activity)), 'A score says how far the work is.');
  need(GRADINGS.includes(String(grading)), 'A score says how far the marking is.');
  const isNumber = (value: unknown) => value === null || typeof value === 'number';
  need(isNumber(given) && isNumber(of), 'Scores are numbers.');
  need(given === null || (of !== null && Number(of) > 0), 'A score has a maximum above 0.');
  return {
    ...{ timestamp, given: given as number | null, of: of as number | null },
    ...{ activity: String(activity), grading: String(grading) },
  };
}
