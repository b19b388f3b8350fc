import { Injectable } from '@nestjs/common';

const over = () => undefined;

/** What is done to one book here is done one after the other, in the order in which it came. */
@Injectable()
export class Turns {
  private readonly last = new Map<string, Promise<unknown>>();

  take<T>(id: string, work: () => Promise<T>): Promise<T> {
    const mine = (this.last.get(id) ?? Promise.resolve()).then(work);
    const done = mine.then(over, over);
    this.last.set(id, done);
    void done.then(() => this.last.get(id) === done && this.last.delete(id));
    return mine;
  }
}
