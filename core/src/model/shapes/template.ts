import { id } from './account.js';
import { entryShape } from './entry.js';
import { record } from '../shape/record.js';
import { text } from '../shape/shape.js';

/** An entry kept under a name, to begin others from; its day and its amounts are only a beginning. */
export const templateShape = record({ id, name: text(120), entry: entryShape });
