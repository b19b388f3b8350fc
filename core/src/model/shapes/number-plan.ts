import { readNumber } from './account-number.js';
import { refusal } from '../refusal/refusal.js';
import { record } from '../shape/record.js';
import { filled, judged, list, oneOf, text, whole, type ValueOf } from '../shape/shape.js';

export const bandOfNothing = refusal(
  'plan.band-of-nothing',
  () => 'A band is for a section or for an account type. Say which.',
);

const id = text(200);
const end = judged((given) => {
  const read = readNumber(given);
  return read.ok ? null : (read.refusals[0] ?? null);
});

/** A run of numbers, for a section or for one type. Both ends belong to it. */
const bandShape = record({ from: end, to: end, section: id, type: id }, 'section', 'type');

export type Band = ValueOf<typeof bandShape>;

/** Bands of account numbers; how long a number is, the usual step, the small step for children. */
export const numberPlanShape = record({
  id,
  name: text(),
  characters: filled(oneOf(['digits', 'letters-and-digits']), 'digits'),
  length: filled(whole(1, 15), 4),
  step: filled(whole(1, 1_000_000), 10),
  childStep: filled(whole(1, 1_000_000), 1),
  bands: filled(list(bandShape, 1000, 'bands'), []),
});

export type NumberPlan = ValueOf<typeof numberPlanShape>;
