const MOST_CAUSES = 5;

/** The codes of an error and of what it came of: PostgreSQL’s (appendix A) and Node’s. */
export function codesOf(error: unknown): readonly string[] {
  const codes: string[] = [];
  for (let at = error, n = 0; at instanceof Error && n < MOST_CAUSES; at = at.cause, n++)
    codes.push(String((at as { code?: unknown }).code ?? ''));
  return codes;
}
