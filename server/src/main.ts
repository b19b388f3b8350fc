import 'reflect-metadata';
import type { AddressInfo } from 'node:net';
import { createApp } from './create-app.js';
import { openDatabase } from './database/open-database.js';
import { DemoWorld } from './demo/demo-world.js';
import { settingsFrom } from './http/settings.js';

const settings = settingsFrom(process.env);

try {
  const database = await openDatabase(settings.database);
  const app = await createApp(database.db, settings);
  if (settings.demo) await app.get(DemoWorld).layOut();
  await app.listen(settings.port, settings.host);
  const { port } = app.getHttpServer().address() as AddressInfo;
  process.stdout.write(`Gleddo is at http://localhost:${port}\n`);
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      void app
        .close()
        .then(() => database.close())
        .then(() => process.exit(0));
    });
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
}
