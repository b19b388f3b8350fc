/** Why something was not done, at its place. */
export function Refusal({ of }: { of: { readonly error: Error | null } }) {
  if (!of.error) return null;
  return (
    <p className="refusal" role="alert">
      {of.error.message}
    </p>
  );
}
