import { useVirtualizer, type VirtualItem } from '@tanstack/react-virtual';
import { typeScale } from '../shell/type-scale';
import { usePrinting } from './use-printing';
import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** Fewer rows than this are all drawn: then a page can be searched as it is. On paper all are. */
const FEW = 60;
const ROWS_BEYOND = 12;

interface LongList<E extends HTMLElement> {
  /** To be set at the element that holds the rows. */
  readonly list: RefObject<E | null>;
  /** The indexes to be drawn. */
  readonly rows: readonly number[];
  /** The room that rows before and behind those drawn take, in pixels. */
  readonly before: number;
  readonly after: number;
  /** To be set at each row whose height is its own. */
  readonly measure: (row: HTMLElement | null) => void;
}

function scrolling(element: HTMLElement): HTMLElement {
  for (let at = element.parentElement; at; at = at.parentElement)
    if (/auto|scroll/.test(getComputedStyle(at).overflowY)) return at;
  return document.documentElement;
}

/** Of a long list only the rows in view are drawn, wherever the element stands that scrolls them. */
export function useLongList<E extends HTMLElement>(
  count: number,
  rowHeight: (index: number) => number,
): LongList<E> {
  const list = useRef<E>(null);
  const [around, setAround] = useState<HTMLElement | null>(null);
  const [margin, setMargin] = useState(0);
  const isPrinted = usePrinting();
  const isFew = count <= FEW || isPrinted;
  useLayoutEffect(() => {
    if (!list.current || isFew) return;
    const scroller = scrolling(list.current);
    const top = list.current.getBoundingClientRect().top - scroller.getBoundingClientRect().top;
    setAround(scroller);
    setMargin(Math.round(top + scroller.scrollTop));
  }, [isFew, count]);
  // eslint-disable-next-line react-hooks/incompatible-library -- drawn anew with every change of the list anyway
  const virtual = useVirtualizer({
    count,
    enabled: !isFew,
    getScrollElement: () => around,
    estimateSize: (index) => rowHeight(index) * typeScale(),
    overscan: ROWS_BEYOND,
    scrollMargin: margin,
    initialRect: { width: 0, height: 800 },
  });
  if (isFew) return { list, rows: range(count), before: 0, after: 0, measure: () => undefined };
  const items: readonly VirtualItem[] = virtual.getVirtualItems();
  const first = items[0];
  const last = items.at(-1);
  return {
    list,
    rows: items.map(({ index }) => index),
    before: first ? first.start - margin : 0,
    after: last ? virtual.getTotalSize() - (last.end - margin) : virtual.getTotalSize(),
    measure: virtual.measureElement,
  };
}

const range = (count: number): number[] => Array.from({ length: count }, (_, i) => i);
