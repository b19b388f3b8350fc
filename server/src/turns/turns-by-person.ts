/** One thing that waits for its turn; under the same name a later one of the same person takes its place. */
interface Waiting {
  readonly name: string | null;
  work: () => Promise<unknown>;
  readonly tells: ((outcome: Promise<unknown>) => void)[];
}

interface Person {
  running: number;
  readonly waiting: Waiting[];
}

/**
 * A few places for many people: whoever has had a turn goes behind all others who wait, so that one who asks for much
 * waits for themselves alone. One person never has all places.
 */
export class TurnsByPerson {
  /** Those who wait, the next first; all who have anything here. */
  private readonly people = new Map<string, Person>();
  private running = 0;

  constructor(
    private readonly places: number,
    private readonly placesOfOne = Math.max(1, places - 1),
  ) {}

  /** How many wait for their turn. */
  get waiting(): number {
    return [...this.people.values()].reduce((sum, { waiting }) => sum + waiting.length, 0);
  }

  /** How many a person has here, waiting or not. */
  of(personId: string): number {
    const person = this.people.get(personId);
    return person ? person.running + person.waiting.length : 0;
  }

  /** Does the work in its turn. Of the same name only the newest that waits is done, and answers all who asked. */
  take<T>(personId: string, work: () => Promise<T>, name: string | null = null): Promise<T> {
    return new Promise<T>((resolve) => {
      const tell = (outcome: Promise<unknown>) => resolve(outcome as Promise<T>);
      const person = this.people.get(personId) ?? { running: 0, waiting: [] };
      this.people.set(personId, person);
      const same = person.waiting.find((each) => name !== null && each.name === name);
      if (same) {
        same.work = work;
        same.tells.push(tell);
      } else person.waiting.push({ name, work, tells: [tell] });
      this.next();
    });
  }

  private next(): void {
    while (this.running < this.places) {
      const found = [...this.people].find(
        ([, { running, waiting }]) => waiting.length > 0 && running < this.placesOfOne,
      );
      if (!found) return;
      this.begin(...found);
    }
  }

  private begin(personId: string, person: Person): void {
    const next = person.waiting.shift();
    if (!next) return;
    this.running++;
    person.running++;
    const outcome = next.work();
    const over = () => this.end(personId, person);
    outcome.then(over, over);
    for (const tell of next.tells) tell(outcome);
  }

  private end(personId: string, person: Person): void {
    this.running--;
    person.running--;
    // Behind all others, or away.
    this.people.delete(personId);
    if (person.running > 0 || person.waiting.length > 0) this.people.set(personId, person);
    this.next();
  }
}
