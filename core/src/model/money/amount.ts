/**
 * An amount in the currency's minor unit (cents, pence, yen): always an integer, debit positive where
 * it is a balance. Never a floating-point fraction.
 */
export type Amount = number;

/** The largest amount that may be entered: sums of any realistic book stay exact in a double. */
export const LARGEST_AMOUNT: Amount = 10_000_000_000_000;

/** Currencies whose minor unit is not a hundredth. Source: ISO 4217, column "minor unit". */
const MINOR_DIGITS: Readonly<Record<string, number>> = {
  ...Object.fromEntries(
    'BIF CLP DJF GNF ISK JPY KMF KRW PYG RWF UGX UYI VND VUV XAF XOF XPF'
      .split(' ')
      .map((code) => [code, 0]),
  ),
  ...Object.fromEntries('BHD IQD JOD KWD LYD OMR TND'.split(' ').map((code) => [code, 3])),
};

/** Decimal places of a currency's minor unit: 2 unless ISO 4217 says otherwise. */
export const minorDigits = (currency: string): number => MINOR_DIGITS[currency] ?? 2;

export const sum = (amounts: Iterable<Amount>): Amount => {
  let total = 0;
  for (const amount of amounts) total += amount;
  return total;
};
