import type { ListedStudent } from '@gleddo/core';
import { Matches } from 'class-validator';
import { IsId, IsName, IsShortText, MayBeLeftOut } from './fields.js';

const LONGEST = 500;
const ADDRESS = /^(https:\/\/[^\s/]+|http:\/\/(localhost|127\.0\.0\.1)(:\d+)?)(\/\S*)?$/;

const IsAddress = (of: string) =>
  Matches(ADDRESS, {
    message: `Give the ${of} as an address that begins with https://. Without it anybody on the way could speak for the platform.`,
  });

/** A learning platform of the school, with what it says of itself where a tool is added to it. */
export class NewPlatformRequest {
  @IsName(80, 'Give the platform the name by which people know it, of at most 80 characters.')
  name!: string;

  @IsName(LONGEST, 'Copy the issuer from the platform: often its own address.')
  issuer!: string;

  @IsName(LONGEST, 'Copy the client id that the platform gave to this house.')
  clientId!: string;

  @IsName(LONGEST, 'Copy the deployment id that the platform gave to this house.')
  deployment!: string;

  @IsShortText(LONGEST, 'Copy the address for signing in.')
  @IsAddress('address for signing in')
  signInUrl!: string;

  @IsShortText(LONGEST, 'Copy the address for access tokens.')
  @IsAddress('address for access tokens')
  tokenUrl!: string;

  @IsShortText(LONGEST, 'Copy the address of its public keys.')
  @IsAddress('address of its public keys')
  keysUrl!: string;
}

export interface PlatformShown extends NewPlatformRequest {
  readonly id: string;
  /** How many people of it are known here, and how many of its courses. */
  readonly people: number;
  readonly courses: number;
}

/** What a platform is told of this house, and the platforms that it knows. */
export interface PlatformsShown {
  readonly ours: { readonly signIn: string; readonly launch: string; readonly keys: string };
  readonly platforms: readonly PlatformShown[];
}

/** What stands in the address to which a platform sends somebody who is not known here yet. */
export class ArrivalRequest {
  @IsShortText(3_000, 'Open the exercise at your school’s platform again.')
  token!: string;
}

/** Who comes from a platform, as it says. */
export interface ArrivalShown {
  readonly platform: string;
  readonly name: string;
}

/** Where whoever is known now goes on. */
export interface ArrivalDone {
  readonly to: string;
}

/** A place in a course of a platform that leads here. */
export interface PlatformLinkShown {
  readonly id: string;
  readonly platform: string;
  readonly course: string;
  readonly title: string;
  readonly groupId: string | null;
  readonly exerciseId: string | null;
  /** Whether marks go to the platform. */
  readonly takesMarks: boolean;
}

/** Which class group the course is here, and to which exercise the place leads. */
export class PlatformLinkRequest {
  /** Left out: a new one of the course’s name. */
  @MayBeLeftOut()
  @IsId()
  groupId?: string;

  @IsId()
  exerciseId!: string;
}

/** Who is in the course of a class group, as its platform says. */
export interface PlatformList {
  readonly platform: string;
  readonly students: readonly ListedStudent[];
}

/** Where an exercise stands at a platform, and how its marks got there. */
export interface PlatformMarks {
  readonly platform: string;
  readonly course: string;
  readonly takesMarks: boolean;
  readonly told: number;
  /** Why the latest could not be told; null: all were. */
  readonly fault: string | null;
}

/** Why somebody who comes from a platform is not let in. */
export const ARRIVAL_REFUSALS = {
  unknown: 'This platform is not known here. Whoever runs Gleddo for your school has to add it.',
  old: 'This way in has been used, or is older than ten minutes. Open the exercise at your school’s platform again.',
  browser:
    'The browser did not keep what it was given on the way. Let it take cookies from here, and open the exercise at your school’s platform again, in a window of its own.',
  forged: 'What came along was not said by your school’s platform. Open the exercise there again.',
  silent:
    'Your school’s platform could not be asked just now whether this comes from it. Open the exercise there again in a while.',
  other:
    'What came along was meant for somebody else. Open the exercise at your school’s platform again.',
  kind: 'Your school’s platform asked for something that is not done here. Only exercises are opened from there.',
  role: 'Your school’s platform does not say that you teach or learn in this course. Ask whoever runs it.',
  'not-set':
    'Your instructor has not said yet which exercise this is. Ask them to open it at your school’s platform first.',
  away: 'The exercise to which this led is not there any more. Ask your instructor.',
} as const;

export type ArrivalRefusal = keyof typeof ARRIVAL_REFUSALS;
