import { rework, type TestClass } from './class-of.js';

const GUIDE = {
  assumes: 'Amounts are in euros.',
  steps: [
    { id: 'look', title: 'Look' },
    {
      ...{ id: 'open', title: 'Open', words: 'The bank held {= opening("bank") }.' },
      openings: ['bank', 'van', 'van-dep', 'capital'],
      figures: [{ name: 'Total debits', says: 'debits()' }],
      sheets: ['old'],
    },
    { id: 'record', title: 'Record', entries: ['e1'], questions: ['q1'] },
  ],
  sheets: [{ id: 'old', title: 'Old balance sheet', kind: 'balances', step: 'open' }],
};
const QUESTIONS = [
  { id: 'q1', kind: 'figure', text: 'The bank at the end?', right: 'balance("bank")' },
  { id: 'q2', kind: 'side', text: 'On which side?', right: 'side("van-dep")' },
];
export const FIGURES = {
  quantities: [
    { name: 'size', from: '1', to: '200', step: '1' },
    { name: 'more', from: '1', to: '99', step: '1' },
  ],
  everywhere: 'usual * size + more',
};

/** An exercise of a class’s company that leads by steps, with questions and own figures, handed out to the class. */
export async function guidedExercise({ ruth, groupId }: TestClass): Promise<string> {
  const [company] = (await ruth.get('companies')).body as { id: string }[];
  const { body } = await ruth.post('exercises', {
    ...{ companyId: company?.id, title: 'Led', start: 'accounts' },
  });
  const changed = await rework(ruth, body.id, {
    guide: GUIDE,
    keyRules: { ...body.keyRules, questions: QUESTIONS, figures: FIGURES },
  });
  expect(changed.status).toBe(200);
  await ruth.post(`exercises/${body.id}/hand-out`, { groupId });
  return body.id as string;
}
