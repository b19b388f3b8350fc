/** Characters that print nothing though Unicode counts them as letters or symbols. Source: Unicode 15, fillers and blanks. */
const BLANK = /[\p{Z}\p{C}\p{M}\u115f\u1160\u2800\u3164\uffa0]/gu;

/** Whether a text shows anything to who reads it: not blank, not made of invisible characters only. */
export const isVisible = (text: string): boolean =>
  /[!-~]/.test(text) || text.replace(BLANK, '') !== '';
