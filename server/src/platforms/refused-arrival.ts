import type { ArrivalRefusal } from '@gleddo/contract';

/** Somebody who comes from a platform is not let in: told on a page of ours. */
export class RefusedArrival extends Error {
  constructor(readonly why: ArrivalRefusal) {
    super(why);
  }
}
