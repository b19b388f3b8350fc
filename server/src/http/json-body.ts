/** Brackets deeper than this are in nothing that anybody means. */
const DEEPEST = 32;
/** Values in one body: a book of the greatest size has some 300,000. */
const MOST_VALUES = 1_000_000;

/** What a body is refused for before it is looked into. */
export class BodyRefused extends Error {
  constructor(
    readonly statusCode: number,
    says: string,
  ) {
    super(says);
    this.name = 'BodyRefused';
  }
}

const QUOTE = 34;
const BACKSLASH = 92;
const COMMA = 44;
const LIST = 91;
const LIST_END = 93;
const OBJECT = 123;
const OBJECT_END = 125;

/** Refuses what is too deep or holds too many values, by a look at its brackets and commas. */
function judgeNesting(text: string): void {
  let depth = 0;
  let values = 1;
  let inText = false;
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    if (inText) {
      if (code === BACKSLASH) i++;
      else if (code === QUOTE) inText = false;
    } else if (code === QUOTE) inText = true;
    else if (code === COMMA) values++;
    else if (code === LIST || code === OBJECT) {
      if (++depth > DEEPEST) throw new BodyRefused(400, TOO_DEEP);
    } else if (code === LIST_END || code === OBJECT_END) depth--;
  }
  if (values > MOST_VALUES) throw new BodyRefused(413, TOO_MANY);
}

const TOO_DEEP =
  'What was sent is nested deeper than anything here can be. Send it without the outer brackets.';
const TOO_MANY = 'What was sent holds more values than can be taken at once. Send it in parts.';
const BROKEN = 'What was sent is not readable as JSON. Send it again.';
const NO_OBJECT = 'What was sent is not an object of fields and values. Send one.';

/** The object that a body's text tells; its size, depth and count are judged before it is parsed. */
export function parsedBody(text: string): object {
  if (text.trim() === '') return {};
  judgeNesting(text);
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new BodyRefused(400, BROKEN);
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new BodyRefused(400, NO_OBJECT);
  return value;
}
