/** Where changes are told by itself to those who don’t see them: there is one, beside the pages. */
export const TOLD = 'told';

/** Who types is told once they pause, not with each letter. */
const PAUSE = 700;

const waiting = new Map<string, string>();
let timer: ReturnType<typeof setTimeout> | undefined;

function tellAll(): void {
  const at = document.getElementById(TOLD);
  if (at) at.textContent = [...waiting.values()].join(' ');
  waiting.clear();
}

/** Says what has changed, politely; `about`: what said something else before it could be told says only the latest. */
export function tell(about: string, says: string): void {
  waiting.set(about, says);
  // The same said again is a change only where something else stood between.
  const at = document.getElementById(TOLD);
  if (at) at.textContent = '';
  clearTimeout(timer);
  timer = setTimeout(tellAll, PAUSE);
}
