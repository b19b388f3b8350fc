import { useRef, useState, type TouchEvent } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

export type Side = 'left' | 'right';

/** As far as a finger goes, in pixels, to turn a page; up and down it goes less than half as far, and it does not rest. */
const FAR = 60;
const QUICK = 600;

/** Only where one page is open there is anything to turn; elsewhere the key is the browser’s. */
const isTurned = (): boolean => window.matchMedia('(max-width: 63.9375rem)').matches;

const otherSide = (at: Side): Side => (at === 'left' ? 'right' : 'left');

/** Which of two pages is open where only one has room: turned by a button, a swipe, or a key. */
export function useTurning(wanted: Side | null) {
  const [at, setAt] = useState<Side>(wanted ?? 'left');
  const [last, setLast] = useState(wanted);
  const from = useRef<{ readonly x: number; readonly y: number; readonly at: number } | null>(null);
  if (wanted !== last) {
    setLast(wanted);
    if (wanted !== null) setAt(wanted);
  }
  const turn = () => setAt(otherSide);
  useHotkeys('f6', turn, { enabled: isTurned, preventDefault: true, enableOnFormTags: true });
  const swipe = {
    onTouchStart: (event: TouchEvent) => {
      const touch = event.touches.length === 1 ? event.touches.item(0) : null;
      from.current = touch ? { x: touch.clientX, y: touch.clientY, at: event.timeStamp } : null;
    },
    onTouchEnd: ({ changedTouches, timeStamp }: TouchEvent) => {
      const touch = changedTouches.item(0);
      if (!from.current || !touch || timeStamp - from.current.at > QUICK) return;
      const across = touch.clientX - from.current.x;
      const down = Math.abs(touch.clientY - from.current.y);
      if (Math.abs(across) < FAR || down > Math.abs(across) / 2) return;
      setAt(across < 0 === (document.dir !== 'rtl') ? 'right' : 'left');
    },
  };
  return { at, turn, swipe };
}
