import { isKept } from './kept-answers';

/** After so long what is wanted first has come. */
const LATER = 3_000;

/** What this page has asked for before anything was kept is asked for once more, so that it is. */
function keepWhatIsHere(): void {
  const asked = performance
    .getEntriesByType('resource')
    .map(({ name }) => new URL(name).pathname)
    .filter(isKept);
  for (const path of new Set(asked))
    void fetch(path, { headers: { 'x-gleddo': '1' } }).catch(() => undefined);
}

/** Lets the pages open without a line from now on; where a browser can’t, all is as it was. */
export function beginWorker(): void {
  if (!('serviceWorker' in navigator) || !import.meta.env.PROD) return;
  const workers = navigator.serviceWorker;
  if (!workers.controller)
    workers.addEventListener('controllerchange', keepWhatIsHere, { once: true });
  window.addEventListener('load', () => {
    setTimeout(() => void workers.register('/worker.js').catch(() => undefined), LATER);
  });
}
