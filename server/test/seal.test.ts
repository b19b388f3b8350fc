import { Secret, TOTP } from 'otpauth';
import { Seal } from '../src/http/seal.js';
import { runningApp, type Answer } from './running-app.js';

const SECRET = 'forty characters that nobody would guess';
const OTHER = 'forty other characters that nobody knows';

describe('what is sealed', () => {
  it('is told by the same secret at its place alone, and by no part of itself', () => {
    const seal = new Seal(SECRET);
    const kept = seal.close('JBSWY3DPEHPK3PXP', 'one');
    expect(kept).not.toContain('JBSWY3DPEHPK3PXP');
    expect(seal.close('JBSWY3DPEHPK3PXP', 'one')).not.toBe(kept);
    expect(seal.open(kept, 'one')).toBe('JBSWY3DPEHPK3PXP');
    const others = [
      () => seal.open(kept, 'another'),
      () => new Seal(OTHER).open(kept, 'one'),
      () => new Seal(null).open(kept, 'one'),
      () => seal.open(`${kept.slice(0, -3)}AAA`, 'one'),
      () => seal.open(kept.slice(0, 20), 'one'),
    ];
    for (const open of others) expect(open).toThrow();
  });

  it('stays as it is where no secret is given, and what was never sealed is read as ever', () => {
    const none = new Seal(null);
    expect([none.close('plain', 'one'), none.open('plain', 'one')]).toEqual(['plain', 'plain']);
    const seal = new Seal(SECRET);
    expect(seal.open('plain', 'one')).toBe('plain');
    expect([seal.isOpen('plain'), none.isOpen('plain')]).toEqual([true, false]);
    expect(seal.isOpen(seal.close('plain', 'one'))).toBe(false);
  });
});

it('a second device from before is sealed when it is used; without the secret nobody comes in by it, and it is said why', async () => {
  const running = await runningApp(false);
  const startedWith = async (secret: string | null) => {
    if (secret === null) delete process.env['GLEDDO_SECRET'];
    else process.env['GLEDDO_SECRET'] = secret;
    try {
      await running.killAndStartAgain();
    } finally {
      delete process.env['GLEDDO_SECRET'];
    }
  };
  try {
    const ruth = running.visitor();
    const own = { login: 'ruth', password: 'a long password' };
    await ruth.post('first-instructor', { name: 'Ruth Marsh', ...own });
    const { secret } = (await ruth.post('me/second-factor/offer')).body;
    const code = (seconds: number) =>
      new TOTP({ secret: Secret.fromBase32(secret) }).generate({
        timestamp: Date.now() + 1000 * seconds,
      });
    const comesIn = (seconds: number): Promise<Answer> =>
      running.visitor().post('sign-in', { ...own, code: code(seconds) });
    const put = { secret, code: code(-30), password: own.password };
    expect((await ruth.post('me/second-factor', put)).status).toBe(204);

    await startedWith(SECRET);
    expect((await comesIn(0)).status).toBe(200);
    for (const wrong of [null, OTHER]) {
      await startedWith(wrong);
      const refused = await comesIn(30);
      expect(refused.status).toBe(422);
      expect(refused.body.detail).toMatch(/sealed with another secret .*GLEDDO_SECRET/);
    }
    await startedWith(SECRET);
    expect((await comesIn(30)).status).toBe(200);
  } finally {
    await running.close();
  }
});
