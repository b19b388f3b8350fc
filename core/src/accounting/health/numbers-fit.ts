import { bandNameAt, bandOfType, inBand } from '../../model/numbering/number-plan.js';
import type { HealthCheck } from './health-check.js';

type Found = { readonly name: string; readonly number: string; readonly kept: string | null };

export const numbersFit: HealthCheck<Found> = {
  id: 'health.numbers-fit',
  title: 'Numbers agree with sections',
  tellsBands: true,
  find({ book: { numberPlan, scheme, accounts } }) {
    if (!numberPlan) return [];
    return accounts.flatMap(({ id, name, number, type, retired }) => {
      const band = bandOfType(numberPlan, scheme, type);
      if (number === null || !band || retired || inBand(band, number)) return [];
      return [
        { account: id, facts: { name, number, kept: bandNameAt(numberPlan, scheme, number) } },
      ];
    });
  },
  says: ({ name, number, kept }) =>
    kept === null
      ? `${number}, the number of “${name}”, is in no band of the number plan.`
      : `${number}, the number of “${name}”, is one for ${kept}. Renumber it, or move it there.`,
};
