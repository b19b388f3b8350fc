import { randomFrom, shuffled } from '@gleddo/core';

/** Everything that the generator leaves to chance: the same for the same seed. */
export class Chance {
  private readonly next: () => number;

  constructor(seed: number) {
    this.next = randomFrom(seed);
  }

  /** Whether something with this likelihood happens. */
  happens(likelihood: number): boolean {
    return this.next() < likelihood;
  }

  /** A whole number from `from` up to and without `to`. */
  between(from: number, to: number): number {
    return from + Math.floor(this.next() * (to - from));
  }

  oneOf<T>(things: readonly T[]): T | null {
    return things[this.between(0, things.length)] ?? null;
  }

  shuffled<T>(things: readonly T[]): T[] {
    return shuffled(things, this.next);
  }
}
