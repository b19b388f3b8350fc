import { Big } from 'big.js';
import { evaluate, majorOf, type Scope } from '../../accounting/expression/index.js';
import { LARGEST_AMOUNT, type Amount } from '../../model/money/amount.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import type { Drawn } from './own-draw.js';
import type { OwnFigures } from '../../model/exercise-shapes/own-figures.js';

const noAmount = refusal(
  'figures.no-amount',
  (f: { says: string; at: string }) =>
    `“${f.says}” gives no amount over zero at ${f.at}. Change the formula, or the range of its quantities.`,
);
const noDays = refusal(
  'figures.no-days',
  (f: { says: string; at: string }) =>
    `“${f.says}” gives no whole number of days from −366 to 366 at ${f.at}. Change the formula.`,
);

interface Reckoning {
  /** Decimals of the currency. */
  readonly digits: number;
  /** Amounts without a formula, each drawn for itself; absent: they stay, or follow the formula for all. */
  readonly drawn?: Drawn | null;
}

/** Reckons the amounts of one seed; what can’t be reckoned stays as it was made and is told. */
export class Reckoner {
  readonly faults: Refusal[] = [];
  readonly digits: number;
  private readonly drawn: Drawn | null;
  private readonly formulas: ReadonlyMap<string, string>;

  constructor(
    private readonly figures: OwnFigures,
    private readonly quantities: ReadonlyMap<string, Big>,
    { digits, drawn = null }: Reckoning,
  ) {
    this.digits = digits;
    this.drawn = drawn;
    this.formulas = new Map(figures.formulas?.map(({ at, says }) => [at, says]));
  }

  hasOwn(at: string): boolean {
    return this.formulas.has(at);
  }

  private scope(usual: Big): Scope {
    return {
      name: (name) => (name === 'usual' ? usual : (this.quantities.get(name) ?? null)),
      call: () => null,
    };
  }

  /** The amount at a place: over zero, in units of which `digits` decimals make one. */
  amount(at: string, usual: Amount, digits = this.digits): Amount {
    if (usual === 0) return 0;
    const own = this.formulas.get(at);
    const drawn = own === undefined ? (this.drawn?.(at, usual) ?? null) : null;
    if (drawn !== null) return drawn;
    const says = own ?? this.figures.everywhere;
    if (says === undefined) return usual;
    const worth = evaluate(says, this.scope(majorOf(usual, digits)));
    if (!worth.ok) return this.described(usual, ...worth.refusals.map((each) => ({ ...each, at })));
    const unit = new Big(10).pow(digits);
    const step = this.hasOwn(at) || digits !== this.digits ? 1 : (this.figures.roundTo ?? 1);
    const minor =
      worth.value instanceof Big
        ? worth.value.times(unit).div(step).round(0, Big.roundHalfUp).times(step)
        : null;
    if (minor === null || minor.lte(0) || minor.gt(LARGEST_AMOUNT))
      return this.described(usual, noAmount({ says, at }, at));
    return Number(minor);
  }

  /** By how many days a date is later than as it was made. */
  days(at: string): number {
    const says = this.formulas.get(at);
    if (says === undefined) return 0;
    const worth = evaluate(says, this.scope(new Big(0)));
    const days = worth.ok && worth.value instanceof Big ? Number(worth.value) : NaN;
    if (Number.isInteger(days) && Math.abs(days) <= 366) return days;
    return this.described(0, ...(worth.ok ? [noDays({ says, at }, at)] : worth.refusals));
  }

  private described<T>(usual: T, ...faults: Refusal[]): T {
    this.faults.push(...faults);
    return usual;
  }
}
