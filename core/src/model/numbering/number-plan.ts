import { sectionById, typeOf, type Scheme } from '../scheme/scheme.js';
import type { Band, NumberPlan } from '../shapes/number-plan.js';
import { compareNumbers, numberKey } from '../shapes/account-number.js';

export type { Band, NumberPlan } from '../shapes/number-plan.js';

/** The narrowest band for a type: the type's own, else its section's; null when the plan has none. */
export function bandOfType(plan: NumberPlan, scheme: Scheme, typeId: string | null): Band | null {
  const type = typeOf(scheme, typeId);
  if (!type) return null;
  return plan.bands.find((band) => band.type === type.id) ?? bandOfSection(plan, type.section);
}

export const bandOfSection = (plan: NumberPlan, section: string): Band | null =>
  plan.bands.find((band) => band.section === section && band.type === undefined) ?? null;

/** The bands inside a section's band that are kept for single types; what else comes there leaves them free. */
export function keptWithin(plan: NumberPlan, scheme: Scheme, band: Band): Band[] {
  if (band.type !== undefined) return [];
  return plan.bands.filter((each) => typeOf(scheme, each.type ?? null)?.section === band.section);
}

/** Whether a number lies in a band; a suffix after the band's last number still belongs to it. */
export function inBand(band: Band, number: string): boolean {
  if (compareNumbers(number, band.from) < 0) return false;
  if (compareNumbers(number, band.to) <= 0) return true;
  const key = numberKey(number);
  const last = numberKey(band.to);
  return key.startsWith(last) && /^[ \-./]/.test(key.slice(last.length));
}

/** The name of the section or type whose band holds the number; null outside every band. */
export function bandNameAt(plan: NumberPlan, scheme: Scheme, number: string): string | null {
  const band = plan.bands.find((each) => inBand(each, number));
  if (!band) return null;
  return (
    typeOf(scheme, band.type ?? null)?.name ?? sectionById(scheme, band.section ?? '')?.name ?? null
  );
}
