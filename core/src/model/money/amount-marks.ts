/** With which marks a place writes numbers. */
export interface AmountMarks {
  readonly decimal: '.' | ',';
  /** What stands between the groups of digits. */
  readonly group: string;
  /** Whether each group has three digits, or two before the last three (12,34,567). */
  readonly grouping: 'threes' | 'twos';
}

/** How amounts are written. */
export interface AmountWriting extends AmountMarks {
  /** Decimal places of the currency’s minor unit. */
  readonly digits: number;
}
