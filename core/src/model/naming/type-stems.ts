/**
 * Words by which an account’s type is guessed, each type’s in a text. `kiln`: the word itself, one or many; `refriger-`:
 * words that begin so; `-mower`: words that end so; `so+far`: these words in a row. British and American words stand
 * together.
 */
const WORDS: Readonly<Record<string, string>> = {
  // Current assets
  bank: 'bank current+account checking savings giro building+society paypoint e-money',
  'cash-in-hand': 'cash till float petty coin drawer strongbox kitty',
  'short-term-investment':
    'treasury+bill gilt+short month+deposit term+deposit fixed+deposit money+market',
  'trade-receivables':
    'debtor receivable customer client garden+centre school+account invoiced+unpaid owed+by+customer owed+by+client patient+account tenant+account member+account',
  'allowance-doubtful-debts': 'allowance doubtful uncollect- bad+debt not+paid',
  'note-receivable': 'note+receivable bill+receivable promissory promise',
  'due-from-owner':
    'owner+owe due+from+owner director+loan due+from+director owed+by+owner owed+by+director due+from+partner',
  'sundry-receivable':
    'claim advance+to loan+to lent owed+by due+from refund+due rebate+due staff+advance employee+advance reclaim- reimburs- season+ticket+loan',
  inventory:
    'stock inventor- goods merchandise wares finished material raw clay glaze yarn fabric cloth thread leather timber lumber wood plank board paper ink paint pigment flour sugar butter grain malt hops bean coffee tea wine beer spirit bottle+for+sale book jewel- gem bead silver+wire gold+wire wax candle soap perfume oil+for+sale seed bulb plant+for+sale sapling shrub pot mug plate bowl vase tile brick cement sand gravel pipe cable fitting+for+sale part component spare toy game garment shirt shoe boot hat bag cake bread loaf pastr- chocolate sweet candy honey jam cheese milk meat fish vegetable fruit egg feed fodder hay livestock cattle fuel+for+sale tyre+for+sale tire+for+sale frame canvas cards+for+sale souvenir gift+for+sale resale for+sale to+sell unsold',
  'goods-in-transit': 'in+transit on+the+way on+its+way on+their+way afloat',
  'work-in-progress':
    'in+progress in+process unfinished half+finished part+finished jobs+in+hand uncompleted unbaked in+the+making',
  supplies:
    'supplies consumable stationer- packing packag- wrapping cleaning+material cleaning+stuff detergent toner cartridge stamp label box envelope tissue towel glove mask apron office+stock toiletr- fuel+in+tank heating+oil firewood',
  prepayment:
    'until prepaid prepay- prepayment paid+ahead in+advance paid+early paid+up+front unexpired annual+fee+paid licence+paid license+paid membership+paid',
  'deposit-paid':
    'deposit+paid security+deposit rent+deposit rental+deposit bond+paid deposit+with deposit+on deposit+at returnable refundable',
  'accrued-income':
    'accrued unbilled to+be+invoiced not+yet+invoiced earned+not interest+receivable rent+receivable commission+receivable',
  'tax-recoverable': 'tax vat gst recoverable input+tax reclaimable',

  // Assets that last
  land: 'land field meadow plot ground acre paddock orchard pasture freehold site yard',
  buildings:
    'building premise house -house hall barn shed -shed workshop studio garage hut stable warehouse factory cabin pavilion shop+building cottage annex- extension roof silo',
  'plant-equipment':
    'plant equipment machin- oven kiln press lathe drill saw sander grinder mixer blender tool toolkit anvil forge furnace boiler bicycle bike cycle tricycle scooter pump compressor generator engine motor winch crane hoist lift forklift loader digger excavator tractor plough plow harvester baler mower -mower trimmer chainsaw washer -washer dryer fridge refriger- freezer cooler chiller cooker stove hob grill fryer toaster espresso grinder roaster scale balance+scale till+machine register scanner+barcode sewing loom spinning wheel potter+wheel easel camera lens tripod projector speaker amplifier instrument piano guitar drum violin telescope microscope x-ray dental treadmill weights boat kayak canoe raft paddle sail surfboard ski skate tent trampoline net goal mould mold die jig workbench bench ladder scaffold container tank vat hive beehive trap cage kennel solar panel turbine meter sprinkler hose irrigat- greenhouse+heater heater fan air+con- aircon -conditioner vacuum polisher steamer iron mangle cutter guillotine laminator binder printer+press engraver laser welder welding rig hire+fleet rental+fleet uniform+long linen+long crockery cutlery costume wardrobe+costume stage lighting',
  vehicles:
    'vehicle van -van car lorry truck pickup motor+vehicle motorbike motorcycle moped trailer bus minibus coach taxi cab wagon caravan camper fleet+of ambulance',
  'furniture-fittings':
    'furniture fitting fixture shelf shelves shelving counter desk chair table stool sofa couch bed mattress cupboard cabinet wardrobe rack locker carpet curtain blind lamp light sign signage awning display showcase mirror partition bookcase safe bar+counter',
  computers:
    'computer laptop desktop tablet server network router monitor screen phone smartphone handset printer scanner photocopier copier till+system card+reader console drone it+equipment hardware electronic',
  'accumulated-depreciation':
    'accumulated depreciation depreciated so+far to+date written+off+so used+up worn wear provision+for+depreciation',
  intangible:
    'software patent licence license trademark trade+mark brand goodwill copyright franchise right website web+shop app domain recipe development design+cost lease+premium concession quota permit royalt-',
  'accumulated-amortisation': 'amortis- amortiz-',
  'long-term-investment':
    'investment share stake bond gilt debenture subsidiary associate held+for+years savings+bond',

  // What is owed
  'trade-payables':
    'creditor supplier payable trade vendor wholesaler merchant bill invoices+unpaid unpaid+bill unpaid+invoice',
  'goods-received-not-invoiced':
    'not+invoiced invoice+to+come uninvoiced delivered+not received+not',
  'bank-overdraft': 'overdraft overdrawn below+zero',
  'note-payable': 'note promissory bill+payable promise',
  'card-payable': 'card credit+card charge+card',
  'accrued-expense':
    'accrued accrual electricity gas water power telephone phone heating energy audit interest rent not+yet+billed not+billed used+not bill+to+come',
  'wages-payable':
    'wage salar- payroll staff overtime bonus pension holiday+pay paye social+security national+insurance withh- tips',
  'sales-tax': 'vat gst sales+tax output+tax value+added duty',
  'income-tax-payable': 'income+tax corporation+tax tax+on+profit corporate+tax profit+tax tax',
  'deferred-income':
    'deferred unearned in+advance paid+ahead voucher gift+card gift+certificate season subscription membership ticket pass prepaid received+ahead advance booking course+paid advance+payment customer+advance layaway',
  'deposits-held': 'deposit bond+held key+deposit crate+deposit deposits+from tenant',
  'dividends-payable': 'dividend',
  'current-provision':
    'provision warranty guarantee+claim refund+expected legal+claim repair+promised',
  'sundry-payable':
    'owed owing due+to neighbour neighbor friend relative sundry other grant+to+repay lost+property charity+collect-',
  'lease-within-year': 'lease hire+purchase finance+lease',
  'loan-within-year': 'loan mortgage instalment installment borrow-',
  'long-term-loan':
    'loan mortgage borrow- bond+issued debenture long-term bank+loan family+loan finance',
  lease: 'lease hire+purchase leased finance+lease',
  provision: 'provision warranty guarantee restoration decommission- pension+promise',

  // Equity
  'share-capital': 'share+capital ordinary common preference preferred shares stock',
  'share-premium': 'premium paid+in+excess paid-in',
  'owner-capital': 'capital owner invest- introduced put+in proprietor savings+put equity',
  'partner-current': 'current+account partner+current',
  drawings: 'drawing taken+out taken+home withdraw- private personal',
  dividends: 'dividend',
  'own-shares': 'own+share treasury bought+back buyback',
  'revaluation-reserve': 'revaluation written+up revalued',
  reserve: 'reserve fund endowment',
  'retained-earnings': 'retained accumulated kept undistributed surplus',
  'income-summary': 'summary',

  // Revenue
  'goods-sales':
    'sale sold shop takings counter goods retail wholesale product web+shop market+stall merchandise menu food drink bar cafe',
  'service-fees':
    'fee service lesson class+fee course tuition consult- commission hire rental hire+out repair+work repairs+done job+done commission+earned admission entry ticket membership subscription advice design+work delivery+charge treatment session booking workshop labour labor tour guiding teaching coaching storage+fee rent',
  'donations-grants': 'donation grant gift legacy bequest sponsor- collection fundrais-',
  'returns-given': 'return refund allowance+to discount credit+note rebate+given sales+returns',

  // Cost of sales
  purchases: 'purchase bought buying goods+bought',
  'carriage-in': 'carriage freight inward delivery+in shipping+in import+duty customs haulage+in',
  'returns-taken': 'return discount+received discount+taken sent+back rebate purchase+returns',
  'stock-change': 'change opening closing movement stock+adjust-',
  'cost-of-goods-sold': 'cost+of used+up consumed sold ingredients material used cogs',
  'direct-labour': 'labour labor piecework wages production+wage making+wage craft+wage assembly',
  'other-direct-cost':
    'direct subcontract- firing royalt- commission+paid packaging+used kiln+fuel power+production',

  // Operating expenses
  staff:
    'wage salar- staff payroll pay bonus pension overtime social+security national+insurance training recruitment apprentice temp uniform tips holiday+pay director+fee employer canteen',
  premises:
    'rent rates electric- gas water heat- light- power energy premises cleaning council refuse waste rubbish garbage trash utilities sewer- property+tax service+charge security janitor- caretaker window+clean- storage',
  'vehicle-running':
    'fuel petrol diesel gasoline van car vehicle mileage parking toll mot tyre tire road+tax congestion lorry truck motor+expense garage+bill car+wash',
  selling:
    'advert- marketing promotion flyer leaflet poster campaign market+stall stall+fee exhibition fair trade+show sample commission card+charge card+terminal merchant+fee sponsor- social+media web+ads brochure entertain- gift+to selling website+hosting',
  'carriage-out':
    'carriage freight postage+to delivery courier shipping dispatch despatch outward haulage parcel',
  office:
    'office stationer- postage post phone telephone mobile internet broadband printing paper ink software+subscription subscription licence+fee license+fee newspaper magazine computer+running it+support hosting domain bank+charge bank+fee admin- copier cloud app+fee',
  insurance: 'insur- cover policy liability+premium premium',
  repairs:
    'repair mainten- mend- upkeep servicing service+of spare+part renew- redecorat- painting+of decorat- overhaul calibration',
  'professional-fees':
    'account- audit- legal lawyer solicitor attorney notary consult- bookkeep- advis- surveyor architect professional payroll+bureau translator',
  'bad-debts': 'bad+debt doubtful written+off uncollect- irrecoverable never+paid',
  'depreciation-charge': 'depreciation wear writing+down',
  'amortisation-charge': 'amortis- amortiz- writing+off',
  'sundry-operating':
    'sundry sundries miscellaneous general other travel hotel train+fare flight subsistence meal refreshment tea+and donation+given charity fine penalt- membership+fee subscription+to laundry linen safety first+aid pest vet cleaning+stuff consumables+used supplies+used small+tool theft stolen shortage',

  // Other income and expenses
  'interest-received': 'interest',
  'dividends-received': 'dividend',
  'gain-on-disposal': 'gain profit+on disposal sold',
  'sundry-income':
    'sundry sundries miscellaneous other rent+received letting insurance+payout compensation windfall grant scrap royalt- commission+received exchange+gain',
  'interest-paid': 'interest finance+charge loan+cost bank+charge mortgage overdraft',
  'loss-on-disposal': 'loss disposal',
  'sundry-expense':
    'sundry sundries miscellaneous fine penalt- other exchange+loss theft flood fire+damage restructur-',
  'income-tax': 'tax',
};

