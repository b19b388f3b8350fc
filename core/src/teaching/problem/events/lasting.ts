import { lastOfMonth } from '../days.js';
import type { Amount } from '../../../model/money/amount.js';
import type { KnownAccount, KnownLine } from '../known.js';
import {
  credit,
  debit,
  does,
  entry,
  phrase,
  thingAfter,
  thingFrom,
  titled,
  why,
  wordsOf,
  type Event,
  type Happening,
  type Scene,
  type Understood,
} from '../scene.js';
import { paymentsOf } from '../payment.js';
import { paidInto } from '../paid.js';
import { priceOf } from '../price.js';
import { bestOf, isGoods, LASTING_TYPES } from '../things.js';
import { Told } from '../told.js';
import { percentOf } from '../token.js';
import { monthsSince } from './loans.js';
import { addDays } from '../../../model/day/calendar.js';

const worn = ({
  name,
  type,
}: KnownAccount): { accumulated: string; charge: string; name: string; charged: string } =>
  type === 'intangible'
    ? {
        accumulated: 'accumulated-amortisation',
        charge: 'amortisation-charge',
        name: `Accumulated amortisation, ${name.toLowerCase()}`,
        charged: `Amortisation, ${name.toLowerCase()}`,
      }
    : {
        accumulated: 'accumulated-depreciation',
        charge: 'depreciation-charge',
        name: `Accumulated depreciation, ${name.toLowerCase()}`,
        charged: `Depreciation, ${name.toLowerCase()}`,
      };

/** Whether a sentence names a thing of its own, of another kind: then it is not of the only one that is there. */
function namesAnother(scene: Scene, only: KnownAccount): boolean {
  const named = bestOf(wordsOf(scene), LASTING_TYPES);
  const thing = thingAfter(scene.said, 'depreciate', 'on', 'of');
  const isPlain = thing === '' || NO_THING.test(thing);
  return named ? named.type !== only.type : !isPlain;
}

const NO_THING = /^(?:month|year|period|quarter|it|assets?|fixed|non-current|equipment|cost)\b/i;

/** The thing that lasts of which a sentence speaks; where only one lasts and no other is named, that. */
function lastingOf(scene: Scene): KnownAccount | null {
  const { known } = scene;
  const types = LASTING_TYPES.filter((type) => type !== 'land' && type !== 'long-term-investment');
  const named = known.spokenOf(wordsOf(scene), types);
  if (named) return named;
  const all = known.ofType(...types);
  const last = all.at(-1);
  if (all.length > 1 && scene.said.has('equipment|assets|fixed assets|machinery'))
    return known.ofType('plant-equipment')[0] ?? null;
  if (!last || (all.length > 1 && !scene.said.has('it'))) return null;
  return namesAnother(scene, last) ? null : last;
}

/** What has gathered beside a thing: named after it, or the only such account of a list. */
function accumulatedOf(scene: Scene, asset: KnownAccount): KnownAccount | null {
  const { accumulated } = worn(asset);
  return scene.known.spokenOf(asset.name, [accumulated]) ?? theOnly(scene, accumulated);
}

/** What is there by the middle of a month wears for all of it, and what comes later from the next on. */
const wholeMonth = (day: string): string =>
  Number(day.slice(8)) <= 15 ? `${day.slice(0, 8)}01` : addDays(lastOfMonth(day), 1);

/** A month’s wear times the months that have gone by since the thing is there: to the end of the month that is told. */
function reckoned(scene: Scene, asset: KnownAccount): Amount | null {
  const { said, known, day, firstDay } = scene;
  const lasting = known.remembered.lasting.find(({ account }) => account === asset);
  const cost = lasting?.cost ?? known.balanceOf(asset);
  const many = said.has('each|apiece') ? (said.of('count')[0]?.value ?? lasting?.count ?? 1) : 1;
  const said0 = said.amountAfter('residual', 'worth', 'value')?.value;
  const residual = said0 === undefined ? (lasting?.residual ?? 0) : said0 * many;
  const life = said.of('span').find(({ value }) => value >= 24)?.value ?? lasting?.months ?? 0;
  const from = lasting && lasting.from > firstDay ? wholeMonth(lasting.from) : firstDay;
  const said1 = said.of('span').find(({ value }) => value < 24)?.value;
  const gone = said1 ?? Math.max(1, monthsSince(from, addDays(lastOfMonth(day), 1)));
  const [percent] = said.of('percent');
  if (percent) {
    const isReducing = said.has('reducing|declining|diminishing|book|carrying');
    const before = accumulatedOf(scene, asset);
    const base = isReducing && before ? cost + known.balanceOf(before) : cost;
    return Math.round((percentOf(base, percent) * Math.min(gone, 12)) / 12);
  }
  return life > 0 && cost > residual ? Math.round(((cost - residual) * gone) / life) : null;
}

