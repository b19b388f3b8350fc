import Markdown from 'react-markdown';
import gfm from 'remark-gfm';

/** A brief, shown: Markdown without HTML; links leave in a new window. */
export function Brief({ text }: { text: string }) {
  if (text.trim() === '') return <p className="quiet">There is no brief yet.</p>;
  return (
    <div className="markdown">
      <Markdown
        remarkPlugins={[gfm]}
        components={{
          a: ({ href, children }) => (
            <a href={href} target="_blank" rel="noreferrer">
              {children}
            </a>
          ),
          img: () => null,
        }}
      >
        {text}
      </Markdown>
    </div>
  );
}
