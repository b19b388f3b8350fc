import type { Handout } from './sheet.js';
import { OF_NO_COMPANY } from './sheet.js';

/** What somebody needs in order to sign in for the first time. */
export interface SignInSlip {
  readonly name: string;
  readonly login: string;
  readonly password: string;
}

/** Sign-in names and first passwords of a class on paper, a row each, to be cut and passed on. */
export const signInSlips = (
  group: string,
  address: string,
  slips: readonly SignInSlip[],
): Handout => ({
  ...{ title: 'To sign in', company: group, subtitle: address },
  ...{ currency: null, ...OF_NO_COMPANY },
  columns: [
    { name: 'Name', share: 3, isFigure: false },
    { name: 'Signs in as', share: 2.5, isFigure: false },
    { name: 'First password', share: 3, isFigure: false },
    { name: 'Where', share: 3, isFigure: false },
  ],
  rows: slips.map(({ name, login, password }) => ({
    ...{ kind: 'row', depth: 0 },
    cells: [name, login, password, address],
  })),
});
