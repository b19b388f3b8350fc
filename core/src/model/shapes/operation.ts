import { accountShape, id, PARTICULARS } from './account.js';
import { companyShape } from './company.js';
import { day } from './day.js';
import { INVENTORY_SYSTEMS, SUBLEDGERS, assignmentShape } from './subledgers.js';
import { documentShape } from './document.js';
import { entryShape } from './entry.js';
import { itemShape } from './item.js';
import { numberPlanShape } from './number-plan.js';
import { partyShape } from './party.js';
import { scheduleShape } from './schedule.js';
import { schemeShape } from './scheme.js';
import { templateShape } from './template.js';
import { picked, record } from '../shape/record.js';
import {
  amount,
  exactly,
  flag,
  list,
  oneOf,
  orNull,
  text,
  whole,
  type ValueOf,
} from '../shape/shape.js';
import { taxListsShape } from './tax-list.js';

const index = whole(0, 1_000_000);
const number = orNull(text(200));
const restores = exactly(true);

/** What each operation on a book needs. An operation is one of these with its kind. */
export const OPERATIONS = {
  'add-account': record({ account: accountShape, index }, 'index'),
  'rename-account': record({ id, name: text() }),
  'renumber-account': record({ id, number }),
  /**
   * `index`: the position among all accounts; it orders those without a number. Absent: stays. `guessed`: whether the type
   * is taken from the name alone; absent: as it was while the type stays, else somebody chose it.
   */
  'move-account': record(
    { id, type: orNull(id), guessed: flag, parent: orNull(id), number, index },
    'index',
    'guessed',
  ),
  'describe-account': record({ id, ...picked(accountShape.fields, PARTICULARS) }),
  'state-side': record({ id, side: orNull(oneOf(['debit', 'credit'])) }),
  'retire-account': record({ id }),
  'bring-back-account': record({ id }),
  /** `children`: lifted to its own parent; or the deletion is refused. */
  'delete-account': record({ id, children: oneOf(['lift', 'refuse']) }),
  'set-opening': record({ id, amount }),
  'set-opening-date': record({ date: day }),
  /** `index`: where among the entries; absent: at the end. `restores`: it stood there before, so that accounts
   * retired since do not stand in the way. */
  'record-entry': record({ entry: entryShape, index, restores }, 'index', 'restores'),
  'change-entry': record({ entry: entryShape, restores }, 'restores'),
  'remove-entry': record({ id }),
  /** `until`: the last locked day from then on; null: nothing is locked. */
  'lock-entries': record({ until: orNull(day) }),
  /** A thing in its list, or in the place of the one with its id. `index`: where in the list; absent: at the end. */
  'put-party': record({ party: partyShape, index }, 'index'),
  'remove-party': record({ id }),
  'put-item': record({ item: itemShape, index }, 'index'),
  'remove-item': record({ id }),
  'put-document': record({ document: documentShape, index, restores }, 'index', 'restores'),
  'remove-document': record({ id }),
  'put-schedule': record({ schedule: scheduleShape, index, restores }, 'index', 'restores'),
  'remove-schedule': record({ id }),
  'change-posting': record({ posting: assignmentShape, inventory: oneOf(INVENTORY_SYSTEMS) }),
  'change-taxes': record({ taxes: SUBLEDGERS.taxes }),
  'put-waiting': record({ entry: entryShape, index }, 'index'),
  'remove-waiting': record({ id }),
  'put-template': record({ template: templateShape, index }, 'index'),
  'remove-template': record({ id }),
  'change-company': record({ company: companyShape }),
  'change-tax-lists': record({ taxLists: taxListsShape }),
  /** `places`: where accounts stand from then on; absent: those of a type that is gone lose their place. */
  'change-scheme': record(
    {
      scheme: schemeShape,
      places: list(record({ id, type: orNull(id), parent: orNull(id) }), 5_000, 'places'),
    },
    'places',
  ),
  /** `numberPlan`: the plan from then on; null: the book works without numbers. */
  'renumber-all': record({
    numbers: list(record({ id, number }), 5_000, 'numbers'),
    numberPlan: orNull(numberPlanShape),
  }),
} as const;

type Plain = typeof OPERATIONS;

/** A change of a book, as data with a name. It can be kept, sent, applied and undone. */
export type Operation =
  | { readonly [K in keyof Plain]: { readonly kind: K } & ValueOf<Plain[K]> }[keyof Plain]
  | { readonly kind: 'several'; readonly operations: readonly Operation[] };

export type OperationKind = Operation['kind'];
export type OperationOf<K extends OperationKind> = Extract<Operation, { kind: K }>;
