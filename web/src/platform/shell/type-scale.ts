const USUAL = 16;

let scale: number | null = null;

/** How much larger somebody has letters than is usual: what is reckoned in pixels grows by it. Looked up once: a browser is begun with it. */
export function typeScale(): number {
  scale ??= Number.parseFloat(getComputedStyle(document.documentElement).fontSize) / USUAL || 1;
  return scale;
}
