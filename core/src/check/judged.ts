import type { Facts } from '../refusal/refusal.js';
import { refOf, type CauseShare, type CheckResult, type Finding, type Outcome } from './check.js';

/** A finding with its points. Its reference and its facts are made only when they are asked for. */
export class Judged implements CheckResult {
  readonly subject: Finding['subject'];
  readonly outcome: Outcome;
  readonly from: readonly string[];
  readonly difference?: number;
  readonly causes?: readonly CauseShare[];
  readonly date?: NonNullable<Finding['date']>;
  private readonly makeFacts: () => Facts;
  private madeFacts: Facts | null = null;

  constructor(
    readonly check: string,
    finding: Finding,
    readonly points: number,
    readonly of: number,
  ) {
    this.subject = finding.subject;
    this.outcome = finding.outcome;
    this.from = finding.from ?? NONE;
    this.makeFacts = finding.facts;
    if (finding.difference !== undefined) this.difference = finding.difference;
    if (finding.causes !== undefined) this.causes = finding.causes;
    if (finding.date !== undefined) this.date = finding.date;
  }

  /** The same finding, bearing other points. */
  bearing(of: number): Judged {
    const points = this.outcome === 'met' || this.outcome === 'follows' ? of : 0;
    return Object.assign(Object.create(Judged.prototype) as Judged, this, { points, of });
  }

  get ref(): string {
    return refOf(this.check, this.subject);
  }

  get facts(): Facts {
    return (this.madeFacts ??= this.makeFacts());
  }
}

const NONE: readonly string[] = [];
