import { exerciseOfParts, USUAL_RULES, type ExerciseParts, type RulesOfTry } from '@gleddo/core';
import type { exercises } from '../database/schema/index.js';

type Row = typeof exercises.$inferSelect;

const RULES = Object.keys(USUAL_RULES) as (keyof RulesOfTry)[];

function rulesOf(row: Row): RulesOfTry {
  return Object.fromEntries(RULES.map((name) => [name, row[name]])) as unknown as RulesOfTry;
}

/** What an exercise's row says, as the document of which parts are changed. */
export function partsOfRow(row: Row): ExerciseParts {
  const document = {
    ...{ title: row.title, brief: row.brief, rules: rulesOf(row) },
    keyRules: JSON.parse(row.keyRules) as unknown,
    guide: JSON.parse(row.guide) as unknown,
  };
  const read = exerciseOfParts(document);
  if (!read.ok) throw new Error(`exercise ${row.id} can’t be read: ${read.refusals[0]?.says}`);
  return read.value;
}

/** The columns in which the parts are kept. */
export const columnsOf = ({ title, brief, rules, keyRules, guide }: ExerciseParts) => ({
  ...rules,
  ...{ title: title.trim(), brief },
  ...{ keyRules: JSON.stringify(keyRules), guide: JSON.stringify(guide) },
});
