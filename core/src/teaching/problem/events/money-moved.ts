import type { Amount } from '../../../model/money/amount.js';
import { credit, debit, does, why, type Event, type Scene } from '../scene.js';

/** Whether the till has so much: takings that were told before lie in it, others come in just now. */
const isInTheTill = ({ known }: Scene, amount: Amount): boolean =>
  known.ofType('cash-in-hand').some((till) => known.balanceOf(till) >= amount);

/** `Took 800 to the bank`: nothing but money is spoken of, and it lies in the till. */
const isCarried = (scene: Scene): boolean =>
  scene.said.has('take #amount to bank|bring #amount to bank|carry #amount to bank') &&
  scene.said.first !== null &&
  isInTheTill(scene, scene.said.first);

/** `Apart from 35`: all that lies in the till but this; null: it can’t be reckoned. */
function movedOf({ said, known }: Scene, first: Amount): Amount | null {
  if (!said.has('except')) return first;
  const all = known.ofType('cash-in-hand').reduce((sum, each) => sum + known.balanceOf(each), 0);
  return known.hasGaps || all <= first ? null : all - first;
}

/** What is paid from one to the other goes to nobody. */
const MOVED_BETWEEN =
  'be pay into bank|be pay from bank for till|be pay from bank for petty|be pay from bank for float|be pay from bank into till';

/** Money moved between bank and till. */
export const moneyMoved: Event = (scene) => {
  const { said, known } = scene;
  // What lies in the till was received before.
  const isBanked =
    said.has('banked') &&
    said.has('till|float|petty|of cash|of that cash|cash be banked|takings be banked');
  const toBank = isBanked || said.has('into bank|to bank|in bank|at bank|deposit with bank');
  const isOfIt =
    said.has('ofit|#amount of be') && said.first !== null && isInTheTill(scene, said.first);
  const isTakings = isOfIt || isCarried(scene) || said.has('takings|till|cash|float|petty');
  if (said.has('who') || (said.has('be pay') && !said.has(MOVED_BETWEEN))) return null;
  const isMoving = isBanked || said.has('pay|put|deposit|bring|withdraw|transfer|take|bank');
  const fromBank = said.has('from bank') && said.has('till|petty|float|office use|cash');
  if (
    !isTakings ||
    !isMoving ||
    !(toBank || fromBank) ||
    said.has('owner|customer|private|loan|capital|sell|buy|receive')
  )
    return null;
  if (said.first === null || said.has('for rent')) return null;
  const isOfTill = !said.has('takings') || said.has('of takings|till');
  if (!isOfTill && !isInTheTill(scene, said.first)) return null;
  const amount = movedOf(scene, said.first);
  if (amount === null) return why('how much of it is moved isn’t said plainly');
  known.moneyIn = 'both';
  const [bank, cash] = [known.money(false), known.money(true)];
  if (bank === cash) return null;
  return does(
    toBank ? 'Cash to the bank' : 'Money for the till',
    toBank
      ? [debit(bank, amount), credit(cash, amount)]
      : [debit(cash, amount), credit(bank, amount)],
    [said.first],
  );
};
