import { useEffect } from 'react';

const OURS = 'Gleddo';

const textOf = (found: Element | null): string =>
  found?.textContent.replace(/\s+/g, ' ').trim() ?? '';

/** What a page is called: its heading, without the way back, and the part of it that one is at. */
function titleNow(): string {
  const heading = document.querySelector('.app h1');
  const name = textOf(heading).replace(/^.*›\s*|^‹\s*/, '');
  const part = textOf(document.querySelector('.sheet-head nav [aria-current="page"]'));
  return [part, name, OURS].filter((each) => each !== '').join(' · ');
}

/** Where a page that one comes to is told: there is one, beside the pages. */
export const PAGE_TOLD = 'page-told';

/** Tells the title where another page is shown than before; a page that is only called otherwise now is not told again. */
function tellPage(title: string, told: { path: string }): void {
  const { pathname } = window.location;
  if (told.path === pathname || title === OURS) return;
  const isFirst = told.path === '';
  told.path = pathname;
  const at = document.getElementById(PAGE_TOLD);
  if (at && !isFirst) at.textContent = title.replace(` · ${OURS}`, '');
}

/** Keeps the window’s title as the page’s heading has it: by it a window is found, and a page is told that was come to. */
export function usePageTitle(): void {
  useEffect(() => {
    let frame = 0;
    const told = { path: '' };
    const look = () => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => {
        const title = titleNow();
        if (document.title === title) return;
        document.title = title;
        tellPage(title, told);
      });
    };
    look();
    const observer = new MutationObserver(look);
    observer.observe(document.body, {
      ...{ childList: true, subtree: true, characterData: true },
      attributeFilter: ['aria-current'],
    });
    return () => {
      observer.disconnect();
      cancelAnimationFrame(frame);
      document.title = OURS;
    };
  }, []);
}
