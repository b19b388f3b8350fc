import * as z from 'zod/mini';
import { bookFile } from '../shapes/book-file.js';
import { keyRulesFile } from './key-rules.js';

export const KEY_FORMAT = 'gleddo-key';

const format = { format: z.literal(KEY_FORMAT), version: z.literal(1) };

/** The document of a key; its book is judged by itself, since it comes with its currency. */
export const keyFile = z.extend(keyRulesFile, { ...format, book: z.unknown() });

/** The same with its book, for the JSON Schema. */
export const wholeKey = (digits: number): z.ZodMiniType =>
  z.strictObject({ ...format, book: bookFile(digits), ...keyRulesFile.shape });
