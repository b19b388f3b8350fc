import type { Refusal } from '@gleddo/core';

/** The command line was not understood: exit status 2. */
export class WrongUsage extends Error {}

/** A file has faults: exit status 1, one line a fault: file, where, what. */
export class InputFaults extends Error {
  constructor(readonly lines: readonly string[]) {
    super(lines.join('\n'));
  }
}

export const faultLine = (file: string, fault: Refusal): string =>
  `${file}: ${fault.at === '' ? 'file' : fault.at}: ${fault.says}`;

export const faultsIn = (file: string, faults: readonly Refusal[]): InputFaults =>
  new InputFaults(faults.map((fault) => faultLine(file, fault)));
