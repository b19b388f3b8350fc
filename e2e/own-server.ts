import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fromTemplate, templates } from '../scripts/templates.mjs';

const root = join(import.meta.dirname, '..');

/** A server of a story's own, which it may kill, and whose data it may spoil. */
export class OwnServer {
  readonly data = mkdtempSync(join(tmpdir(), 'gleddo-story-'));
  private child: ChildProcess | null = null;
  private hasData = false;

  constructor(
    private readonly port: number,
    private readonly demo: boolean,
  ) {}

  get address(): string {
    return `http://localhost:${this.port}`;
  }

  async start(): Promise<void> {
    if (!this.hasData) fromTemplate(await templates(), this.data, this.demo);
    this.hasData = true;
    const child = spawn(process.execPath, ['server/dist/main.mjs'], {
      cwd: root,
      env: {
        ...process.env,
        GLEDDO_DATA: this.data,
        GLEDDO_PORT: String(this.port),
        GLEDDO_DEMO: this.demo ? '1' : '0',
      },
    });
    this.child = child;
    await new Promise<void>((resolve) =>
      child.stdout.on('data', (said: Buffer) => {
        if (said.toString().includes('Gleddo is at')) resolve();
      }),
    );
  }

  end(signal: NodeJS.Signals): Promise<void> {
    return new Promise((resolve) => {
      if (!this.child) return resolve();
      this.child.once('exit', () => resolve());
      this.child.kill(signal);
      this.child = null;
    });
  }

  async throwAway(): Promise<void> {
    await this.end('SIGKILL');
    rmSync(this.data, { recursive: true, force: true });
  }
}
