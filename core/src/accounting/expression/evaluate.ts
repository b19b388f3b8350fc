import { Big } from 'big.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import { readExpression, type Expression } from './expression.js';

/** What a formula is worth: an exact decimal (amounts in major units), a text or yes or no. */
export type Value = Big | string | boolean;

/** All that a formula can reach. Null where there is no such name or function, or where it takes other things. */
export interface Scope {
  name(name: string): Value | null;
  call(name: string, args: readonly Value[]): Value | null;
}

const unknown = refusal(
  'expression.unknown',
  (f: { name: string }) =>
    `The formula names “${f.name}”, and nothing here is called so. Choose one of the names that are offered.`,
);
const wrong = refusal(
  'expression.wrong',
  (f: { operator: string }) =>
    `The formula can’t be reckoned at “${f.operator}”: that takes numbers, and nothing is divided by zero.`,
);

class Unworthy extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.says);
  }
}

const LARGEST = new Big('1e15');

const bounded = (value: Big, operator: string): Big => {
  if (value.abs().gt(LARGEST)) throw new Unworthy(wrong({ operator }));
  return value;
};

function number(value: Value, operator: string): Big {
  if (value instanceof Big) return value;
  throw new Unworthy(wrong({ operator }));
}

const yes = (value: Value, operator: string): boolean => {
  if (typeof value === 'boolean') return value;
  throw new Unworthy(wrong({ operator }));
};

const isSame = (a: Value, b: Value): boolean =>
  a instanceof Big && b instanceof Big ? a.eq(b) : a === b;

function ordered(a: Value, b: Value, operator: string): number {
  if (typeof a === 'string' && typeof b === 'string') return a < b ? -1 : a > b ? 1 : 0;
  return number(a, operator).cmp(number(b, operator));
}

const COMPARES: Readonly<Record<string, (order: number) => boolean>> = {
  '<': (order) => order < 0,
  '>': (order) => order > 0,
  '<=': (order) => order <= 0,
  '>=': (order) => order >= 0,
};

function binary(operator: string, left: Value, right: Value): Value {
  if (operator === '==') return isSame(left, right);
  if (operator === '!=') return !isSame(left, right);
  if (operator === '&&') return yes(left, operator) && yes(right, operator);
  if (operator === '||') return yes(left, operator) || yes(right, operator);
  const compares = COMPARES[operator];
  if (compares) return compares(ordered(left, right, operator));
  const [a, b] = [number(left, operator), number(right, operator)];
  if (operator === '+') return bounded(a.plus(b), operator);
  if (operator === '-') return bounded(a.minus(b), operator);
  if (operator === '*') return bounded(a.times(b), operator);
  if (b.eq(0)) throw new Unworthy(wrong({ operator }));
  return bounded(a.div(b), operator);
}

/** Functions of numbers alone, which every formula has. */
const OF_NUMBERS: Readonly<Record<string, (...args: Big[]) => Big | null>> = {
  round: (value, step = new Big(1)) =>
    value && step.gt(0) ? value.div(step).round(0, Big.roundHalfUp).times(step) : null,
  min: (...args) => (args.length > 0 ? args.reduce((a, b) => (b.lt(a) ? b : a)) : null),
  max: (...args) => (args.length > 0 ? args.reduce((a, b) => (b.gt(a) ? b : a)) : null),
  abs: (value) => value?.abs() ?? null,
};

function worth(node: Expression, scope: Scope): Value {
  switch (node.kind) {
    case 'literal':
      return typeof node.value === 'number' ? new Big(node.raw) : node.value;
    case 'name': {
      const value = scope.name(node.name);
      if (value === null) throw new Unworthy(unknown({ name: node.name }));
      return value;
    }
    case 'unary': {
      const of = worth(node.of, scope);
      if (node.operator === '!') return !yes(of, '!');
      const value = number(of, node.operator);
      return node.operator === '-' ? value.neg() : value;
    }
    case 'binary':
      return binary(node.operator, worth(node.left, scope), worth(node.right, scope));
    case 'call': {
      const args = node.args.map((each) => worth(each, scope));
      const value = called(node.name, args, scope);
      if (value === null) throw new Unworthy(unknown({ name: `${node.name}(…)` }));
      return value;
    }
  }
}

function called(name: string, args: readonly Value[], scope: Scope): Value | null {
  const plain = Object.hasOwn(OF_NUMBERS, name) ? OF_NUMBERS[name] : undefined;
  if (!plain) return scope.call(name, args);
  return plain(...args.map((each) => number(each, name)));
}

/** What a formula is worth where these names are known; refused where it can't be reckoned. */
export function evaluate(text: string, scope: Scope): Result<Value> {
  const read = readExpression(text);
  if (!read.ok) return read;
  try {
    return done(worth(read.value, scope));
  } catch (thrown) {
    if (thrown instanceof Unworthy) return refused(thrown.refusal);
    return refused(wrong({ operator: text.slice(0, 60) }));
  }
}
