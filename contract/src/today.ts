/** An exercise of which works wait for their instructor. */
export interface WorksWaiting {
  readonly exerciseId: string;
  readonly title: string;
  /** The class groups that have it, by name. */
  readonly groups: readonly string[];
  readonly toMark: number;
  /** Could not be checked: somebody has to look. */
  readonly failed: number;
  /** Handed in, and not checked yet. */
  readonly checking: number;
  /** Questions of students that nobody has answered. */
  readonly asked: number;
}

/** An exercise that opens or closes for a class within days. */
export interface ComingTime {
  readonly exerciseId: string;
  readonly title: string;
  readonly group: string;
  readonly what: 'opens' | 'closes';
  /** ISO 8601. */
  readonly at: string;
  /** How many students the class has, how many have begun, and how many works are in. */
  readonly students: number;
  readonly begun: number;
  readonly handedIn: number;
}

/** What lies there to look around in: nothing of it is real. Null: it was deleted by itself. */
export interface SampleShown {
  readonly groupId: string | null;
  /** In the order in which they are to be looked at. */
  readonly exerciseIds: readonly string[];
  readonly companyBookId: string | null;
}

/** What an instructor comes in to. */
export interface Today {
  readonly waits: readonly WorksWaiting[];
  /** Soonest first. */
  readonly coming: readonly ComingTime[];
  /** The time zone in which times are told. */
  readonly zone: string;
  /** Null: none is laid out. */
  readonly sample: SampleShown | null;
  /** What of one’s own there is, without the sample: what comes next for who begins. */
  readonly has: {
    readonly companies: number;
    readonly exercises: number;
    readonly students: number;
    readonly handedOut: number;
  };
}
