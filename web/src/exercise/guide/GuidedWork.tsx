import type { GuideAnswer } from '@gleddo/contract';
import { useMemo, useState, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { Withheld } from '../../book/open-book/withheld';
import { TrayPlace } from '../../book/chart/tray-place';
import { Brief } from '../../book/words/Brief';
import { kept, keepFor } from '../../platform/kept/kept-here';
import { Sliding } from '../../platform/shell/Sliding';
import { Asking } from '../../platform/shell/Asking';
import { WorkView } from '../../book/work/WorkView';
import styles from './guide.module.css';
import { SHEET_SIDES, SourceSheets, type SheetSide } from './SourceSheets';
import { currentOf, withheld } from './step-state';
import { StepList } from './StepList';
import { useGuide } from './use-guide';
import { useGuiding } from './use-guiding';
import { WithWords } from '../../book/words/Words';
import workStyles from '../../book/spread/work.module.css';
import chartStyles from '../../book/chart/chart.module.css';

interface GuidedWorkProps {
  readonly base: string;
  readonly part: string;
  readonly brief: string;
}

/** A part of the work with the steps that lead through it, and the papers to copy from. */
export function GuidedWork(props: GuidedWorkProps) {
  const guide = useGuide();
  if (!guide.data) return <Asking of={guide} what="What leads through the exercise" />;
  return (
    <WithWords own={guide.data.guide.words}>
      <Guided {...props} answer={guide.data} />
    </WithWords>
  );
}

const SIDE = 'gleddo.sheet-side';

function useSide(): [SheetSide, (side: SheetSide) => void] {
  const [side, setSide] = useState<SheetSide>(
    () => SHEET_SIDES.find((each) => each === kept('local', SIDE)) ?? 'right',
  );
  return [
    side,
    (to) => {
      keepFor('local', SIDE, to);
      setSide(to);
    },
  ];
}

function Guided({ base, part, brief, answer }: GuidedWorkProps & { answer: GuideAnswer }) {
  const guiding = useGuiding(answer);
  const [side, setSide] = useSide();
  const [slid, slide, away] = useSlid(`${part} ${answer.place.step}`);
  const [params] = useSearchParams();
  const { steps, sheets } = answer.guide;
  const back = useMemo(() => withheld(steps, answer.place), [steps, answer.place]);
  const wanted = currentOf(steps, answer.place)?.sheets ?? [];
  if (params.has('sheets'))
    return (
      <main className={`desk ${styles['alone'] ?? ''}`}>
        <SourceSheets {...{ guiding, wanted, side }} />
      </main>
    );
  const look = sheets.length === 0 ? 'without' : side;
  return (
    <div className={`${workStyles['desk']} ${styles['guided']} ${styles[look]}`}>
      <SlideBar step={stepSays(answer)} hasSheets={sheets.length > 0} onSlide={slide} />
      <Steps {...{ base, brief, guiding }} isOpen={slid === 'steps'} onClose={away}>
        {(place) => (
          <div className={workStyles['work']}>
            {place && (
              <TrayPlace value={place}>
                <Withheld value={back}>
                  <WorkView part={part} />
                </Withheld>
              </TrayPlace>
            )}
          </div>
        )}
      </Steps>
      {sheets.length > 0 && (
        <Papers isOpen={slid === 'sheets'} onClose={away}>
          <SourceSheets {...{ guiding, wanted, side }} onSide={setSide} />
        </Papers>
      )}
    </div>
  );
}

interface PapersProps {
  readonly isOpen: boolean;
  readonly children: ReactNode;
  onClose(): void;
}

const Papers = (props: PapersProps) => (
  <Sliding label="the papers" from="right" className={styles['sheets-place']} {...props} />
);

type Slid = 'steps' | 'sheets';

/** What lies over the work, until one goes on somewhere else. */
function useSlid(here: string): [Slid | null, (which: Slid) => void, () => void] {
  const [slid, setSlid] = useState<{ readonly which: Slid; readonly at: string } | null>(null);
  const which = slid?.at === here ? slid.which : null;
  return [which, (next) => setSlid({ which: next, at: here }), () => setSlid(null)];
}

/** `Step 3 of 6`. */
function stepSays({ guide: { steps }, place }: GuideAnswer): string {
  const current = currentOf(steps, place);
  return current ? `Step ${steps.indexOf(current) + 1} of ${steps.length}` : 'Steps';
}

interface SlideBarProps {
  readonly step: string;
  readonly hasSheets: boolean;
  onSlide(which: Slid): void;
}

/** Where there is no room beside the work: what slides over it. */
const SlideBar = ({ step, hasSheets, onSlide }: SlideBarProps) => (
  <div className="slide-bar">
    <button type="button" onClick={() => onSlide('steps')}>
      ☰ {step}
    </button>
    {hasSheets && (
      <button type="button" onClick={() => onSlide('sheets')}>
        ▤ Papers
      </button>
    )}
  </div>
);

interface StepsProps {
  readonly base: string;
  readonly brief: string;
  readonly guiding: ReturnType<typeof useGuiding>;
  /** Whether they lie over the work, where they have no room beside it. */
  readonly isOpen: boolean;
  onClose(): void;
  children(place: HTMLElement | null): ReactNode;
}

/** The steps, the brief folded over them, and where the accounts lie that have no place. */
function Steps({ base, brief, guiding, isOpen, onClose, children }: StepsProps) {
  const [place, setPlace] = useState<HTMLElement | null>(null);
  return (
    <>
      <Sliding
        label="the steps"
        from="left"
        className={workStyles['beside']}
        {...{ isOpen, onClose }}
      >
        <section className="paper" aria-label="What leads through the exercise">
          {brief.trim() !== '' && (
            <details className={styles['brief']}>
              <summary>The brief</summary>
              <Brief text={brief} />
            </details>
          )}
          <StepList base={base} guiding={guiding} />
        </section>
      </Sliding>
      <div className={`${chartStyles['tray-place']} ${workStyles['tray']}`} ref={setPlace} />
      {children(place)}
    </>
  );
}