const isLosing = ({ said, known, ...scene }: Scene): boolean =>
  said.has('lose') &&
  (said.has('value|worth') ||
    known.spokenOf(wordsOf({ said, known, ...scene }), LASTING_TYPES) !== null);

/** `Furniture is written down by 100`: of what lasts; goods and debts lose in other ways. */
const isWrittenDown = (scene: Scene): boolean =>
  scene.said.has('writedown by') && lastingOf(scene) !== null;

/** `The kiln serves five years`, `depreciation of the van is 150`: what a thing has worn. */
export const depreciating: Event = (scene) => {
  const { said } = scene;
  const isOver = said.has('writeoff over #span');
  const wears =
    isOver ||
    said.has('depreciate|endure|useful life|life|wear|straightline') ||
    isLosing(scene) ||
    isWrittenDown(scene);
  if (!wears || said.has('sell') || (said.has('buy') && !isOver)) return null;
  if (said.has('depreciate') && said.amounts.length > 1 && said.of('span').length === 0)
    return severalWorn(scene);
  const asset = lastingOf(scene) ?? toldNow(scene);
  if (!asset)
    return isOver || said.has('depreciate|life|wear') ? why('what wears isn’t said') : null;
  const isSaid =
    (said.has('depreciate|writedown') || isLosing(scene)) &&
    said.of('span').every(({ value }) => value <= 12) &&
    !said.has('residual') &&
    said.of('percent').length === 0;
  if (
    said.of('span').length === 0 &&
    said.has('#amount a month|#amount per month|#amount every month')
  )
    return why('for how many months isn’t said plainly');
  const charge = isSaid ? said.first : reckoned(scene, asset);
  if (charge === null || charge <= 0)
    return why(`how fast ${asset.name.toLowerCase()} wears isn’t said`);
  const uses = isSaid ? [] : said.amounts.map(({ value }) => value);
  return { entries: [wearOf(scene, asset, charge)], uses };
};

/** Where adjusting entries are asked for, a thing that is named with its cost: what there is of it stands in no list. */
function toldNow(scene: Scene): KnownAccount | null {
  const { said, known, closing } = scene;
  const cost = said.amountAfter('cost')?.value ?? null;
  const thing = phrase(thingFrom(said.tokens, 0));
  if (closing === null || cost === null || thing === '') return null;
  const type = bestOf(thing, LASTING_TYPES)?.type ?? 'plant-equipment';
  const account = known.account({ type, name: titled(thing), isGuess: true });
  const from = said.of('day')[0]?.day ?? `${scene.day.slice(0, 4)}-01-01`;
  known.remembered.lasting.push({ account, cost, from, residual: 0, months: 0, count: 1 });
  return account;
}

/** What a thing has worn: charged, and kept beside it. */
function wearOf(scene: Scene, asset: KnownAccount, charge: Amount): Happening {
  const { known } = scene;
  const own = worn(asset);
  const charged =
    known.spokenOf(asset.name, [own.charge]) ??
    theOnly(scene, own.charge) ??
    known.account({ type: own.charge, name: own.charged });
  const kept =
    accumulatedOf(scene, asset) ?? known.account({ type: own.accumulated, name: own.name });
  return entry(own.charged, debit(charged, charge), credit(kept, charge));
}

/** `Depreciation: van 180, planer 75`: each amount with the thing that is named before it. */
function severalWorn(scene: Scene): Understood {
  const entries: Happening[] = [];
  let from = 0;
  for (const [at, { kind, value }] of scene.said.tokens.entries()) {
    if (kind !== 'amount') continue;
    const said = new Told(scene.said.tokens.slice(from, at));
    const asset = lastingOf({ ...scene, said });
    if (!asset) return why('what wears how much isn’t said plainly');
    entries.push(wearOf(scene, asset, value));
    from = at + 1;
  }
  return { entries };
}

