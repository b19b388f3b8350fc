/*
 * What is bought or sold is told in one sentence, and how it is paid, or what it had cost, in the next: they are read as one.
 */

const DEALS = /\b(?:delivered|buys?|bought|purchased?s?|acquired?s?|cost|sold|sells)\b/i;
const hasFigure = (text: string): boolean => /\d/.test(text);
const isDeal = (text: string): boolean => DEALS.test(text) && hasFigure(text);

const REST = /\b(?:the|and the) (?:rest|remainder|balance|other half)\b/i;
const REST_PAID =
  /\b(?:paid|pays?|payable|comes? out|came out|owed|owing|owes|due|lent|borrowed|borrows|financed|follow)\b/i;
const OWN_DAY = /^(?:on|at|in|by)\b|^\d/i;

/** `A bank lends 30,000; the rest is paid from the account`: of what was bought before it. */
const isRest = (text: string, before: string): boolean =>
  REST.test(text) &&
  REST_PAID.test(text) &&
  !OWN_DAY.test(text) &&
  !isDeal(text) &&
  isDeal(before) &&
  !REST.test(before);

const PAST =
  /^(?:it|they|he|the \w+) had (?:been bought for|originally cost|cost)\b|^(?:its?|they|their) (?:cost|book value|carrying amount)\b/i;
const DISPOSED = /\b(?:sold|sells?|scrapped)\b/i;
const LASTING = /\b(?:old|used|van|car|machine|board|computer|equipment)\b/i;

/** `It had cost 300 and was written down to 50`: of the old thing that was sold before it. */
const isPast = (text: string, before: string): boolean =>
  PAST.test(text) && DISPOSED.test(before) && hasFigure(before) && LASTING.test(before);

const BACK = /\b(?:returned|returns|brought back|brings back|sent back|took back)\b/i;
const BACK_AT = /^(?:it|they|the \w+) (?:went|goes|go|were|was|had|are|is)\b.*\bcost\b/i;

/** `It went back on the shelf at its cost of 62`: of what was returned before it. */
const isBackAgain = (text: string, before: string): boolean =>
  BACK_AT.test(text) && BACK.test(before) && !/\bcost\b/i.test(before);

const BILL_OF_IT =
  /^(?:the|his|her|its|their) (?:[\p{L}-]+[’']s )?(?:bill|invoice|charge) (?:of|for|is|was|comes|came)\b/iu;

/** `The mechanic’s bill of 270 is due in June`: for what was done before it. */
const isBillOfIt = (text: string, before: string): boolean =>
  BILL_OF_IT.test(text) &&
  !hasFigure(before.replace(/^[\p{L}\d ./:–-]{0,24}?:/u, '')) &&
  /\b(?:was|were|is|are) \p{L}+(?:ed|en|wn|lt)\b/u.test(before);

const goesOn = (text: string, before: string): boolean =>
  isRest(text, before) ||
  isPast(text, before) ||
  isBackAgain(text, before) ||
  isBillOfIt(text, before);

/** Sentences that tell a whole: as they are written, and as they are read, of which one goes on where the next begins. */
export interface Whole {
  readonly text: string;
  readonly read: string;
}

export function joinedRests(sentences: readonly string[]): Whole[] {
  const found: Whole[] = [];
  for (const each of sentences) {
    const before = found.at(-1);
    if (before && goesOn(each, before.read))
      found[found.length - 1] = {
        text: `${before.text} ${each}`,
        read: `${before.read.replace(/\.$/, '')}; ${each}`,
      };
    else found.push({ text: each, read: each });
  }
  return found;
}
