export interface Running {
  readonly address: string;
  readonly pid: number;
  /** All that it has said so far. */
  readonly said: () => string;
  /** Answers its exit status, which is null where a signal ended it. */
  end(signal?: NodeJS.Signals): Promise<number | null>;
}
export function startServer(options?: {
  main?: string;
  node?: readonly string[];
  env?: Record<string, string | undefined>;
}): Promise<Running>;
