import type { AmountMarks } from '../money/amount-marks.js';
import type { DayOrder } from '../day/calendar.js';

/** How a place writes what a company shows. */
export interface Place extends AmountMarks {
  /** ISO 3166-1. */
  readonly id: string;
  readonly days: DayOrder;
  /** Whose alphabet names are sorted by (BCP 47). */
  readonly language: string;
}

const POINT = { decimal: '.', group: ',', grouping: 'threes' } as const;
const COMMA = { decimal: ',', group: '.', grouping: 'threes' } as const;
const COMMA_SPACE = { ...COMMA, group: '\u00a0' } as const;

/** Places that write alike, each with the language that most speak there. */
interface Alike {
  readonly marks: AmountMarks;
  readonly days: DayOrder;
  readonly places: string;
}

/**
 * Source: Unicode CLDR, number symbols and the order of the short date; that they still agree with what Intl has of them is
 * a test. A place is one row here and nothing elsewhere.
 */
const WRITE_ALIKE: readonly Alike[] = [
  {
    marks: POINT,
    days: 'day-first',
    places: 'AU-en GB-en GH-en IE-en KE-en MT-en MX-es MY-ms NG-en NZ-en PK-en SG-en',
  },
  { marks: POINT, days: 'month-first', places: 'PH-en US-en' },
  { marks: POINT, days: 'year-first', places: 'CA-en CN-zh JP-ja KR-ko' },
  { marks: { ...POINT, grouping: 'twos' }, days: 'day-first', places: 'IN-en' },
  { marks: { ...POINT, group: '’' }, days: 'day-first', places: 'CH-de' },
  {
    marks: COMMA,
    days: 'day-first',
    places:
      'AR-es BE-nl BR-pt CL-es CO-es DE-de DK-da ES-es GR-el HR-hr ID-id IS-is IT-it LU-fr NL-nl RO-ro SI-sl TR-tr VN-vi',
  },
  {
    marks: COMMA_SPACE,
    days: 'day-first',
    places: 'AT-de BG-bg CZ-cs EE-et FI-fi FR-fr LV-lv NO-nb PL-pl PT-pt SK-sk UA-uk',
  },
  { marks: COMMA_SPACE, days: 'year-first', places: 'HU-hu LT-lt SE-sv ZA-en' },
];

export const PLACES: readonly Place[] = WRITE_ALIKE.flatMap(({ marks, days, places }) =>
  places.split(' ').map((each) => {
    const [id = '', language = ''] = each.split('-');
    return { id, language, days, ...marks };
  }),
);

/** How a company writes that names no place: 1,234.50 and 31 March 2027. */
const ANYWHERE: Place = { id: '', language: 'en', days: 'day-first', ...POINT };

const byId = new Map(PLACES.map((place) => [place.id, place]));

export const placeOfId = (id: string | undefined): Place => byId.get(id ?? '') ?? ANYWHERE;
