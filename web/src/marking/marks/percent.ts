/** A share as people say it. */
export const percentOf = (share: number): string => `${Math.round(100 * share)}%`;
