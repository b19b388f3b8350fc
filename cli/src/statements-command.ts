import {
  accountLabel,
  balanceSheet,
  formatAmount,
  LEVELS,
  writingOf,
  profitAndLoss,
  profitOnSheet,
  profitRows,
  resultName,
  statementName,
  statementsToJson,
  usualPeriod,
  type Amount,
  type Book,
  type Level,
  type Period,
  type SectionFigures,
} from '@gleddo/core';
import { dayOption, splitArguments } from './arguments.js';
import { WrongUsage } from './faults.js';
import type { Command } from './command.js';
import { readBookFile } from './read-input.js';

const OPTIONS = {
  at: { type: 'string' },
  from: { type: 'string' },
  level: { type: 'string' },
  json: { type: 'boolean' },
} as const;

/** `gleddo statements`: the statements of a book, as a document or as a page of text. */
export const statementsCommand: Command = async (args, out) => {
  const { values, positionals } = splitArguments(args, OPTIONS);
  const [file] = positionals;
  if (file === undefined || positionals.length > 1) throw new WrongUsage('name one book');
  const level = LEVELS.find((each) => each === (values.level ?? 'account'));
  if (!level) throw new WrongUsage(`--level is one of ${LEVELS.join(', ')}`);
  const at = dayOption('at', values.at);
  const from = dayOption('from', values.from);
  const book = await readBookFile(file);
  const period = usualPeriod(book, at, from);
  if (period.from > period.to) throw new WrongUsage('--from lies after --at');
  if (values.json) out.write(`${JSON.stringify(statementsToJson(book, period, level), null, 2)}\n`);
  else out.write(page(book, period, level));
  return 0;
};

function page(book: Book, period: Period, level: Level): string {
  const writing = writingOf(book.company);
  const row = (label: string, amount: Amount) =>
    `${label.slice(0, 50).padEnd(52)}${formatAmount(amount, writing).padStart(18)}\n`;
  const sections = (list: readonly SectionFigures[]) =>
    list
      .filter((section) => section.lines.length > 0 || section.total !== 0)
      .map(
        ({ name, total, lines }) =>
          row(name, total) +
          lines.map((l) => row(`  ${accountLabel(l.account)}`, l.amount)).join(''),
      )
      .join('');
  const sheet = balanceSheet(book, period.to, level);
  const profit = profitAndLoss(book, period, level);
  const onSheet = profitOnSheet(book, period);
  const { assets, liabilities, equity } = sheet.totals;
  const placed = sheet.notPlaced ? [...sheet.sections, sheet.notPlaced] : sheet.sections;
  return [
    `${book.company.name}\n\n${statementName(book.scheme, 'balance-sheet')} as at ${sheet.at}\n${sections(placed)}`,
    ...profitRows(book.scheme, { onSheet, profit }).map(({ name, amount }) =>
      row(`  ${name}`, amount),
    ),
    row('Total assets', assets) + row('Total liabilities', liabilities),
    row('Total equity', equity),
    `\n${statementName(book.scheme, 'profit-and-loss')}, ${profit.from} to ${profit.to}\n${sections(profit.sections)}`,
    row(resultName(book.scheme, profit.totals.profit), profit.totals.profit),
  ].join('');
}
