import { momentSaid } from '@gleddo/core';
import { refuse, type Refused } from '../http/problem.js';

interface SaidIn {
  readonly zone: string;
  readonly now: number;
}

export const notOpenYet = (opensAt: number, { zone, now }: SaidIn): Refused =>
  refuse(
    'try.not-open',
    `This exercise opens on ${momentSaid(opensAt, zone, now)}. Come back then.`,
  );

export const isOver = (closesAt: number, { zone, now }: SaidIn): Refused =>
  refuse(
    'try.over',
    `This exercise closed on ${momentSaid(closesAt, zone, now)}. Ask your instructor for more time.`,
  );
