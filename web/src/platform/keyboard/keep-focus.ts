import { FocusPlace } from './focus-place';

/** Something is still being fetched: where to go is not there yet. */
const BUSY = '[aria-busy="true"]';

/** Puts the focus where a page begins: on its work where it says so, else on its heading. */
export function arrive(): void {
  const found =
    document.querySelector<HTMLElement>('[data-arrive]') ??
    document.querySelector<HTMLElement>('h1');
  if (!found) return;
  if (!found.hasAttribute('tabindex') && !found.matches('input, button, a'))
    found.setAttribute('tabindex', '-1');
  found.focus({ preventScroll: true });
}

const isNobodys = (): boolean =>
  document.activeElement === null || document.activeElement === document.body;

/**
 * Sees to it that the focus never falls to nobody: when what had it is gone, what stands nearest gets it; when another
 * page has come, its beginning does. Who clicks beside everything leaves it nowhere, as they wished.
 */
class FocusKeeper {
  private last: FocusPlace | null = null;
  /** The page on which somebody had the focus last. */
  private page = '';
  private isLooking = false;

  start(): void {
    document.addEventListener('focusin', ({ target }) => {
      if (!(target instanceof HTMLElement) || target === document.body) return;
      this.last = new FocusPlace(target);
      this.page = window.location.pathname;
    });
    new MutationObserver(() => this.look()).observe(document.body, {
      childList: true,
      subtree: true,
      attributeFilter: ['disabled', 'aria-busy'],
    });
  }

  private look(): void {
    if (this.isLooking || !isNobodys()) return;
    this.isLooking = true;
    requestAnimationFrame(() => {
      this.isLooking = false;
      this.settle();
    });
  }

  private settle(): void {
    if (!isNobodys() || document.querySelector(BUSY)) return;
    if (this.last && !this.last.isLost) return;
    const near = this.page === window.location.pathname ? this.last?.nearest() : null;
    if (near) near.focus({ preventScroll: true });
    else arrive();
  }
}

export const keepFocus = (): void => new FocusKeeper().start();
