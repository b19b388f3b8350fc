import { exerciseOfParts, rulesOfTry, type ExerciseParts } from '@gleddo/core';
import type { exercises } from '../database/schema/index.js';

type Row = typeof exercises.$inferSelect;

/** What an exercise's row says, as the document of which parts are changed. */
export function partsOfRow(row: Row): ExerciseParts {
  const document = {
    ...{ title: row.title, brief: row.brief, rules: rulesOfTry(row) },
    keyRules: JSON.parse(row.keyRules) as unknown,
    guide: JSON.parse(row.guide) as unknown,
  };
  const read = exerciseOfParts(document);
  if (!read.ok) throw new Error(`exercise ${row.id} can’t be read: ${read.refusals[0]?.says}`);
  return read.value;
}

/** The columns in which the parts are kept. */
export const columnsOf = ({ rules, keyRules, guide, ...words }: ExerciseParts) => ({
  ...{ ...rules, ...words },
  ...{ keyRules: JSON.stringify(keyRules), guide: JSON.stringify(guide) },
});
