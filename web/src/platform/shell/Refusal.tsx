interface RefusalProps {
  /** What was asked of the server, and may have been refused. */
  readonly of?: { readonly error: Error | null };
  /** Why something was not done, in a sentence or several; nothing while there is no reason. */
  readonly says?: string | readonly string[] | null | undefined;
  readonly className?: string;
}

/** Why something was not done, at its place. */
export function Refusal({ of, says = of?.error?.message, className = '' }: RefusalProps) {
  const all = (typeof says === 'string' ? [says] : (says ?? [])).filter((each) => each !== '');
  if (all.length === 0) return null;
  return (
    <div className={`refusal ${className}`} role="alert">
      {all.map((each) => (
        <p key={each}>{each}</p>
      ))}
    </div>
  );
}
