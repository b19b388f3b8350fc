import { sectionById, type AccountType, type ClassId, type Scheme } from './scheme.js';

const OTHERWISE: Readonly<Record<ClassId, string>> = {
  asset: 'As an expense it would lower the profit now, though it is still there to be used.',
  liability: 'As income it would raise the profit now, though it is still owed.',
  equity: 'As income it would raise the profit, though nothing has been earned by it.',
  income: 'On the balance sheet it would leave the profit without what has been earned.',
  expense:
    'As an asset it would show as still there what has been used up, and the profit too high.',
};

/** What would go wrong if an account of the type stood elsewhere: one sentence for a beginner. */
export function otherwiseSays(scheme: Scheme, type: AccountType): string {
  if (type.contra) return 'On the plain side it would raise what it is there to lower.';
  const section = sectionById(scheme, type.section);
  return section ? OTHERWISE[section.class] : '';
}
