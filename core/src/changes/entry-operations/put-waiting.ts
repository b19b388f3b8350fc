import { put, remove } from './subledger-changes.js';
import type { Change } from '../operation/operation.js';

/** Lets an entry wait to be posted with others, or puts one that waits right. Nothing of it is in the books. */
export const putWaiting: Change<'put-waiting'> = {
  apply: (book, { entry, index }, rules) =>
    put(book, {
      list: 'waiting',
      thing: entry,
      index,
      rules,
      undo: (before) =>
        before ? { kind: 'put-waiting', entry: before } : { kind: 'remove-waiting', id: entry.id },
    }),
};

export const removeWaiting: Change<'remove-waiting'> = {
  apply: (book, { id }, rules) =>
    remove(book, {
      list: 'waiting',
      id,
      rules,
      undo: (entry, index) => ({ kind: 'put-waiting', entry, index }),
    }),
};

/** Keeps an entry under a name, to begin others from. */
export const putTemplate: Change<'put-template'> = {
  apply: (book, { template, index }, rules) =>
    put(book, {
      list: 'templates',
      thing: template,
      index,
      rules,
      undo: (before) =>
        before
          ? { kind: 'put-template', template: before }
          : { kind: 'remove-template', id: template.id },
    }),
};

export const removeTemplate: Change<'remove-template'> = {
  apply: (book, { id }, rules) =>
    remove(book, {
      list: 'templates',
      id,
      rules,
      undo: (template, index) => ({ kind: 'put-template', template, index }),
    }),
};