/** The commonest type of each section: what is proposed where no word says anything. Never land, never contra. */
export const COMMONEST: Readonly<Record<string, string>> = {
  'current-assets': 'inventory',
  'non-current-assets': 'plant-equipment',
  'current-liabilities': 'sundry-payable',
  'non-current-liabilities': 'long-term-loan',
  equity: 'reserve',
  revenue: 'goods-sales',
  'cost-of-sales': 'other-direct-cost',
  'operating-expenses': 'sundry-operating',
  'other-income': 'sundry-income',
  'other-expenses': 'sundry-expense',
  'income-tax': 'income-tax',
};

/** Types that take something off another account: where their words stand, they are meant, whatever is named beside. */
const FIRST: ReadonlySet<string> = new Set([
  ...['accumulated-depreciation', 'accumulated-amortisation', 'allowance-doubtful-debts'],
  ...['depreciation-charge', 'amortisation-charge', 'bad-debts', 'prepayment', 'goods-in-transit'],
  ...[
    'insurance',
    'repairs',
    'accrued-expense',
    'deferred-income',
    'deposit-paid',
    'note-receivable',
  ],
]);

interface Stem {
  readonly words: readonly string[];
  readonly is: (word: string, stem: string) => boolean;
  readonly weight: number;
}

const isWord = (word: string, stem: string): boolean =>
  word === stem || word === `${stem}s` || word === `${stem}es`;
