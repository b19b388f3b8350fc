interface RefusalProps {
  /** What was asked of the server, and may have been refused. */
  readonly of?: { readonly error: Error | null };
  /** Why something was not done; nothing while there is no reason. */
  readonly says?: string | null | undefined;
  readonly className?: string;
}

/** Why something was not done, at its place. */
export function Refusal({ of, says = of?.error?.message, className = '' }: RefusalProps) {
  if (!says) return null;
  return (
    <p className={`refusal ${className}`} role="alert">
      {says}
    </p>
  );
}
