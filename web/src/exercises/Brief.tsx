import Markdown, { type MarkdownToJSX } from 'markdown-to-jsx';
import type { ComponentProps } from 'react';

const AWAY = ({ href, children }: ComponentProps<'a'>) => (
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
  if (text.trim() === '') return <p className="quiet">There is no brief yet.</p>;
  return (
    <div className="markdown">
      <Markdown options={OPTIONS}>{text}</Markdown>
    </div>
  );
}
