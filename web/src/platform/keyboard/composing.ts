import type { KeyboardEvent } from 'react';

/** An Enter that ends the composing of a character belongs to the character, not to the field. */
export const isComposing = ({ nativeEvent }: KeyboardEvent): boolean =>
  nativeEvent.isComposing || nativeEvent.keyCode === 229;
