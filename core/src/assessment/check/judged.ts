import type { Facts } from '../../model/refusal/refusal.js';
import { refOf, type CauseShare, type CheckResult, type Finding, type Outcome } from './finding.js';

/** A finding with its points. Its reference and its facts are made only when they are asked for. */
export class Judged implements CheckResult {
  readonly points: number;
  readonly of: number;
  private madeFacts: Facts | null = null;

  constructor(
    readonly check: string,
    private readonly finding: Finding,
    { points, of }: Pick<CheckResult, 'points' | 'of'>,
  ) {
    this.points = points;
    this.of = of;
  }

  /** The same finding, bearing other points. */
  bearing(of: number): Judged {
    const keeps = this.outcome === 'met' || this.outcome === 'follows';
    return new Judged(this.check, this.finding, { points: keeps ? of : 0, of });
  }

  get subject(): Finding['subject'] {
    return this.finding.subject;
  }

  get outcome(): Outcome {
    return this.finding.outcome;
  }

  get from(): readonly string[] {
    return this.finding.from ?? NONE;
  }

  get difference(): number | undefined {
    return this.finding.difference;
  }

  get causes(): readonly CauseShare[] | undefined {
    return this.finding.causes;
  }

  get date(): Finding['date'] {
    return this.finding.date;
  }

  get ref(): string {
    return refOf(this.check, this.subject);
  }

  get facts(): Facts {
    return (this.madeFacts ??= this.finding.facts());
  }
}

const NONE: readonly string[] = [];
