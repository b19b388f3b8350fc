import jsep, { type Expression as Parsed } from 'jsep';
import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';

/** A formula as it was read: nothing but numbers, texts, names, operators and calls of named functions. */
export type Expression =
  | { readonly kind: 'literal'; readonly value: number | string | boolean; readonly raw: string }
  | { readonly kind: 'name'; readonly name: string }
  | { readonly kind: 'unary'; readonly operator: string; readonly of: Expression }
  | {
      readonly kind: 'binary';
      readonly operator: string;
      readonly left: Expression;
      readonly right: Expression;
    }
  | { readonly kind: 'call'; readonly name: string; readonly args: readonly Expression[] };

const LONGEST_EXPRESSION = 500;
const DEEPEST = 40;
/** Plain decimals: no exponents, whose exact sums would have a million digits. */
const PLAIN = /^\d{1,15}(\.\d{1,10})?$/;
const UNARY = new Set(['-', '+', '!']);
const BINARY = new Set(['+', '-', '*', '/', '<', '>', '<=', '>=', '==', '!=', '&&', '||']);

const unreadable = refusal(
  'expression.unreadable',
  (f: { text: string }) =>
    `“${f.text}” is not a formula that can be read. Write it of numbers, names and + - * /, such as fleet * 0.25.`,
);

class Odd extends Error {}

function literal({ value, raw }: { value: unknown; raw: string }): Expression {
  const isPlain = typeof value === 'number' ? PLAIN.test(raw) : typeof value === 'string';
  if (!isPlain && typeof value !== 'boolean') throw new Odd();
  return { kind: 'literal', value: value as number | string | boolean, raw };
}

function described(node: Parsed, depth = 0): Expression {
  if (depth > DEEPEST) throw new Odd();
  const of = (each: unknown) => described(each as Parsed, depth + 1);
  switch (node.type) {
    case 'Literal':
      return literal(node as unknown as { value: unknown; raw: string });
    case 'Identifier':
      return { kind: 'name', name: String(node.name) };
    case 'UnaryExpression':
      if (!UNARY.has(String(node.operator))) throw new Odd();
      return { kind: 'unary', operator: String(node.operator), of: of(node.argument) };
    case 'BinaryExpression':
      if (!BINARY.has(String(node.operator))) throw new Odd();
      return {
        kind: 'binary',
        operator: String(node.operator),
        left: of(node.left),
        right: of(node.right),
      };
    case 'CallExpression': {
      const { callee, arguments: args } = node as unknown as {
        callee: Parsed;
        arguments: Parsed[];
      };
      if (callee.type !== 'Identifier') throw new Odd();
      return { kind: 'call', name: String(callee.name), args: args.map(of) };
    }
    default:
      throw new Odd();
  }
}

const known = new Map<string, Result<Expression>>();
const MOST_KNOWN = 2_000;

/** Reads a formula; refused where it is none, or reaches for anything but names and functions. */
export function readExpression(text: string): Result<Expression> {
  const before = known.get(text);
  if (before) return before;
  if (known.size > MOST_KNOWN) known.clear();
  const read = parsed(text);
  known.set(text, read);
  return read;
}

function parsed(text: string): Result<Expression> {
  const odd = refused(unreadable({ text: text.slice(0, 60) }));
  if (text.length > LONGEST_EXPRESSION) return odd;
  try {
    return done(described(jsep(text)));
  } catch {
    return odd;
  }
}
