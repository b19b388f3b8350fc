import { parseArgs, type ParseArgsConfig } from 'node:util';
import { isDay } from '@gleddo/core';
import { WrongUsage } from './faults.js';

/** Splits arguments into options and files; what is not known is wrong usage. */
export function splitArguments<T extends NonNullable<ParseArgsConfig['options']>>(
  args: readonly string[],
  options: T,
) {
  try {
    return parseArgs({ args: [...args], options, allowPositionals: true, strict: true });
  } catch (error) {
    throw new WrongUsage(error instanceof Error ? error.message : String(error));
  }
}

/** A day given as an option; null when it was not given. */
export function dayOption(name: string, value: string | undefined): string | null {
  if (value === undefined) return null;
  if (!isDay(value))
    throw new WrongUsage(`--${name} takes a day such as 2027-03-31, not “${value}”`);
  return value;
}
