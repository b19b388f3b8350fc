/** Names under which things that are no classes are injected. */
export const DATABASE = Symbol('database');
export const ENGINE = Symbol('engine');
export const SETTINGS = Symbol('settings');
export const ROOM = Symbol('room');
export const LOG = Symbol('log');

/** Hears what the database tells, from whichever server. */
export const LISTEN = Symbol('listen');
