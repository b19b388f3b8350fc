import { healthOf, type HealthNote } from '@gleddo/core';
import { splitArguments } from './arguments.js';
import { InputFaults, WrongUsage } from './faults.js';
import type { Command } from './command.js';
import { filesIn, readBookFile } from './read-input.js';

interface Looked {
  readonly file: string;
  readonly notes: readonly HealthNote[];
}

/** `gleddo health`: what can be said of books without a key. A file that can't be read is said and passed over. */
export const healthCommand: Command = async (args, out, err) => {
  const { values, positionals } = splitArguments(args, { json: { type: 'boolean' } });
  if (positionals.length === 0) throw new WrongUsage('name a book');
  const looked: Looked[] = [];
  let faulty = false;
  for (const file of await filesIn(positionals)) {
    try {
      looked.push({ file, notes: healthOf(await readBookFile(file)) });
    } catch (error) {
      if (!(error instanceof InputFaults)) throw error;
      faulty = true;
      for (const line of error.lines) err.write(`${line}\n`);
    }
  }
  out.write(values.json ? `${JSON.stringify(looked, null, 2)}\n` : looked.map(report).join(''));
  return faulty ? 1 : 0;
};

function report({ file, notes }: Looked): string {
  if (notes.length === 0) return `${file}: nothing odd\n`;
  return `${file}:\n${notes.map(({ says }) => `  · ${says}\n`).join('')}`;
}
