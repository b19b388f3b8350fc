const fields = new Set<HTMLTextAreaElement>();

/** Notes that somebody is typing: who goes on by a key does not leave them half typed. */
export const halfTyped = {
  add(field: HTMLTextAreaElement): () => void {
    fields.add(field);
    return () => fields.delete(field);
  },
  first: (): HTMLTextAreaElement | null =>
    [...fields].find(({ value }) => value.trim() !== '') ?? null,
};
