import { keepingNumbers, type Operation, type Refusal, type Result } from '@gleddo/core';
import type { Help } from '@gleddo/contract';
import { useState } from 'react';
import { useBookStore } from '../open-book/open-book';
import type { FiguresState } from './figures-state';

interface Said {
  readonly tone: 'refusal' | 'notice';
  readonly text: string;
}

/** What is done to the book here, and what is said of it. */
export interface WordsState {
  readonly said: Said | null;
  say(said: Said | null): void;
  /** Does it, or says why not; answers the refusals, none when it was done. */
  perform(operation: Operation | Result<Operation>): readonly Refusal[];
}

const isResult = (value: Operation | Result<Operation>): value is Result<Operation> =>
  'ok' in value;

/** What deserves a look after a change; not the bands, where an exercise keeps them back. */
function noticeOf(notices: readonly Refusal[], help: Help): Said | null {
  const described = notices.filter(({ code }) => help.bands || code !== 'number.outside-band');
  return described.length > 0
    ? { tone: 'notice', text: described.map(({ says }) => says).join(' ') }
    : null;
}

/** `done` hears of each change that was made; what moves keeps its number where the bands are kept back. */
export function useWordsState({ book, help }: FiguresState, done: () => void): WordsState {
  const store = useBookStore();
  const [said, say] = useState<Said | null>(null);
  const perform: WordsState['perform'] = (given) => {
    const result = isResult(given) ? given : { ok: true as const, value: given };
    if (!result.ok) return result.refusals;
    const operation = help.bands ? result.value : keepingNumbers(book, result.value);
    const { refusals, notices } = store.change(operation);
    done();
    say(noticeOf(notices, help));
    return refusals;
  };
  return { said, say, perform };
}
