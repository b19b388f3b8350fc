import { Popover } from 'antd';
import { createContext, use, useMemo, type ReactNode } from 'react';
import { useShownBook } from '../open-book/open-book';
import { useTradeWords } from './use-trade-words';
import styles from './words.module.css';

/** A word, and what is said where it stands. */
export interface Explained {
  readonly word: string;
  readonly also: readonly string[];
  readonly says: string;
  readonly example: string;
}

const EXPLAINED = createContext<readonly Explained[]>([]);

type OwnWord = { readonly word: string; readonly says: string };

/** The words of the trade and those of the exercise; its own take the place of ours. */
function explainedWords(own: readonly OwnWord[], ofTrade: readonly Explained[]): Explained[] {
  const names = new Set(own.map(({ word }) => word.toLowerCase()));
  return [
    ...own.map(({ word, says }) => ({ word, says, also: [], example: '' })),
    ...ofTrade.filter(({ word }) => !names.has(word)),
  ];
}

/** Lets the words in what stands inside be looked up where they stand. */
export function WithWords({ own, children }: { own: readonly OwnWord[]; children: ReactNode }) {
  const { book } = useShownBook();
  const ofTrade = useTradeWords();
  const words = useMemo(() => explainedWords(own, ofTrade(book)), [book, own, ofTrade]);
  return <EXPLAINED value={words}>{children}</EXPLAINED>;
}

export const useExplained = () => use(EXPLAINED);

const HREF = '#word-';
const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Markdown in which the first of each word that is explained leads to its explanation. */
export function withWordLinks(text: string, words: readonly Explained[]): string {
  const all = words
    .flatMap((each, i) => [each.word, ...each.also].map((form) => ({ form, i })))
    .sort((a, b) => b.form.length - a.form.length);
  if (all.length === 0) return text;
  const byForm = new Map(all.map(({ form, i }) => [form.toLowerCase(), i]));
  const find = new RegExp(
    `(?<![\\p{L}[])(${all.map(({ form }) => escaped(form)).join('|')})(?![\\p{L}\\]])`,
    'giu',
  );
  const seen = new Set<number>();
  return text
    .split(/(`[^`]*`|\[[^[\]]*\]\([^()]*\)|^\|.*$|^#.*$)/m)
    .map((piece, at) =>
      at % 2 === 1
        ? piece
        : piece.replace(find, (form) => {
            const i = byForm.get(form.toLowerCase());
            if (i === undefined || seen.has(i)) return form;
            seen.add(i);
            return `[${form}](${HREF}${i})`;
          }),
    )
    .join('');
}

/** A word that is explained, opened where it stands. */
export function Word({ href, children }: { href: string; children: ReactNode }) {
  const explained = useExplained()[Number(href.slice(HREF.length))];
  if (!explained) return <>{children}</>;
  const { word, says, example } = explained;
  const content = (
    <div className={styles['explained']}>
      <strong>{word}</strong>: {says} {example && <em>{example}</em>}
    </div>
  );
  return (
    <Popover content={content} trigger={['click', 'focus']}>
      <button type="button" className={styles['word']}>
        {children}
      </button>
    </Popover>
  );
}

export const isWord = (href: string | undefined): href is string => href?.startsWith(HREF) === true;
