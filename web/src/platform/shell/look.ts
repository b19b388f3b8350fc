import { useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';
import { keepFor, kept } from '../kept/kept-here';
import { dashed, type Colours, type Look } from './tokens';

/** In which light somebody wishes the pages; `system`: as the system has it. */
export type Wish = Look | 'system';

const NAME = 'gleddo.look';
const system = window.matchMedia('(prefers-color-scheme: dark)');
const listeners = new Set<() => void>();
let isPrinting = false;

function wishedLook(): Wish {
  const wish = kept('local', NAME);
  return wish === 'light' || wish === 'dark' ? wish : 'system';
}

function lookNow(): Look {
  if (isPrinting) return 'light';
  const wish = wishedLook();
  if (wish !== 'system') return wish;
  return system.matches ? 'dark' : 'light';
}

/** Shows the pages as they are wished; the style sheets know what the system has without being told. */
export function showLook(): void {
  const wish = isPrinting ? 'light' : wishedLook();
  if (wish === 'system') delete document.documentElement.dataset['look'];
  else document.documentElement.dataset['look'] = wish;
  for (const tell of listeners) tell();
}

export function wishFor(wish: Wish): void {
  keepFor('local', NAME, wish === 'system' ? null : wish);
  showLook();
}

system.addEventListener('change', showLook);

/** Paper is light, and so is all that is drawn for it. */
const onPaper = (now: boolean) => () => {
  isPrinting = now;
  flushSync(showLook);
};
window.addEventListener('beforeprint', onPaper(true));
window.addEventListener('afterprint', onPaper(false));
// Another tab was told otherwise.
window.addEventListener('storage', ({ key }) => {
  if (key === NAME) showLook();
});

/** Calls back after each change, until it is told to leave it. */
export function onLook(tell: () => void): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

export const useLook = (): Look => useSyncExternalStore(onLook, lookNow);
export const useWishedLook = (): Wish => useSyncExternalStore(onLook, wishedLook);

/** Colours and type as the style sheets have them now: they are said there, and fetched no second time. */
export const asStyled = new Proxy({} as Colours & { readonly sans: string }, {
  get: (_, name) =>
    getComputedStyle(document.documentElement).getPropertyValue(`--${dashed(String(name))}`),
});

const known = new Map<Look, unknown>();

/** Made of the colours of a light once, while the pages are shown in it. */
export function madeIn<T>(look: Look, make: (colours: typeof asStyled) => T): T {
  if (!known.has(look)) known.set(look, make(asStyled));
  return known.get(look) as T;
}

export function useColours(): Colours {
  useLook();
  return asStyled;
}
