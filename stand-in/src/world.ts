/** Somebody of the made-up school, as its platform knows them. */
export interface Person {
  readonly id: string;
  readonly given: string;
  readonly family: string;
  readonly email: string;
  readonly number: string;
  readonly isStaff: boolean;
}

/** A place in the course that leads to the tool. */
export interface Place {
  readonly id: string;
  readonly title: string;
}

/** A mark as it came in. */
export interface Mark {
  readonly timestamp: string;
  readonly given: number | null;
  readonly of: number | null;
  readonly activity: string;
  readonly grading: string;
}

const person = (line: string): Person => {
  const [id = '', given = '', family = '', number = '', role = ''] = line.split(' ');
  const email = `${given}.${family}@hillside.example`.toLowerCase();
  return { id, given, family, email, number, isStaff: role === 'teaches' };
};

export const COURSE = { id: 'course-7', title: 'Bookkeeping on Tuesdays', label: 'BK-7' };
export const PEOPLE: readonly Person[] = [
  'u-100 Hedda Brook T-1 teaches',
  'u-101 Ivo Lark T-2 teaches',
  'u-201 Anouk Tarn H-201',
  'u-202 Bram Vale H-202',
  'u-203 Cosima Reed H-203',
].map(person);
export const PLACES: readonly Place[] = [
  { id: 'place-1', title: 'First set-up' },
  { id: 'place-2', title: 'Second set-up' },
];

/** Where marks of one place are kept. */
export interface LineItem {
  readonly id: string;
  readonly label: string;
  readonly scoreMaximum: number;
  readonly resourceLinkId: string | null;
  readonly marks: Map<string, Mark[]>;
}

/** What a platform remembers. */
export class World {
  private readonly items = new Map<string, LineItem>();

  /** The first place has somewhere for its marks from the beginning; the tool makes it for the other. */
  constructor() {
    this.add({ label: PLACES[0]?.title ?? '', scoreMaximum: 100, resourceLinkId: 'place-1' });
  }

  add(item: Pick<LineItem, 'label' | 'scoreMaximum' | 'resourceLinkId'>): LineItem {
    const made = { ...item, id: `item-${this.items.size + 1}`, marks: new Map<string, Mark[]>() };
    this.items.set(made.id, made);
    return made;
  }

  item = (id: string): LineItem | undefined => this.items.get(id);
  all = (): readonly LineItem[] => [...this.items.values()];
  ofPlace = (place: string): LineItem | undefined =>
    this.all().find(({ resourceLinkId }) => resourceLinkId === place);

  /** The latest mark of somebody at a place. */
  markOf(place: string, who: string): Mark | undefined {
    return this.ofPlace(place)?.marks.get(who)?.at(-1);
  }
}
