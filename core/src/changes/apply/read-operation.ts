import * as z from 'zod/mini';
import { shippedPlan } from '../../model/numbering/shipped-plans.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import { shippedScheme } from '../../model/scheme/index.js';
import { join, jsonUnknownKey, jsonWrongKind } from '../../model/shape/explain.js';
import { OPERATIONS } from '../../model/shapes/operation.js';
import { fitting } from '../../model/shape/shape.js';
import type { Operation } from '../../model/shapes/operation.js';

/** The most changes in one request, however they are nested. */
const MOST_OPERATIONS = 500;
/** The most changes, each whole by itself, that one request brings. */
export const MOST_CHANGES = 100;
const DEEPEST_NESTING = 4;

export const tooManyOperations = refusal(
  'operation.too-many',
  () => `At most ${MOST_OPERATIONS} changes can be made in one step. Make them in several.`,
);

type Kinds = Readonly<Record<string, z.ZodMiniType<Operation>>>;

/** The shape of each kind of operation as it crosses the wire, its kind included. */
const SHAPES = Object.fromEntries(
  Object.entries(OPERATIONS).map(([kind, { value }]) => [
    kind,
    z.extend(value as unknown as z.ZodMiniObject, { kind: z.literal(kind) }),
  ]),
) as unknown as Kinds;

const kindOf = (value: unknown): string =>
  typeof value === 'object' && value !== null && 'kind' in value ? String(value.kind) : '';

const within = (value: unknown): readonly unknown[] => {
  const list = (value as { operations?: unknown }).operations;
  return Array.isArray(list) ? list : [];
};

/** How many changes are asked for, counted no further than is needed to say that they are too many. */
function countOf(values: readonly unknown[], depth = 0): number {
  let count = 0;
  for (const value of values) {
    const isNested = kindOf(value) === 'several' && depth < DEEPEST_NESTING;
    count += isNested ? Math.max(1, countOf(within(value), depth + 1)) : 1;
    if (count > MOST_OPERATIONS) return count;
  }
  return count;
}

/** A scheme or a number plan that comes with the program may be named by its id. */
function withShipped(value: unknown): unknown {
  const { scheme, numberPlan } = value as { scheme?: unknown; numberPlan?: unknown };
  if (typeof scheme === 'string')
    return { ...(value as object), scheme: shippedScheme(scheme) ?? scheme };
  if (typeof numberPlan === 'string')
    return { ...(value as object), numberPlan: shippedPlan(numberPlan) ?? numberPlan };
  return value;
}

/** Gathers operations read and what is wrong with the others. */
class Reading {
  readonly faults: Refusal[] = [];

  take(value: unknown, path: string, depth: number): Operation {
    const kind = kindOf(value);
    const shape = Object.hasOwn(SHAPES, kind) ? SHAPES[kind] : undefined;
    if (kind === 'several' && depth < DEEPEST_NESTING) return this.several(value, path, depth);
    if (!shape) return this.unknown(kind, path);
    const read = fitting(shape, withShipped(value), path);
    if (read.ok) return read.value;
    this.faults.push(...read.refusals);
    return NOTHING;
  }

  private several(value: unknown, path: string, depth: number): Operation {
    const { operations } = value as { operations: unknown };
    const at = join(path, 'operations');
    for (const key of Object.keys(value as object))
      if (key !== 'kind' && key !== 'operations')
        this.faults.push(jsonUnknownKey({ key: key.slice(0, 80) }, join(path, key)));
    if (!Array.isArray(operations)) {
      this.faults.push(jsonWrongKind({ wanted: 'a list', found: typeof operations }, at));
      return NOTHING;
    }
    const read = operations.map((each, i) => this.take(each, join(at, i), depth + 1));
    return { kind: 'several', operations: read };
  }

  private unknown(kind: string, path: string): Operation {
    const wanted = 'an operation that is known';
    this.faults.push(jsonWrongKind({ wanted, found: `“${kind.slice(0, 40)}”` }, path));
    return NOTHING;
  }
}

const NOTHING: Operation = { kind: 'several', operations: [] };

/** Whether these are too many for one request, however they are nested. */
export const areTooMany = (values: readonly unknown[]): boolean =>
  countOf(values) > MOST_OPERATIONS;

/** Reads operations that came over the wire; refuses what is not one, with its path, and too many of them. */
export function readOperations(values: readonly unknown[]): Result<Operation[]> {
  if (areTooMany(values)) return refused(tooManyOperations({}));
  const reading = new Reading();
  const operations = values.map((value, i) => reading.take(value, `[${i}]`, 0));
  return reading.faults.length === 0 ? done(operations) : refused(...reading.faults);
}

/** Reads an operation of a book's own history, whatever its size: it was taken once. */
export function readHistoric(value: unknown): Result<Operation> {
  const reading = new Reading();
  const operation = reading.take(value, '', 0);
  return reading.faults.length === 0 ? done(operation) : refused(...reading.faults);
}
