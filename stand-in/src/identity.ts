import type { JWTPayload } from 'jose';
import { COURSE, type LineItem, type Person, type Place } from './world.js';

const CORE = 'https://purl.imsglobal.org/spec/lti/claim/';
const MEMBERSHIP = 'http://purl.imsglobal.org/vocab/lis/v2/membership#';
export const SCORE = 'https://purl.imsglobal.org/spec/lti-ags/scope/score';
export const LINE_ITEM = 'https://purl.imsglobal.org/spec/lti-ags/scope/lineitem';
export const MEMBERS = 'https://purl.imsglobal.org/spec/lti-nrps/scope/contextmembership.readonly';

export interface Opening {
  readonly person: Person;
  readonly place: Place;
  readonly item: LineItem | undefined;
  /** Where the platform is, and where the tool is. */
  readonly here: string;
  readonly target: string;
  readonly clientId: string;
  readonly deployment: string;
  readonly nonce: string;
}

export const roleOf = ({ isStaff }: Person): string =>
  `${MEMBERSHIP}${isStaff ? 'Instructor' : 'Learner'}`;

/** What the platform says of somebody who opens a place. */
export function claimsOf(opening: Opening): JWTPayload {
  const { person, place, item, here, target, clientId, deployment, nonce } = opening;
  return {
    ...{ iss: here, aud: clientId, sub: person.id, nonce },
    ...{ given_name: person.given, family_name: person.family, email: person.email },
    name: `${person.given} ${person.family}`,
    [`${CORE}message_type`]: 'LtiResourceLinkRequest',
    [`${CORE}version`]: '1.3.0',
    [`${CORE}deployment_id`]: deployment,
    [`${CORE}target_link_uri`]: target,
    [`${CORE}resource_link`]: { id: place.id, title: place.title },
    [`${CORE}roles`]: [roleOf(person)],
    [`${CORE}context`]: {
      ...COURSE,
      type: ['http://purl.imsglobal.org/vocab/lis/v2/course#CourseSection'],
    },
    [`${CORE}lis`]: { person_sourcedid: person.number },
    'https://purl.imsglobal.org/spec/lti-nrps/claim/namesroleservice': {
      context_memberships_url: `${here}/services/members`,
      service_versions: ['2.0'],
    },
    'https://purl.imsglobal.org/spec/lti-ags/claim/endpoint': {
      scope: [SCORE, LINE_ITEM],
      lineitems: `${here}/services/items?course=${COURSE.id}`,
      ...(item && { lineitem: `${here}/services/items/${item.id}?course=${COURSE.id}` }),
    },
  };
}
