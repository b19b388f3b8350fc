import type { BookEvent } from '@gleddo/contract';

interface Hears {
  /** The book is at this revision now. */
  described(revision: number): void;
  found(): void;
  lost(): void;
}

const FIRST_PAUSE = 1_000;
const LONGEST_PAUSE = 30_000;
/** The server gives a sign of life each 20 seconds. */
const LONGEST_SILENCE = 45_000;

/**
 * The line to the server over which an open book hears of its changes. It is made again when it is lost; a tab that
 * nobody sees lets go of it (a browser has few lines to one server), and catches up when it is seen again.
 */
export class BookLine {
  private source: EventSource | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private silence: ReturnType<typeof setTimeout> | undefined;
  private pause = FIRST_PAUSE;

  constructor(
    private readonly bookId: string,
    private readonly hears: Hears,
  ) {}

  /** Listens until the answer is called. */
  listen(): () => void {
    const look = () => (document.visibilityState === 'hidden' ? this.hangUp() : this.connect());
    const anew = () => {
      this.hangUp();
      look();
    };
    document.addEventListener('visibilitychange', look);
    window.addEventListener('online', anew);
    window.addEventListener('offline', this.hears.lost);
    look();
    return () => {
      document.removeEventListener('visibilitychange', look);
      window.removeEventListener('online', anew);
      window.removeEventListener('offline', this.hears.lost);
      this.hangUp();
    };
  }

  private connect(): void {
    if (this.source && this.source.readyState !== EventSource.CLOSED) return;
    clearTimeout(this.timer);
    const source = new EventSource(`/api/books/${this.bookId}/events`);
    this.source = source;
    source.onmessage = ({ data }: MessageEvent<string>) => {
      this.pause = FIRST_PAUSE;
      this.watch();
      this.hears.found();
      this.hears.described((JSON.parse(data) as BookEvent).revision);
    };
    source.addEventListener('here', () => this.watch());
    this.watch();
    source.onerror = () => {
      this.hears.lost();
      if (source.readyState === EventSource.CLOSED) this.tryAgain();
    };
  }

  /** A line over which nothing comes for longer than its signs of life are apart is none any more. */
  private watch(): void {
    clearTimeout(this.silence);
    this.silence = setTimeout(() => {
      this.hears.lost();
      this.hangUp();
      this.connect();
    }, LONGEST_SILENCE);
  }

  private tryAgain(): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.connect(), this.pause);
    this.pause = Math.min(2 * this.pause, LONGEST_PAUSE);
  }

  private hangUp(): void {
    clearTimeout(this.timer);
    clearTimeout(this.silence);
    this.source?.close();
    this.source = null;
  }
}
