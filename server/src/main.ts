import 'reflect-metadata';
import type { AddressInfo } from 'node:net';
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { BookTexts } from './books/book-texts.js';
import { createApp } from './create-app.js';
import { CannotOpen } from './database/cannot-open.js';
import { openDatabase, type OpenDatabase } from './database/open-database.js';
import { makeLog } from './http/log.js';
import { isSecure, SettingRefused, settingsFrom, type Settings } from './http/settings.js';
import { Nightly } from './house/nightly.js';
import { ClosingService } from './tries/closing.service.js';
import { ScoresService } from './platforms/scores.service.js';
import { LettersService } from './letters/letters.service.js';
import { LeavingsDue } from './leaving/leavings-due.js';
import { CheckRunner } from './results/check-runner.js';
import { Threads } from './threads/threads.js';

/** What is not closed by then is left: the database is closed all the same. */
const CLOSE_WITHIN = 2_500;
const CLOSE_DATABASE_WITHIN = 8_000;

const within = (promise: Promise<unknown>, longest = CLOSE_WITHIN): Promise<unknown> =>
  Promise.race([promise, new Promise<void>((resolve) => setTimeout(resolve, longest).unref())]);

/** Lets the last requests end, then the work in other threads, then the database: always in this order. */
async function close(app: NestFastifyApplication, database: OpenDatabase): Promise<void> {
  app.get(Nightly).stop();
  app.get(LeavingsDue).stop();
  await within(app.close()).catch(() => undefined);
  await within(app.get(CheckRunner).stop()).catch(() => undefined);
  await within(app.get(BookTexts).writeAll(), CLOSE_DATABASE_WITHIN).catch(() => undefined);
  await within(app.get(Threads).close()).catch(() => undefined);
  await within(database.close(), CLOSE_DATABASE_WITHIN).catch(() => undefined);
}

function closeOnSignal(app: NestFastifyApplication, database: OpenDatabase): void {
  let closing = false;
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.on(signal, () => {
      if (closing) return;
      closing = true;
      void close(app, database).then(() => process.exit(0));
    });
}

function said(error: unknown, { port, host }: Settings): string {
  const { code } = error as { code?: unknown };
  if (code === 'EADDRINUSE')
    return `Port ${port} is in use by another program. Stop that one, or choose another port with GLEDDO_PORT.`;
  if (code === 'EACCES')
    return `This user may not listen at port ${port}. Choose one above 1023 with GLEDDO_PORT.`;
  if (code === 'EADDRNOTAVAIL')
    return `This machine has no address ${host}. Give one that it has with GLEDDO_HOST, such as 127.0.0.1.`;
  return error instanceof Error ? error.message : String(error);
}

function explain(settings: Settings, port: number): void {
  const here = `http://localhost:${port}`;
  const known = settings.publicAddress;
  process.stdout.write(
    known === null ? `Gleddo is at ${here}\n` : `Gleddo is at ${known} (${here})\n`,
  );
  if (settings.demo || isSecure(settings)) return;
  const reached =
    settings.host === '127.0.0.1'
      ? 'Only this machine reaches it. Before a class does, put'
      : 'It is reached without https: passwords cross the network in the open. Put';
  process.stdout.write(
    `${reached} a proxy with https before it, and name its address with GLEDDO_ADDRESS (cookies are Secure then) and the proxy with GLEDDO_TRUST_PROXY.\n`,
  );
}

async function start(): Promise<void> {
  const settings = settingsFrom(process.env);
  const log = makeLog(settings.logLevel);
  process.on('unhandledRejection', (error) => log.error({ err: error }, 'unhandled'));
  const database = await openDatabase(settings.database, log);
  try {
    const demo = settings.demo ? await import('./demo/index.js') : null;
    const app = await createApp({ database, settings, log }, demo ? [demo.DemoModule] : []);
    closeOnSignal(app, database);
    await app.init();
    if (demo) await app.get(demo.DemoWorld).layOut();
    await app.listen(settings.port, settings.host);
    const { port } = app.getHttpServer().address() as AddressInfo;
    settings.port = port;
    app.get(CheckRunner).start();
    app.get(Nightly).start();
    app.get(ClosingService).start();
    app.get(LettersService).start();
    app.get(ScoresService).start();
    app.get(LeavingsDue).start();
    explain(settings, port);
  } catch (error) {
    await within(database.close()).catch(() => undefined);
    throw new Error(said(error, settings), { cause: error });
  }
}

start().catch((error: unknown) => {
  const isReported =
    error instanceof CannotOpen || error instanceof SettingRefused || error instanceof Error;
  process.stderr.write(`${isReported ? error.message : String(error)}\n`);
  process.exit(1);
});
