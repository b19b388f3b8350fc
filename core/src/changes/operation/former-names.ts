import type { Operation } from '../../model/shapes/operation.js';

/**
 * The names that accounts once had, the latest first, under each account: told by what would undo the changes
 * of a book, latest first.
 */
export function formerNames(inverses: readonly Operation[]): Record<string, string[]> {
  const found = new Map<string, string[]>();
  const look = (operation: Operation): void => {
    if (operation.kind === 'several') operation.operations.forEach(look);
    if (operation.kind !== 'rename-account') return;
    const names = found.get(operation.id) ?? [];
    if (!names.includes(operation.name)) found.set(operation.id, [...names, operation.name]);
  };
  inverses.forEach(look);
  return Object.fromEntries(found);
}
