/** The digits in which a number ends, and what stands before them; null where it ends in none. */
export function numberEnd(
  number: string,
): { readonly prefix: string; readonly digits: string } | null {
  const found = /(?<!\d)\d+$/.exec(number);
  return found ? { prefix: number.slice(0, found.index), digits: found[0] } : null;
}