const theOnly = ({ known }: Scene, type: string): KnownAccount | null => {
  const [first, ...others] = known.ofType(type);
  return first?.isGiven && others.length === 0 ? first : null;
};

/** `Written down to 50`, `a book value of 50`: what it still stood at. */
function leftOf(said: Told): Amount | null {
  const at = said.tokens.findIndex(
    ({ word }, i) =>
      ['writeoff', 'writedown', 'book', 'carrying', 'depreciate'].includes(word) &&
      said.tokens.slice(i, i + 4).some((each) => ['to', 'value', 'amount'].includes(each.word)),
  );
  if (at < 0 || !said.has('down to|to #amount|value|carrying amount')) return null;
  return said.tokens.slice(at).find(({ kind }) => kind === 'amount')?.value ?? null;
}

/** `Accumulated depreciation 300`, `depreciated by 300`, `300 of depreciation`. */
const wornSaid = (said: Told): Amount | null =>
  (said.has('depreciate #amount|depreciate of #amount|depreciate by #amount|depreciate be #amount')
    ? said.amountAfter('depreciate')
    : said.amountNear('depreciate', 'accumulated')
  )?.value ?? null;

/** What a thing had cost, and what of it has worn: said, or as the books have it. */
function pastOf(scene: Scene, asset: KnownAccount): { cost: Amount; wornOff: Amount } {
  const { said, known } = scene;
  const bought = known.remembered.lasting.find(({ account }) => account === asset)?.cost;
  const accumulated = accumulatedOf(scene, asset);
  const cost = said.amountNear('cost')?.value ?? bought ?? known.balanceOf(asset);
  const left = leftOf(said);
  return {
    cost,
    wornOff:
      (left === null ? null : cost - left) ??
      wornSaid(said) ??
      (accumulated ? -known.balanceOf(accumulated) : 0),
  };
}

/** What is left of a thing in the books when it goes: what it had worn, its cost, what it brought more or less. */
function leaving(scene: Scene, asset: KnownAccount, total: Amount): KnownLine[] {
  const { known } = scene;
  const { cost, wornOff } = pastOf(scene, asset);
  const own = worn(asset);
  const off = () =>
    accumulatedOf(scene, asset) ?? known.account({ type: own.accumulated, name: own.name });
  const gain = total - (cost - wornOff);
  const result = { type: gain > 0 ? 'gain-on-disposal' : 'loss-on-disposal' };
  return [
    ...(wornOff === 0 ? [] : [debit(off(), wornOff)]),
    credit(asset, cost),
    ...(gain === 0 ? [] : [credit(known.account(result), gain)]),
  ];
}

/** `Sells the old van for 900`: the thing and what it has worn leave the books, with what it brought more or less. */
export const disposing: Event = (scene) => {
  const { said, known } = scene;
  if (!said.has('sell|scrap|scraps|scrapped|dispose|disposes')) return null;
  const asset = known.spokenOf(wordsOf(scene), LASTING_TYPES);
  const isForSale =
    asset && isGoods(asset.name, known) && !/\b(?:old|used|second-hand)\b/i.test(scene.text);
  if (!asset || isForSale) return null;
  const isScrapped =
    !said.has('sell') &&
    (said.first === null || said.has('depreciate full|fully depreciate|depreciate atonce'));
  const [past, now] = said.cut(said.indexOf('sell'));
  const price = isScrapped ? null : priceOf(past.has('cost') ? now : said);
  if (!price && !isScrapped) return why('what it is sold for isn’t said');
  const { cost, wornOff } = pastOf(scene, asset);
  if (cost <= 0) return why(`what ${asset.name.toLowerCase()} had cost isn’t said`);
  const total = price?.total ?? 0;
  const payments = price ? paymentsOf(withoutHistory(price.rest), total, 'bank') : [];
  if (!payments) return why('the parts that are paid don’t add up to the whole');
  const lines = [...paidInto(known, payments, [asset.name]), ...leaving(scene, asset, total)];
  return does(`${asset.name} sold`, lines, [...[total, cost, wornOff, cost - wornOff]]);
};

/** What is told of a thing’s past says nothing of how it is paid. */
function withoutHistory(rest: Scene['said']): Scene['said'] {
  const at = rest.indexOf('cost', 'depreciate', 'accumulated');
  return at < 0 ? rest : rest.cut(at)[0];
}
