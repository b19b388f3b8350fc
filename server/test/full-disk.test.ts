import { execFileSync } from 'node:child_process';
import { closeSync, cpSync, mkdtempSync, openSync, rmSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { checkedRows, classOf } from './class-of.js';
import { runningApp, type RunningApp } from './running-app.js';

const mount = mkdtempSync(join(tmpdir(), 'gleddo-disk-'));

/** A small disk of the test’s own; false where this user may not have one. */
function ownDisk(): boolean {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=220m', 'tmpfs', mount], { stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
}

const hasDisk = ownDisk();
afterAll(() => {
  if (hasDisk) execFileSync('umount', ['-l', mount]);
  rmSync(mount, { recursive: true, force: true });
});

const filler = join(mount, 'filler');

/** Fills the disk to its last byte, as somebody else’s program does. */
function fill(): void {
  const file = openSync(filler, 'a');
  for (const size of [1024 * 1024, 4096, 1]) while (isWritten(file, size));
  closeSync(file);
}

function isWritten(file: number, size: number): boolean {
  try {
    return writeSync(file, Buffer.alloc(size, 1)) === size;
  } catch {
    return false;
  }
}

(hasDisk ? describe : describe.skip)('a disk that is full', () => {
  let running: RunningApp;
  beforeAll(async () => {
    const folder = join(mount, 'data');
    cpSync(process.env['GLEDDO_TEMPLATE'] ?? '', join(folder, 'database'), { recursive: true });
    running = await runningApp(false, undefined, folder);
  });
  afterAll(() => running.close());

  it('is told, nothing that was answered is lost, it goes on reading, and writing once there is room', async () => {
    const classes = await classOf(running, 12);
    const students = await Promise.all(
      classes.students.map(async ({ login, password }) => {
        const student = running.visitor();
        await student.post('sign-in', { login, password });
        const begun = await student.post(`my-exercises/${classes.exerciseId}/begin`);
        const { bookId } = begun.body;
        const opened = await student.get(`books/${bookId}`);
        const [first] = opened.body.book.accounts as [{ id: string; name: string }];
        return { student, bookId, account: first.id, name: first.name };
      }),
    );
    let isWorking = true;
    let refused = 0;
    const work = students.map(async ({ student, bookId, account, name }) => {
      let kept = name;
      for (let i = 0; isWorking; i++) {
        const operations = [{ kind: 'rename-account', id: account, name: `Name ${i}` }];
        const sent = { revision: 0, token: `t${i}`, operations };
        const { status, body } = await student.post(`books/${bookId}/operations`, sent);
        if (status === 200) kept = `Name ${i}`;
        else {
          expect({ status, detail: body.detail }).toEqual({
            status: 507,
            detail: expect.stringContaining('disk of the server is full'),
          });
          refused++;
          await new Promise((resolve) => setTimeout(resolve, 20));
        }
        expect((await student.get('my-exercises')).status).toBe(200);
      }
      return kept;
    });
    const untilRefused = async (more: number) => {
      const before = refused;
      while (refused < before + more) await new Promise((resolve) => setTimeout(resolve, 50));
    };
    fill();
    await untilRefused(50);
    expect(running.log).toMatch(/the disk is full/);
    rmSync(filler);
    while (!/there is room on the disk again/.test(running.log))
      await new Promise((resolve) => setTimeout(resolve, 50));
    await new Promise((resolve) => setTimeout(resolve, 500));
    isWorking = false;
    const kept = await Promise.all(work);
    for (const [i, { student, bookId }] of students.entries()) {
      const { body } = await student.get(`books/${bookId}`);
      expect(body.book.accounts[0].name).toBe(kept[i]);
      expect((await student.post(`my-exercises/${classes.exerciseId}/hand-in`)).status).toBe(200);
    }
    const rows = await checkedRows(classes.ruth, classes.exerciseId);
    expect(rows.every(({ checked }) => checked === 'checked')).toBe(true);
  });
});
