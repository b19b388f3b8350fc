import type { WorksWaiting } from '@gleddo/contract';
import { leadsTo, waitsSays } from '../src/pages/today/waits-says';

const WORKS: WorksWaiting = {
  ...{ exerciseId: 'e1', title: 'Quarter', groups: ['Evening', 'Morning'] },
  ...{ toMark: 0, failed: 0, checking: 0, asked: 0 },
};

test('what waits is said by what there is to do', () => {
  expect(waitsSays({ ...WORKS, toMark: 3 })).toBe('Evening, Morning · 3 to mark');
  expect(waitsSays({ ...WORKS, failed: 1, checking: 2 })).toBe(
    'Evening, Morning · 1 work can’t be checked · 2 being checked',
  );
  expect(waitsSays({ ...WORKS, asked: 2 })).toBe('Evening, Morning · 2 questions to answer');
  expect(waitsSays({ ...WORKS, groups: [], toMark: 1 })).toBe('1 to mark');
});

test('marking leads to the class, what can’t be checked to its row', () => {
  expect(leadsTo({ ...WORKS, toMark: 1, failed: 1 })).toEqual({ to: '/results/e1', name: 'Mark' });
  expect(leadsTo({ ...WORKS, failed: 1 })).toEqual({ to: '/results/e1?by=student', name: 'Look' });
  expect(leadsTo({ ...WORKS, toMark: 1, asked: 1 }).name).toBe('Answer');
  expect(leadsTo({ ...WORKS, checking: 1 }).name).toBe('See');
});
