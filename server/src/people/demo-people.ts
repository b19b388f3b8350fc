/** Whom the sign-in page of the demo offers with one click. */
export const DEMO_PEOPLE = [
  { login: 'ruth.marsh', says: 'teaches; has companies, exercises of every kind, work to mark' },
  { login: 'odile.fenn', says: 'assists in her class: looks, writes notes, gives nothing back' },
  { login: 'sami.kettle', says: 'has been given his work back' },
  { login: 'ines.okafor', says: 'has handed in, and waits' },
  { login: 'vera.quill', says: 'is half way through' },
  { login: 'wim.aldous', says: 'has not begun yet' },
] as const;
