import { Problem } from './client';

const AWAY = 503;
const MOST_TRIES = 5;

/** Whether nothing was answered, or nothing that says more than that nobody is there at the moment. */
const isAway = (error: unknown): boolean => !(error instanceof Problem) || error.status === AWAY;

/** For what may be asked again and again, being done once: asked by itself until the server is there. */
export const untilThere = (count: number, error: Error): boolean =>
  isAway(error) && count < MOST_TRIES;
