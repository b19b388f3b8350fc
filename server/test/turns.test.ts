import fc from 'fast-check';
import { TurnsByPerson } from '../src/turns/turns-by-person.js';

/** Work that is ended by hand, and notes when it began. */
class Works {
  readonly begun: string[] = [];
  private readonly ends = new Map<string, () => void>();

  work = (name: string) => (): Promise<string> => {
    this.begun.push(name);
    return new Promise((resolve) => this.ends.set(name, () => resolve(name)));
  };

  async end(name: string): Promise<void> {
    this.ends.get(name)?.();
    this.ends.delete(name);
    for (let i = 0; i < 5; i++) await Promise.resolve();
  }

  /** Ends what has begun, the first first, until nothing is left. */
  async endAll(): Promise<void> {
    for (const [name] of this.ends) await this.end(name);
    if (this.ends.size > 0) await this.endAll();
  }
}

describe('turns by person', () => {
  it('who comes after one who asked for much waits for none of it', async () => {
    const turns = new TurnsByPerson(2);
    const works = new Works();
    for (let i = 0; i < 300; i++) void turns.take('greedy', works.work(`g${i}`));
    expect(works.begun).toEqual(['g0']);
    const one = turns.take('modest', works.work('m'));
    expect(works.begun).toEqual(['g0', 'm']);
    await works.end('m');
    expect(await one).toBe('m');
    await works.endAll();
    expect(works.begun).toHaveLength(301);
    expect(turns.of('greedy')).toBe(0);
  });

  it('each who waits has one turn before anybody has a second', async () => {
    const turns = new TurnsByPerson(1);
    const works = new Works();
    for (const who of ['a', 'a', 'a', 'b', 'b', 'c']) {
      const name = `${who}${works.begun.length + turns.waiting}`;
      void turns.take(who, works.work(name));
    }
    await works.endAll();
    expect(works.begun.map((name) => name[0]).join('')).toBe('abcaba');
  });

  it('of the same name only the newest is done, and answers all who asked', async () => {
    const turns = new TurnsByPerson(1);
    const works = new Works();
    void turns.take('a', works.work('first'), 'check 1');
    const asked = ['second', 'third', 'fourth'].map((name) =>
      turns.take('a', works.work(name), 'check 1'),
    );
    const other = turns.take('a', works.work('else'), 'check 2');
    await works.endAll();
    expect(works.begun).toEqual(['first', 'fourth', 'else']);
    expect(await Promise.all(asked)).toEqual(['fourth', 'fourth', 'fourth']);
    expect(await other).toBe('else');
  });

  it('a work that fails gives its place to the next', async () => {
    const turns = new TurnsByPerson(1);
    const failing = turns.take('a', () => Promise.reject(new Error('no')));
    const next = turns.take('a', () => Promise.resolve('yes'));
    await expect(failing).rejects.toThrow('no');
    expect(await next).toBe('yes');
  });

  it('whoever asks for what: all is done, never more at once than there are places', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom('a', 'b', 'c'), { maxLength: 40 }),
        fc.integer({ min: 1, max: 4 }),
        async (people, places) => {
          const turns = new TurnsByPerson(places);
          let running = 0;
          let most = 0;
          const all = people.map((who) =>
            turns.take(who, async () => {
              most = Math.max(most, ++running);
              await Promise.resolve();
              running--;
              return who;
            }),
          );
          expect(await Promise.all(all)).toEqual(people);
          expect(most).toBeLessThanOrEqual(places);
        },
      ),
    );
  });
});
