import { HOSTILE_FILES } from '../../scripts/hostile-files.mjs';
import { classOf, type TestClass } from './class-of.js';
import { runningApp, type RunningApp } from './running-app.js';

let running: RunningApp;
let house: TestClass;
beforeAll(async () => {
  running = await runningApp(false);
  house = await classOf(running, 1);
});
afterAll(() => running.close());

/** Sends bytes as they are; answers what the server says of them. */
async function sent(path: string, bytes: Uint8Array): Promise<{ status: number; detail: string }> {
  const headers = {
    ...{ 'x-gleddo': '1', cookie: house.ruth.cookies },
    'content-type': 'application/json',
  };
  const body = new Uint8Array(bytes);
  const answer = await fetch(`${running.address}/api/${path}`, { method: 'POST', headers, body });
  const { detail = '' } = (await answer.json()) as { detail?: string };
  return { status: answer.status, detail };
}

/** The file as the value of a field, where it is one of text; as the whole body otherwise. */
const bodiesOf = (bytes: Uint8Array): Uint8Array[] => {
  const text = Buffer.from(bytes).toString('latin1');
  return [bytes, Buffer.from(`{"book":${text}}`), Buffer.from(`{"exercise":${text}}`)];
};

describe('the server, sent a file that means harm', () => {
  it.each(HOSTILE_FILES)(
    '%s: refuses it in a sentence, and goes on',
    async (name, bytes) => {
      const made = bytes();
      // What is no text at all is refused as such wherever it comes in.
      for (const body of name.endsWith('.json') ? bodiesOf(made) : [made])
        for (const path of ['companies', 'exercises/file', `exercises/${house.exerciseId}/files`]) {
          const { status, detail } = await sent(path, body).catch(() => ({
            // A body that is too large is not read to its end.
            ...{ status: 413, detail: 'closed.' },
          }));
          expect([400, 404, 413, 422]).toContain(status);
          expect(detail).toMatch(/[.?]$/s);
        }
      expect((await house.ruth.get('me')).status).toBe(200);
    },
    300_000,
  );
});
