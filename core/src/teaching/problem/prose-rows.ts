import type { ListRow } from './list-row.js';
import { titled } from './scene.js';
import { hundredths } from './token.js';

/*
 * Opening balances that are told and not listed: `She had supplies of 1,050, a van that had cost 9,000 (depreciated by 2,000),
 * and a loan of 5,000`.
 */

const HAD =
  /\b(?:had|has|owned?s?|possesse[sd]|held|stood at|stands at|showed|shows|owe[sd]|there (?:was|were|is|are)|were|was)\b/i;

/** Words of something that happens: then it is no list of what there was. */
const HAPPENS =
  /\b(?:b(?:uys?|ought)|purchase[sd]?|pa(?:ys|id)|s(?:ells?|old)|receive[sd]?|invoice[sd]|billed|collect(?:s|ed)|took|takes|invest(?:s|ed)|put|puts|withdr[ae]ws?|withdrew|borrow(?:s|ed)|return(?:s|ed)|earn(?:s|ed)|transfer(?:s|red)|depreciates|sent|sends)\b/i;

const AMOUNT =
  /\p{Sc} ?\d[\d.,]*\d|\p{Sc} ?\d|\b\d{1,3}(?:,\d{3})+(?:\.\d\d)?|\b\d{3,}(?:\.\d\d)?\b/gu;
const DAY =
  /\b(?:[Oo]n|[Aa]t|[Aa]s (?:at|of)) (?:the )?(?:\d{1,2}(?:st|nd|rd|th)?|first|last day|end|beginning|start)(?: of)? (?:(?:the )?\p{L}+)(?:,? (?:19|20)\d\d)?|\b(?:[Oo]n|[Aa]t|[Aa]s (?:at|of)) \p{Lu}\p{L}+ \d{1,2}(?:,? (?:19|20)\d\d)?/gu;

const BEFORE =
  /^(?:and|with|besides|also|but|as well as|in all|that day|to)(?: |$)|^(?:the \p{L}+|firm|business|company|shop|club|she|he|they|it|we|i) (?=had|has|own|held|owe|possess)/iu;
/** `Ida owned tools`, in a sentence’s beginning. */
const WHO =
  /^(?:At the (?:start|beginning|outset),? )?(?:\p{Lu}\p{L}+ ){1,3}(?=(?:had|has|owned|owns|held)\b)/u;
const VERB =
  /^(?:had|has|owned|owns|held|showed|shows|owed|owes|also|there (?:was|were|is|are)|a|an|the|her|his|its|their|our|my)(?: |$)/i;
const BEHIND =
  / (?:of|worth|at|stood at|stands at|was|were|is|are|that (?:had )?cost|which (?:had )?cost|costing|amounting to|totall?ing|came to|owed?s?)$/i;

/** The name of what there was, without what only says that it was there. */
function nameIn(text: string): string {
  let name = text
    .replace(WHO, '')
    .replace(/[.:;,()]+/g, ' ')
    .replace(/ {2,}/g, ' ')
    .trim();
  for (let before = ''; before !== name;) {
    before = name;
    name = name.replace(BEFORE, '').replace(VERB, '').replace(BEHIND, '').trim();
  }
  return name.replace(/^(?:of|in|at(?: the)?) /i, '');
}

const OWES = /\b(?:owe[sd]?|owing)\b/i;
const OWED_TO_US =
  /\b(?:customers?|clients?|debtors?|patients?|members?|tenants?|guests?)\b[^,;]*\bowe[sd]?\b|\bowed by\b/i;

/** A part of such a sentence: its amount, and what stands beside it; null: it is not as simple as that. */
function rowOf(part: string): ListRow | null {
  const [amount, ...more] = [...part.matchAll(AMOUNT)];
  if (!amount || more.length > 0) return null;
  const value = hundredths(amount[0].replace(/^\p{Sc} ?/u, ''));
  const before = nameIn(part.slice(0, amount.index));
  const after = nameIn(part.slice(amount.index + amount[0].length));
  const owes = OWES.test(part) && !OWED_TO_US.test(part);
  const named = before === '' || /^owe[sd]?$/i.test(before) ? after : `${before} ${after}`.trim();
  const name = titled(named.replace(/^(?:owed )?by /i, 'Receivable from '));
  if (value === null || name === '' || name.split(' ').length > 9) return null;
  return {
    name,
    amount: value,
    side: owes || /\bunpaid\b/i.test(name) ? 'credit' : null,
    isTold: true,
  };
}

const WORN = /\((?:already )?depreciated by ([^)]{2,24}?)(?: so far)?\)/i;

/** `A van that had cost 9,000 (depreciated by 2,000)`: the van, and what it has worn. */
function rowsOf(part: string): (ListRow | null)[] {
  const worn = WORN.exec(part);
  if (!worn) return [rowOf(part)];
  const thing = rowOf(part.replace(WORN, ''));
  const amount = hundredths((worn[1] ?? '').replace(/^\p{Sc} ?/u, ''));
  const name = `Accumulated depreciation, ${thing?.name ?? ''}`;
  return [thing, amount === null ? null : { name, amount, side: 'credit', isTold: true }];
}

/** Where one thing ends and the next begins: a comma or *and* behind an amount, or before an article. */
const CUTS =
  /[;,] (?:and )?| and (?=(?:a|an|the|it|she|he|they|we|i|customers|debtors|her|his|its|their|owed?s?|had|of|\p{Sc}|\d|\p{L}+ (?:of|at|worth) (?:\p{Sc}|\d)))/iu;

/** Parts without an amount of their own belong to the one behind: `a chair and an X-ray unit that had cost 31,500`. */
function partsOf(text: string): string[] {
  const found: string[] = [];
  let open = '';
  for (const part of text.split(CUTS)) {
    const whole = open === '' ? part : `${open} and ${part}`;
    open = part.match(AMOUNT) ? '' : whole;
    if (open === '') found.push(whole);
  }
  return open === '' ? found : [...found, open];
}

/** What a sentence says that there was, each with its amount; null: it tells something else. */
export function proseRows(sentence: string): ListRow[] | null {
  const plain = sentence.replace(DAY, ' ').split(/\s+/).join(' ').replace(/\.$/, '');
  const isTold = HAD.test(plain) && !HAPPENS.test(plain);
  if (!isTold || (plain.match(AMOUNT) ?? []).length < 3) return null;
  const rows = partsOf(plain).flatMap(rowsOf);
  return rows.every((row) => row !== null) ? rows : null;
}
