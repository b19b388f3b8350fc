import { Module } from '@nestjs/common';
import { PresenceController } from './presence.controller.js';
import { PresenceService } from './presence.service.js';

/** Who else is here. */
@Module({ controllers: [PresenceController], providers: [PresenceService] })
export class PresenceModule {}
