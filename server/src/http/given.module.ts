import { Global, Module, type DynamicModule } from '@nestjs/common';
import type { Logger } from 'pino';
import type { OpenDatabase } from '../database/open-database.js';
import { Seal } from './seal.js';
import type { Settings } from './settings.js';
import { DATABASE, ENGINE, LISTEN, LOG, ROOM, SETTINGS } from './tokens.js';

/** What the whole server is given when it starts. */
export interface Given {
  readonly database: OpenDatabase;
  readonly settings: Settings;
  readonly log: Logger;
}

/** What every subject may ask for: the open database and what is told of it, the settings, the log. */
@Global()
@Module({})
export class GivenModule {
  static over({ database: { db, engine, listen, room }, settings, log }: Given): DynamicModule {
    const providers = [
      { provide: DATABASE, useValue: db },
      { provide: LISTEN, useValue: listen },
      { provide: ENGINE, useValue: engine },
      { provide: ROOM, useValue: room },
      { provide: SETTINGS, useValue: settings },
      { provide: Seal, useValue: new Seal(settings.secret) },
      { provide: LOG, useValue: log },
    ];
    return { module: GivenModule, providers, exports: providers };
  }
}
