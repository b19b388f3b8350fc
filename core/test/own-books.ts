import type { Book } from '../src/index.js';
import { juniperLane, pollardRow, ternIsland } from '../src/demo/index.js';

/** The companies of the demo, by name. */
export const junipersBooks = (): [string, Book][] =>
  [ternIsland(), pollardRow(), juniperLane()].map((book) => [book.company.name, book]);
