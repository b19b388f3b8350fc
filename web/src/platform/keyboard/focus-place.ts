const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex]';

/** As far out as one looks for what stands near: beyond it, another page has come. */
const OUTERMOST = '#root, .ant-app, .app, body';

const isShown = (element: Element): boolean => element.getClientRects().length > 0;

const focusablesIn = (element: Element): HTMLElement[] =>
  [element, ...element.querySelectorAll(FOCUSABLE)].filter(
    (each): each is HTMLElement =>
      each instanceof HTMLElement && each.matches(FOCUSABLE) && each.tabIndex >= 0 && isShown(each),
  );

function nearIn(parent: Element, index: number): HTMLElement | null {
  const children = [...parent.children];
  const after = children.slice(index).flatMap((each) => focusablesIn(each).slice(0, 1));
  const before = children.slice(0, index).flatMap((each) => focusablesIn(each).slice(-1));
  return after[0] ?? before.at(-1) ?? null;
}

interface Standing {
  readonly element: Element;
  readonly parent: Element | null;
  readonly index: number;
}

/** Where an element stood among others: so that what is next to it can be told when it is gone. */
export class FocusPlace {
  /** From the element outwards. */
  private readonly standing: readonly Standing[];

  constructor(readonly element: HTMLElement) {
    const standing: Standing[] = [];
    for (let at: Element | null = element; at && !at.matches(OUTERMOST); at = at.parentElement) {
      const parent: Element | null = at.parentElement;
      const index = [...(parent?.children ?? [])].indexOf(at);
      standing.push({ element: at, parent, index });
    }
    this.standing = standing;
  }

  /** Whether it can't have the focus any more: it is gone, hidden, or can't be used. */
  get isLost(): boolean {
    return !this.element.isConnected || this.element.matches(':disabled') || !isShown(this.element);
  }

  /** What came after it, else what came before it, as near as can be; null where nothing of its page is left. */
  nearest(): HTMLElement | null {
    for (const { element, parent, index } of this.standing) {
      if (!parent?.isConnected || parent.matches(OUTERMOST)) continue;
      const found = nearIn(parent, element.isConnected ? index + 1 : index);
      if (found) return found;
    }
    return null;
  }
}
