const USUAL = 16;

/** How much larger somebody has letters than is usual: what is reckoned in pixels grows by it. */
export const typeScale = (): number =>
  Number.parseFloat(getComputedStyle(document.documentElement).fontSize) / USUAL || 1;
