import { keyRulesIn } from '../kept/kept-rules.js';
import { guideOf } from '../threads/guiding.js';

interface Leads {
  readonly guide: string;
  readonly keyRules: string;
}

/** Whether anything leads through an exercise: steps, papers, or questions that are asked. */
export function isGuided({ guide, keyRules }: Leads): boolean {
  const { steps = [], sheets = [] } = guideOf(guide);
  return [steps, sheets, keyRulesIn(keyRules).questions ?? []].some((each) => each.length > 0);
}
