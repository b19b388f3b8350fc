import type { EntryKind } from '../../model/book/book.js';
import type { Check } from '../check/check.js';
import { eachEntry, entryLabel, NO_ENTRIES, type EntryFacts } from './each-entry.js';
import { entryPresent } from './entry-present.js';
import { AIMS } from '../../model/exercise-shapes/key-rules.js';
import { atEach } from '../check/worth.js';

/** The kinds that change a statement, as a sentence calls them. */
const TELLING: Readonly<Partial<Record<EntryKind, string>>> = {
  opening: 'an opening entry',
  closing: 'a closing entry',
  'prior-period-adjustment': 'an adjustment of earlier periods',
};

const tellingKind = (kind: EntryKind): string => TELLING[kind] ?? 'an entry of the period';

/** Asked of entries of these kinds; of the others only where they are recorded as one of these. */
type Found = EntryFacts & { readonly wanted?: string; readonly found?: string | null };

export const entryKind: Check<'entry.kind', Found> = {
  id: 'entry.kind',
  title: 'Entry kind',
  fault: 'Entry of another kind',
  compares:
    'Opening, closing and adjusting earlier periods are told apart from entries of the period, since statements count them otherwise.',
  looksAt: { entry: ['kind'] },
  follows: [entryPresent],
  answersFor: 'entry',
  aims: AIMS,
  points: atEach(1),
  run(marking) {
    const kinds = new Map(marking.judgedEntries.map(({ id, kind }) => [id, kind]));
    return eachEntry(marking, entryKind, ({ kind }, pair) => {
      const wanted = tellingKind(kind);
      const odd = pair?.works.find(({ entry }) => tellingKind(entry.kind) !== wanted);
      const isRight = pair !== null && (!odd || pair.isEquivalent === true);
      return {
        outcome: isRight ? 'met' : 'not-met',
        facts: () => ({ wanted, found: odd ? tellingKind(odd.entry.kind) : null }),
      };
    }).filter(({ subject, outcome }) => {
      const kind = kinds.get(subject.id);
      return outcome === 'not-met' || (kind !== undefined && kind in TELLING);
    });
  },
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NO_ENTRIES;
    const { found = null, wanted = '' } = facts;
    if (outcome === 'met') return `Of the right kind: ${entryLabel(facts)}.`;
    return found === null
      ? { belongs: `Not recorded as ${wanted}: ${entryLabel(facts)}.` }
      : {
          there: `Recorded as ${found}.`,
          belongs: `It is ${wanted}: ${entryLabel(facts)}.`,
          why: 'Statements count opening and closing entries, and adjustments of earlier periods, otherwise than what happened in the period.',
          now: 'Change the kind of the entry.',
        };
  },
};
