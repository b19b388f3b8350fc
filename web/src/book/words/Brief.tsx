import Markdown, { type MarkdownToJSX } from 'markdown-to-jsx';
import { useMemo, type ComponentProps } from 'react';
import { isWord, useExplained, withWordLinks, Word } from './Words';
import styles from './words.module.css';

const AWAY = ({ href, children }: ComponentProps<'a'>) =>
  isWord(href) ? (
    <Word href={href}>{children}</Word>
  ) : (
    <a href={href} target="_blank" rel="noreferrer">
      {children}
    </a>
  );

const OPTIONS: MarkdownToJSX.Options = {
  disableParsingRawHTML: true,
  forceBlock: true,
  overrides: { a: AWAY, img: () => null },
};

/** A brief, shown: Markdown without HTML; links leave in a new window. */
export function Brief({ text }: { text: string }) {
  const words = useExplained();
  const linked = useMemo(() => withWordLinks(text, words), [text, words]);
  if (text.trim() === '') return <p className="quiet">There is no brief yet.</p>;
  return (
    <div className={styles['markdown']}>
      <Markdown options={OPTIONS}>{linked}</Markdown>
    </div>
  );
}
