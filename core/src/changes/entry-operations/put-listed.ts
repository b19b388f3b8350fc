import { subledgersOf, withSubledgers } from '../../model/book/subledgers.js';
import { put, remade, remove } from './subledger-changes.js';
import type { Change } from '../operation/operation.js';

export const putParty: Change<'put-party'> = {
  apply: (book, { party, index }, rules) =>
    put(book, {
      list: 'parties',
      thing: party,
      index,
      rules,
      undo: (before) =>
        before ? { kind: 'put-party', party: before } : { kind: 'remove-party', id: party.id },
    }),
};

export const removeParty: Change<'remove-party'> = {
  apply: (book, { id }, rules) =>
    remove(book, {
      list: 'parties',
      id,
      rules,
      undo: (party, index) => ({ kind: 'put-party', party, index }),
    }),
};

export const putItem: Change<'put-item'> = {
  apply: (book, { item, index }, rules) =>
    put(book, {
      list: 'items',
      thing: item,
      index,
      rules,
      undo: (before) =>
        before ? { kind: 'put-item', item: before } : { kind: 'remove-item', id: item.id },
    }),
};

export const removeItem: Change<'remove-item'> = {
  apply: (book, { id }, rules) =>
    remove(book, {
      list: 'items',
      id,
      rules,
      undo: (item, index) => ({ kind: 'put-item', item, index }),
    }),
};

/** Records what happened, or puts it right: its entry follows, and the cost of what went out later. */
export const putDocument: Change<'put-document'> = {
  apply: (book, { document, index, restores }, rules) =>
    put(book, {
      list: 'documents',
      thing: document,
      index,
      restores,
      rules,
      undo: (before) =>
        before
          ? { kind: 'put-document', document: before, restores: true }
          : { kind: 'remove-document', id: document.id },
    }),
};

export const removeDocument: Change<'remove-document'> = {
  apply: (book, { id }, rules) =>
    remove(book, {
      list: 'documents',
      id,
      rules,
      undo: (document, index) => ({ kind: 'put-document', document, index, restores: true }),
    }),
};

/** Puts a table that makes entries: those of its made rows follow. */
export const putSchedule: Change<'put-schedule'> = {
  apply: (book, { schedule, index, restores }, rules) =>
    put(book, {
      list: 'schedules',
      thing: schedule,
      index,
      restores,
      rules,
      undo: (before) =>
        before
          ? { kind: 'put-schedule', schedule: before, restores: true }
          : { kind: 'remove-schedule', id: schedule.id },
    }),
};

export const removeSchedule: Change<'remove-schedule'> = {
  apply: (book, { id }, rules) =>
    remove(book, {
      list: 'schedules',
      id,
      rules,
      undo: (schedule, index) => ({ kind: 'put-schedule', schedule, index, restores: true }),
    }),
};

/** Says which accounts documents use, and by which inventory system; this only while there are no documents. */
export const changeAssignment: Change<'change-posting'> = {
  apply(book, { posting, inventory }, rules) {
    const before = subledgersOf(book);
    return remade(book, withSubledgers(book, { posting, inventory }), {
      inverse: { kind: 'change-posting', posting: before.posting, inventory: before.inventory },
      rules,
      restores: true,
    });
  },
};
