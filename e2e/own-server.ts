import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer, type Running } from '../scripts/server.mjs';
import { fromTemplate, templates } from '../scripts/templates.mjs';

/** A server of a story's own, which it may kill, and whose data it may spoil. */
export class OwnServer {
  readonly data = mkdtempSync(join(tmpdir(), 'gleddo-story-'));
  private running: Running | null = null;
  private at: string | null = null;

  constructor(private readonly demo: boolean) {}

  /** Where it is found, also after it was killed and begun again. */
  get address(): string {
    if (this.at === null) throw new Error('It has not been started.');
    return this.at;
  }

  async start(): Promise<void> {
    if (this.at === null) fromTemplate(await templates(), this.data, this.demo);
    this.running = await startServer({
      env: {
        GLEDDO_DATA: this.data,
        GLEDDO_PORT: this.at === null ? '0' : new URL(this.at).port,
        GLEDDO_DEMO: this.demo ? '1' : '0',
      },
    });
    this.at = this.running.address;
  }

  async end(signal: NodeJS.Signals): Promise<void> {
    await this.running?.end(signal);
    this.running = null;
  }

  async throwAway(): Promise<void> {
    await this.end('SIGKILL');
    rmSync(this.data, { recursive: true, force: true });
  }
}
