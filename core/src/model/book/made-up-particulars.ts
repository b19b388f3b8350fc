import type { Company } from './book.js';
import { slugOf } from './new-book.js';

const STREETS = ['Sample Quay', 'Specimen Row', 'Pattern Street', 'Example Lane', 'Model Yard'];
const TOWNS = ['Exampleton', 'Samplebury', 'Patternford', 'Modelhaven'];

/** A number that is always the same for the same text. */
function numberOf(text: string): number {
  let sum = 7;
  for (const letter of text) sum = (sum * 31 + (letter.codePointAt(0) ?? 0)) % 1_000_003;
  return sum;
}

const at = (list: readonly string[], n: number): string => list[n % list.length] ?? '';

/**
 * Particulars for a practice company that can’t be anybody’s: an address in no town, a domain that is kept for
 * examples (RFC 2606), a number that says so. The same name always has the same ones.
 */
export function madeUpParticulars({
  name,
}: Pick<Company, 'name'>): Required<Pick<Company, 'address' | 'contact' | 'registration'>> {
  const n = numberOf(name);
  const digits = String(100_000 + (n % 900_000));
  return {
    address: `${(n % 89) + 3} ${at(STREETS, n)}, ${at(TOWNS, n >> 3)}`,
    contact: `office@${slugOf(name).slice(0, 40) || 'company'}.example`,
    registration: `Practice ${digits.slice(0, 3)} ${digits.slice(3)}`,
  };
}
