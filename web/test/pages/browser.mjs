import { TextDecoder, TextEncoder } from 'node:util';

/** What a browser has and jsdom lacks, as far as the pages ask for it. */
globalThis.matchMedia ??= () => ({
  matches: false,
  addEventListener() {},
  removeEventListener() {},
  addListener() {},
  removeListener() {},
});
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};
Object.assign(globalThis, { TextDecoder, TextEncoder });

// Asked for a pseudo-element, jsdom says that it has none; what is asked is how wide a scroll bar is.
const { getComputedStyle } = globalThis;
globalThis.getComputedStyle = (element) => getComputedStyle(element);
