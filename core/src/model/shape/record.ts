import * as z from 'zod/mini';
import { perDigits, UNFIT, type Shape, type ValueOf } from './shape.js';

type Fields = Readonly<Record<string, Shape<never> | Shape<unknown>>>;
type All<F> = { readonly [K in keyof F]: ValueOf<F[K]> };
/** A record's value: what may be left out is left out in memory, too. */
type Kept<F, M extends keyof F> = Omit<All<F>, M> & { readonly [K in M]?: ValueOf<F[K]> };

export interface RecordShape<F extends Fields, T> extends Shape<T> {
  readonly fields: F;
}

/** A thing with these fields and no others, in this order; `may` names those that may be left out altogether. */
export function record<const F extends Fields, M extends keyof F & string = never>(
  fields: F,
  ...may: readonly M[]
): RecordShape<F, [M] extends [never] ? All<F> : Kept<F, M>> {
  const each = Object.entries(fields) as [string, Shape<unknown>][];
  const isOptional = (name: string) => (may as readonly string[]).includes(name);
  const object = (which: (shape: Shape<unknown>) => z.ZodMiniType) =>
    z.strictObject(
      Object.fromEntries(
        each.map(([name, shape]) => [
          name,
          isOptional(name) ? z.optional(which(shape)) : which(shape),
        ]),
      ),
    );
  const shape: Shape<Record<string, unknown>> = {
    value: object((of) => of.value) as unknown as z.ZodMiniType<Record<string, unknown>>,
    file: perDigits((digits) => object((of) => of.file(digits))),
    read: quickReader(
      each.filter(([name]) => !isOptional(name)),
      new Map(each),
    ),
    write: (kept, digits) => written(each, kept, digits),
  };
  return { fields, ...shape } as unknown as ReturnType<typeof record<F, M>>;
}

/** Reads what stands there field by field onto a copy of the usual values. */
function quickReader(
  kept: readonly (readonly [string, Shape<unknown>])[],
  fields: ReadonlyMap<string, Shape<unknown>>,
): Shape<Record<string, unknown>>['read'] {
  const blank = Object.fromEntries(kept.map(([name, { usual }]) => [name, usual]));
  const needed = kept.filter(([, { usual }]) => usual === undefined).length;
  return (json, digits) => {
    if (typeof json !== 'object' || json === null || Array.isArray(json)) throw UNFIT;
    const value: Record<string, unknown> = { ...blank };
    let found = 0;
    for (const name in json) {
      const field = fields.get(name);
      const given = (json as Record<string, unknown>)[name];
      if (field === undefined) throw UNFIT;
      if (given === undefined) continue;
      if (field.usual === undefined && name in blank) found++;
      value[name] = field.read(given, digits);
    }
    if (found < needed) throw UNFIT;
    return value;
  };
}

function written(
  each: readonly (readonly [string, Shape<unknown>])[],
  kept: Readonly<Record<string, unknown>>,
  digits: number,
): Record<string, unknown> {
  const json: Record<string, unknown> = {};
  for (const [name, shape] of each) {
    const given = kept[name];
    const said = given === undefined ? undefined : shape.write(given, digits);
    if (said !== undefined) json[name] = said;
  }
  return json;
}

/** What a record holds where nothing is said, but for what must be said. */
export const blankOf = <F extends Fields>(fields: F): Partial<All<F>> =>
  Object.fromEntries(
    Object.entries(fields as Record<string, Shape<unknown>>)
      .filter(([, { usual }]) => usual !== undefined)
      .map(([name, { usual }]) => [name, usual]),
  ) as Partial<All<F>>;

/** Some of the fields of a record, as it declares them. */
export const picked = <F extends Fields, K extends keyof F>(
  fields: F,
  names: readonly K[],
): { readonly [N in K]: F[N] } =>
  Object.fromEntries(names.map((name) => [name, fields[name]])) as { readonly [N in K]: F[N] };
