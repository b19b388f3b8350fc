import * as z from 'zod/mini';
import { alternativesOf } from '../shape/either.js';
import { bookFile } from '../shapes/book-file.js';
import { wholeExercise } from './exercise-file.js';
import { wholeKey } from './key-file.js';

const USUAL_DIGITS = 2;

function schemaOf(shape: z.ZodMiniType): Record<string, unknown> {
  return z.toJSONSchema(shape, {
    io: 'input',
    override: ({ zodSchema, jsonSchema }) => {
      const among = alternativesOf(zodSchema);
      if (among) Object.assign(jsonSchema, { anyOf: among.map((each) => inner(each)) });
    },
  });
}

function inner(shape: z.ZodMiniType): Record<string, unknown> {
  const { $schema: _, ...rest } = schemaOf(shape);
  return rest;
}

/** The JSON Schema of each format, by the name of its file in docs/formats. */
export const jsonSchemas = (): Readonly<Record<string, object>> => ({
  'book.schema.json': { title: 'A book of Gleddo', ...schemaOf(bookFile(USUAL_DIGITS)) },
  'exercise.schema.json': {
    title: 'An exercise of Gleddo',
    ...schemaOf(wholeExercise(USUAL_DIGITS)),
  },
  'key.schema.json': { title: 'An answer key of Gleddo', ...schemaOf(wholeKey(USUAL_DIGITS)) },
});