const begins = (word: string, stem: string): boolean => word.startsWith(stem);
const ends = (word: string, stem: string): boolean => isWord(word, stem) || word.endsWith(stem);

function stemOf(text: string): Stem {
  const words = text.split('+').map((word) => word.replace(/^-|-$/g, ''));
  const is = text.startsWith('-') ? ends : text.endsWith('-') ? begins : isWord;
  return { words, is, weight: words.join('').length + 4 * (words.length - 1) };
}

const STEMS: ReadonlyMap<string, readonly Stem[]> = new Map(
  Object.entries(WORDS).map(([type, text]) => [type, text.split(' ').map(stemOf)]),
);

const wordsOf = (name: string): string[] =>
  name
    .toLowerCase()
    .replace(/[’']s?\b/g, '')
    .split(/[^\p{L}\p{N}-]+/u)
    .filter((word) => word !== '');

/** Where in a name a stem’s words stand in a row, counted from one; 0 where they don’t. */
function placeOf({ words, is }: Stem, name: readonly string[]): number {
  const last = words.length - 1;
  const fits = (from: number) =>
    words.every((word, i) => (i === last ? is : isWord)(name[from + i] ?? '', word));
  return name.findLastIndex((_, from) => fits(from)) + 1;
}

/**
 * How strongly the words of a name speak for a type; 0: not at all. Long words and those in a row say more than short
 * ones; of English names the last word says most; what takes off another account goes before what it is taken off.
 */
export function wordsSpeakFor(name: string, type: string): number {
  const words = wordsOf(name);
  let most = 0;
  for (const stem of STEMS.get(type) ?? []) {
    const place = placeOf(stem, words);
    if (place > 0) most = Math.max(most, stem.weight + (6 * place) / words.length);
  }
  return most > 0 && FIRST.has(type) ? most + 20 : most;
}
