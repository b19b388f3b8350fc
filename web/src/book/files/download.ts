import { slugOf } from '@gleddo/core';

/** Saves a text as a file on the person's machine. CSV gets the mark that spreadsheets look for. */
export function download(name: string, type: string, text: string): void {
  const mark = type === 'text/csv' ? '\uFEFF' : '';
  save(name, new Blob([mark + text], { type: `${type};charset=utf-8` }));
}

/** Saves bytes as a file, of the kind that the name's ending says. */
export const saveBytes = (name: string, bytes: Uint8Array): void =>
  save(name, new Blob([bytes as Uint8Array<ArrayBuffer>]));

function save(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

export const fileNameOf = (name: string): string => slugOf(name) || 'book';
