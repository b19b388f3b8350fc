/** A count with its noun: `1 student`, `3 students`. */
export const counted = (n: number, one: string, several = `${one}s`): string =>
  `${n.toLocaleString('en')} ${n === 1 ? one : several}`;
