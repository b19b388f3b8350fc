import { lateBy, type Times } from '@gleddo/core';
import type { CameIn } from '@gleddo/contract';
import type { tries } from '../database/schema/index.js';

type Came = Pick<typeof tries.$inferSelect, 'handedInAt' | 'closedAt' | 'byItself' | 'wishedAt'>;

/** How work came in: by itself when the exercise closed, or so late; where no closing time holds any more, it is not late. */
export function cameIn(work: Came | null, times: Times): CameIn {
  const { handedInAt = null, closedAt = null, byItself = false, wishedAt = null } = work ?? {};
  const isJudged = handedInAt !== null && closedAt === null;
  return {
    byItself,
    lateBy: isJudged ? lateBy(times, handedInAt.getTime()) : 0,
    wishedAt: wishedAt?.toISOString() ?? null,
  };
}

/** What a work is that came in because the exercise had closed. */
export const closedNow = (now: Date) =>
  ({ state: 'handed-in', handedInAt: now, closedAt: now, byItself: true }) as const;
