/** Names under which things that are no classes are injected. */
export const DATABASE = Symbol('database');
export const SETTINGS = Symbol('settings');
