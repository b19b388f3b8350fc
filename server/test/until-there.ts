import type { Answer } from './running-app.js';

const AWAY = 503;

/** Asked again while the database is away, as a page does: each such answer says so, and to try again. */
export async function untilThere(ask: () => Promise<Answer>): Promise<Answer> {
  for (;;) {
    const answer = await ask();
    if (answer.status !== AWAY) return answer;
    expect(answer.body.detail).toContain('try again');
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}
