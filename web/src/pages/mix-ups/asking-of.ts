/** What is asked of whom. */
export interface Ask {
  readonly kind: 'drill' | 'practice';
  readonly what: string;
  readonly people: readonly string[];
}

/** Asking a drill or a practice of some of the class. */
export interface AskingOf {
  mutate(what: Ask): void;
  readonly isPending: boolean;
  readonly error: Error | null;
}
