import {
  HttpStatus,
  Inject,
  Injectable,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import type { FastifyRequest } from 'fastify';
import type { Room } from '../database/disk-room.js';
import { Refused } from './problem.js';
import { routeOf } from './route.js';
import { ROOM } from './tokens.js';

/** What is done with what was kept aside: who looks has to come in, and may go. */
const DONE_ANYWAY: ReadonlySet<string> = new Set([
  '/api/sign-in',
  '/api/demo-sign-in',
  '/api/sign-out',
]);

/** While the disk is full nothing is taken that would be written; all is read as ever. */
@Injectable()
export class RoomGuard implements CanActivate {
  constructor(@Inject(ROOM) private readonly room: Room) {}

  canActivate(context: ExecutionContext): boolean {
    const request = context.switchToHttp().getRequest<FastifyRequest>();
    if (!this.room.isFull || request.method === 'GET' || DONE_ANYWAY.has(routeOf(request)))
      return true;
    throw diskFull();
  }
}

export const DISK_FULL =
  'The disk of the server is full, so nothing more can be saved for now. What was saved is safe; what you typed is kept here. Tell whoever runs it, then try again.';

const diskFull = () =>
  new Refused([{ at: '', code: 'disk.full', says: DISK_FULL }], HttpStatus.INSUFFICIENT_STORAGE);
