/** All is at the server; it is on its way; it waits for a connection. */
export type Saving = 'saved' | 'saving' | 'waiting';
