/** Whether anything leads through an exercise: steps, papers, or questions that are asked. */
export const isGuided = ({ guide, keyRules }: { guide: string; keyRules: string }): boolean =>
  /"(steps|sheets)":\[\{/.test(guide) || /"questions":\[\{/.test(keyRules);
