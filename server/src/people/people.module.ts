import { Module } from '@nestjs/common';
import { AuditModule } from '../audit/audit.module.js';
import { ComingIn } from './coming-in.js';
import { SignInLinksController } from './sign-in-links.controller.js';
import { SignInLinksService } from './sign-in-links.service.js';
import { PeopleController } from './people.controller.js';
import { OwnSignInController } from './own-sign-in.controller.js';
import { InstructorsController } from './instructors.controller.js';
import { SessionsService } from './sessions.service.js';
import { SecondFactor } from './second-factor.js';
import { Cookies } from './cookies.js';
import { KnownBrowsers } from './known-browsers.js';
import { FailedSignIns } from './failed-sign-ins.js';
import { PeopleService } from './people.service.js';
import { InstructorsService } from './instructors.service.js';

@Module({
  imports: [AuditModule],
  controllers: [
    PeopleController,
    OwnSignInController,
    InstructorsController,
    SignInLinksController,
  ],
  providers: [
    SessionsService,
    SecondFactor,
    Cookies,
    KnownBrowsers,
    FailedSignIns,
    PeopleService,
    InstructorsService,
    ComingIn,
    SignInLinksService,
  ],
  exports: [SessionsService, Cookies, PeopleService, SignInLinksService, ComingIn],
})
export class PeopleModule {}
