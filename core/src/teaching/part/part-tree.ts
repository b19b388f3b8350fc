/** A value as JSON has it. */
export type Json = unknown;

/** How people call what an id names: an account, an entry. */
export type Named = (id: string) => string;

/** What a part is called, from its name and itself. */
type Says = (part: { readonly name: string; readonly json: Json; readonly named: Named }) => string;

/** How a document falls into parts: each is changed by itself, and says what it is. */
export type PartTree =
  /** One value, whatever it holds. */
  | { readonly kind: 'value'; readonly says: string }
  /** A part for each name. */
  | { readonly kind: 'record'; readonly says: Says }
  /** A part for each, by a field of it; where their order says something, that is a part, too. */
  | {
      readonly kind: 'list';
      readonly by: string;
      readonly says: Says;
      readonly order: string | null;
    }
  | { readonly kind: 'group'; readonly of: Readonly<Record<string, PartTree>> };

export const value = (says: string): PartTree => ({ kind: 'value', says });
export const record = (says: Says): PartTree => ({ kind: 'record', says });
export const group = (of: Readonly<Record<string, PartTree>>): PartTree => ({ kind: 'group', of });
/** Elements by a field, in an order of which people speak as `order`. */
export const listBy = (by: string, says: Says, order: string): PartTree => ({
  ...{ kind: 'list', by, says, order },
});
/** Elements by a field, whatever their order. */
export const setBy = (by: string, says: Says): PartTree => ({
  ...{ kind: 'list', by, says, order: null },
});

/** Where a part stands: names from the outside in, as a JSON Pointer (RFC 6901). */
export type PartPlace = string;

const escaped = (name: string): string => name.replaceAll('~', '~0').replaceAll('/', '~1');
const plain = (name: string): string => name.replaceAll('~1', '/').replaceAll('~0', '~');

const placeIn = (outer: PartPlace, name: string): PartPlace => `${outer}/${escaped(name)}`;
const namesIn = (place: PartPlace): readonly string[] => place.split('/').slice(1).map(plain);

/** Where the order of a list stands: it ends as no name does. */
const ORDER = '/';
export const isOrder = (place: PartPlace): boolean => place.endsWith(ORDER);

type Fields = Readonly<Record<string, Json>>;

const fieldsOf = (json: Json): Fields =>
  typeof json === 'object' && json !== null && !Array.isArray(json) ? (json as Fields) : {};

const elementsOf = (json: Json): readonly Fields[] =>
  Array.isArray(json) ? json.map(fieldsOf) : [];

const nameBy = (element: Fields, by: string): string => {
  const name = element[by];
  return typeof name === 'string' ? name : '';
};

/** Where two have one name, the second is called by it and its turn: none is lost. */
function eachOwn(names: readonly string[]): string[] {
  const turns = new Map<string, number>();
  return names.map((name) => {
    const turn = (turns.get(name) ?? 0) + 1;
    turns.set(name, turn);
    return turn === 1 ? name : `${name} #${turn}`;
  });
}

/** A document’s parts, by their places; what is not said is no part. */
export function partsOf(tree: PartTree, json: Json, at: PartPlace = ''): Map<PartPlace, Json> {
  if (json === undefined) return new Map();
  if (tree.kind === 'value') return new Map([[at, json]]);
  if (tree.kind === 'record')
    return new Map(Object.entries(fieldsOf(json)).map(([name, each]) => [placeIn(at, name), each]));
  if (tree.kind === 'group')
    return new Map(
      Object.entries(tree.of).flatMap(([name, of]) => [
        ...partsOf(of, fieldsOf(json)[name], placeIn(at, name)),
      ]),
    );
  const elements = elementsOf(json);
  const names = eachOwn(elements.map((element) => nameBy(element, tree.by)));
  const parts = elements.map((element, i) => [placeIn(at, names[i] ?? ''), element] as const);
  return new Map<PartPlace, Json>(
    tree.order !== null && names.length > 0 ? [...parts, [at + ORDER, names]] : parts,
  );
}

/** The parts as the document that they make; what has no part is left out. */
export function fromParts(
  tree: PartTree,
  parts: ReadonlyMap<PartPlace, Json>,
  at: PartPlace = '',
): Json {
  if (tree.kind === 'value') return parts.get(at);
  if (tree.kind === 'group') {
    const fields = Object.entries(tree.of).flatMap(([name, of]) => {
      const made = fromParts(of, parts, placeIn(at, name));
      return made === undefined ? [] : [[name, made] as const];
    });
    return fields.length === 0 ? undefined : Object.fromEntries(fields);
  }
  const inside = within(parts, at);
  if (inside.length === 0) return undefined;
  if (tree.kind === 'record') return Object.fromEntries(inside);
  const order = (parts.get(at + ORDER) ?? []) as readonly string[];
  const rank = new Map(order.map((name, i) => [name, i]));
  const rankOf = (name: string) => rank.get(name) ?? order.length;
  return inside
    .map(([name, element], i) => ({ name, element, i }))
    .sort((a, b) => rankOf(a.name) - rankOf(b.name) || a.i - b.i)
    .map(({ element }) => element);
}

/** The parts that stand right under a place, by name. */
const within = (parts: ReadonlyMap<PartPlace, Json>, at: PartPlace): [string, Json][] =>
  [...parts].flatMap(([place, json]) => {
    if (!place.startsWith(`${at}/`) || isOrder(place)) return [];
    const rest = place.slice(at.length + 1);
    return rest.includes('/') ? [] : [[plain(rest), json] as [string, Json]];
  });

/** Whether a part can stand there. */
export function isPlace(tree: PartTree, at: PartPlace): boolean {
  const [name, ...rest] = namesIn(at);
  if (tree.kind === 'value') return at === '';
  if (tree.kind === 'group') {
    const inner = Object.hasOwn(tree.of, name ?? '') ? tree.of[name ?? ''] : undefined;
    return inner !== undefined && isPlace(inner, at.slice(placeIn('', name ?? '').length));
  }
  if (at === ORDER) return tree.kind === 'list' && tree.order !== null;
  return name !== undefined && rest.length === 0;
}

/** What a part is called: `the step “Opening”`; empty where no part can stand there. */
export function partSays(
  tree: PartTree,
  { at, json, named }: { readonly at: PartPlace; readonly json: Json; readonly named: Named },
): string {
  const [name = '', ...rest] = namesIn(at);
  if (tree.kind === 'value') return tree.says;
  if (tree.kind !== 'group') {
    if (tree.kind === 'list' && isOrder(at)) return tree.order ?? '';
    return tree.says({ name, json, named });
  }
  const inner = Object.hasOwn(tree.of, name) ? tree.of[name] : undefined;
  const under = rest.reduce(placeIn, '');
  return inner ? partSays(inner, { at: under, json, named }) : '';
}
