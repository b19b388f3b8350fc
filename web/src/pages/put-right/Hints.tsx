import { TOLD_PARTS, type Told, type ToldPart } from '@gleddo/core';
import { useState } from 'react';

const ASKS: Readonly<Record<ToldPart, string>> = {
  there: 'What is there?',
  belongs: 'What belongs there?',
  why: 'Why?',
  now: 'What do I do now?',
};

/** A note told part by part, so that one can think for oneself in between. */
export function Hints({ told }: { readonly told: Told }) {
  const parts = TOLD_PARTS.filter((part) => told[part] !== '');
  const [shown, setShown] = useState(1);
  const next = parts[shown];
  return (
    <>
      {parts.slice(0, shown).map((part) => (
        <p key={part}>{told[part]}</p>
      ))}
      {next && (
        <button type="button" className="link-button" onClick={() => setShown(shown + 1)}>
          {ASKS[next]}
        </button>
      )}
    </>
  );
}
