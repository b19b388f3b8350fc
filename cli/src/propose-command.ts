import { readFile } from 'node:fs/promises';
import {
  formatAmount,
  LONGEST_PROBLEM,
  proposalToJson,
  propose,
  type Proposal,
  PLAIN_WRITING,
} from '@gleddo/core';
import { splitArguments } from './arguments.js';
import type { Command } from './command.js';
import { InputFaults, WrongUsage } from './faults.js';
import { readBookFile } from './read-input.js';

const OPTIONS = { book: { type: 'string' }, json: { type: 'boolean' } } as const;

/** A problem’s text as it lies in a file: UTF-8. */
async function textIn(file: string): Promise<string> {
  const bytes = await readFile(file).catch(() => {
    throw new InputFaults([`${file}: file: It can’t be read. Is its name right?`]);
  });
  const text = bytes.toString('utf8').replace(/^\uFEFF/, '');
  if (text.length > LONGEST_PROBLEM)
    throw new InputFaults([
      `${file}: file: It is longer than a problem can be (${LONGEST_PROBLEM} characters). Cut it in parts.`,
    ]);
  return text;
}

/** `gleddo propose`: from a problem’s text to a book, sentence by sentence. */
export const proposeCommand: Command = async (args, out) => {
  const { values, positionals } = splitArguments(args, OPTIONS);
  const [file] = positionals;
  if (file === undefined) throw new WrongUsage('name a problem’s text');
  const text = await textIn(file);
  const book = values.book === undefined ? undefined : await readBookFile(values.book);
  if (text.trim() === '') throw new InputFaults([`${file}: file: It is empty.`]);
  const proposal = propose(text, { book, year: new Date().getFullYear() });
  if (values.json) out.write(`${JSON.stringify(proposalToJson(proposal, book), null, 2)}\n`);
  else out.write(report(proposal));
  return 0;
};

function report({ sentences }: Proposal): string {
  const writing = { ...PLAIN_WRITING, digits: 2 };
  const lines = sentences.flatMap(({ text, why, entries }) => [
    text,
    ...(why === null ? [] : [`  not understood: ${why}`]),
    ...entries.flatMap(({ date, lines: own }) => [
      `  ${date}`,
      ...own.map(({ account: { name, type }, amount }) => {
        const side = amount >= 0 ? 'debit' : 'credit';
        return `    ${side.padEnd(6)}  ${formatAmount(Math.abs(amount), writing).padStart(12)}  ${name} (${type})`;
      }),
    ]),
  ]);
  const understood = sentences.filter(({ why }) => why === null).length;
  return `${[...lines, `${understood} of ${sentences.length} understood`].join('\n')}\n`;
}
