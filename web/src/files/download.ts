import { slugOf } from '@gleddo/core';

/** Saves a text as a file on the person's machine. CSV gets the mark that spreadsheets look for. */
export function download(name: string, type: string, text: string): void {
  const mark = type === 'text/csv' ? '\uFEFF' : '';
  const url = URL.createObjectURL(new Blob([mark + text], { type: `${type};charset=utf-8` }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

export const fileNameOf = (name: string): string => slugOf(name) || 'book';
