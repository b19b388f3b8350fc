import { codesOf } from './codes-of.js';

/** PostgreSQL, appendix A: its disk is full. */
const DISK_FULL = '53100';

/** Whether the database refused since there is no room on its disk. */
export const isOutOfRoom = (error: unknown): boolean => codesOf(error).includes(DISK_FULL);
