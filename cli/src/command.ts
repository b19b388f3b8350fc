/** Where a command writes. */
export interface Output {
  write(text: string): unknown;
}

/** Answers the exit status: 0 done, 1 faults in the input, 3 something needs a look. */
export type Command = (args: readonly string[], out: Output, err: Output) => Promise<number>;
