/** The chart of accounts; the number plan; the list of accounts to set up, with their opening balances. */
export const HANDOUT_KINDS = ['chart', 'plan', 'list'] as const;
export type HandoutKind = (typeof HANDOUT_KINDS)[number];

export interface HandoutWanted {
  readonly kind: HandoutKind;
  /** With numbers, types and sides; for the number plan, with the accounts that have its numbers. */
  readonly answers: boolean;
  /** In the order of the numbers (of the chart, where there are none) or of the alphabet. */
  readonly order: 'number' | 'name';
}

export interface HandoutColumn {
  readonly name: string;
  /** Figures stand at the right. */
  readonly isFigure: boolean;
  /** How wide the column is beside the others. */
  readonly share: number;
}

export interface HandoutRow {
  readonly kind: 'heading' | 'row';
  readonly depth: number;
  /** As many as there are columns; a heading has its words in the first. */
  readonly cells: readonly string[];
}

/** A sheet to hand out: what is printed, and what goes into a PDF, a workbook or a table alike. */
export interface Handout {
  readonly title: string;
  readonly company: string;
  readonly subtitle: string;
  readonly columns: readonly HandoutColumn[];
  readonly rows: readonly HandoutRow[];
}
