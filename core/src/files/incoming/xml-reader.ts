import { SaxesParser } from 'saxes';
import type { Reader } from './packed.js';

type Attributes = Readonly<Record<string, string>>;

/** What is made of an XML document as it goes by. Names are without what stands before their colon. */
export interface Sees {
  open?(name: string, attributes: Attributes): void;
  close?(name: string): void;
  text?(text: string): void;
  /** Whether nothing more is wanted of it. */
  isDone?(): boolean;
}

const plain = (name: string): string => name.slice(name.indexOf(':') + 1);

/** Attributes by their plain names too, whichever word stands before them. */
function attributesOf(given: Attributes): Attributes {
  const plainly: Record<string, string> = {};
  for (const name in given) plainly[plain(name)] = given[name] ?? '';
  return plainly;
}

/** Reads XML piece by piece; entities of its own are not followed. Throws at the first fault. */
export function xmlReader(sees: Sees): Reader {
  const parser = new SaxesParser({ xmlns: false });
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('opentag', ({ name, attributes }) =>
    sees.open?.(plain(name), attributesOf(attributes)),
  );
  parser.on('closetag', ({ name }) => sees.close?.(plain(name)));
  parser.on('text', (text) => sees.text?.(text));
  parser.on('cdata', (text) => sees.text?.(text));
  return {
    take: (text) => {
      if (!sees.isDone?.()) parser.write(text);
    },
    end: () => {
      if (!sees.isDone?.()) parser.close();
    },
  };
}
