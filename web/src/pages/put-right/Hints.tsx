import { TOLD_PARTS, type Told, type ToldPart } from '@gleddo/core';
import { useEffect, useRef, useState } from 'react';

const ASKS: Readonly<Record<ToldPart, string>> = {
  there: 'What is there?',
  belongs: 'What belongs there?',
  why: 'Why?',
  now: 'What do I do now?',
};

/** A note told part by part, so that one can think for oneself in between. What was asked for gets the focus. */
export function Hints({ told }: { readonly told: Told }) {
  const parts = TOLD_PARTS.filter((part) => told[part] !== '');
  const [shown, setShown] = useState(1);
  const latest = useRef<HTMLParagraphElement>(null);
  useEffect(() => {
    if (shown > 1) latest.current?.focus();
  }, [shown]);
  const next = parts[shown];
  return (
    <>
      {parts.slice(0, shown).map((part, i) => (
        <p key={part} ref={i === shown - 1 ? latest : null} tabIndex={-1}>
          {told[part]}
        </p>
      ))}
      {next && (
        <button type="button" className="link-button" onClick={() => setShown(shown + 1)}>
          {ASKS[next]}
        </button>
      )}
    </>
  );
}
