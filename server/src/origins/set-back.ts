/** A step of a history that is no operation: whoever went back to an earlier moment took a whole book. */
export const isSetBack = (operation: { readonly kind: string }): boolean =>
  operation.kind === 'set-back';
