import { mayAtLeast, type May } from '@gleddo/contract';

/** What there is to do about an exercise: five errands, each with its parts. */
const ERRANDS = [
  {
    id: 'asked',
    name: 'What is asked',
    parts: [
      ['brief', 'Brief'],
      ['steps', 'Steps'],
    ],
  },
  {
    id: 'right',
    name: 'What is right',
    parts: [
      ['key', 'Answer key'],
      ['also-right', 'Also right'],
    ],
  },
  {
    id: 'done',
    name: 'How it is done',
    parts: [
      ['start', 'Starting point'],
      ['checks', 'Checks'],
      ['own-figures', 'Own figures'],
    ],
  },
  { id: 'tried', name: 'Try it', parts: [['try', 'Try it']] },
  { id: 'out', name: 'Hand out', parts: [['hand-out', 'Hand out']] },
] as const;

export type Errand = (typeof ERRANDS)[number];
export type ErrandId = Errand['id'];

/** What the pages of an exercise are called. */
export const PAGE_NAMES: ReadonlyMap<string, string> = new Map([
  ...ERRANDS.flatMap(({ parts }): readonly (readonly [string, string])[] => parts),
  ['versions', 'Compare'],
]);

/** Those of somebody: who may not change an exercise tries a copy of it, their own. */
export const errandsOf = (may: May): readonly Errand[] =>
  ERRANDS.filter(({ id }) => id !== 'tried' || mayAtLeast(may, 'change'));
