/**
 * The colours of the open ledger, said once: the theme, the charts and the paper take them from here, the style sheets as
 * custom properties of the same names (`--plum-wash`), which the build writes from this list.
 */
export const COLOUR = {
  desk: '#ECE7DC',
  page: '#FFFDF8',
  /** A page that lies a little higher, and one that is let in. */
  lifted: '#FDF9F0',
  inset: '#F3EBDB',
  hover: '#F6F0E6',
  rule: '#E6DFD0',
  edge: '#D8CFBC',
  ink: '#231F2B',
  /** Words of less weight, from the strongest to the faintest. */
  soft: '#4B4551',
  grey: '#5F5866',
  quiet: '#6B6472',
  faint: '#77707D',
  plum: '#5A2A5C',
  plumWash: '#F1E8F1',
  plumHover: '#EADDEA',
  marigold: '#E9B44C',
  marigoldWash: '#FDF1DC',
  notice: '#B9770E',
  amber: '#8A5A06',
  teal: '#0F6F73',
  tealWash: '#E0F0EF',
  vermilion: '#B3361E',
  vermilionWash: '#F9E3DE',
  track: '#E1DACB',
  trackWords: '#48424E',
  /** Paper that lies on a page, and fields on it. */
  paper: '#FFFFFF',
  /** The margin of a page, where notes stand. */
  margin: '#FAF5EA',
  /** What stands on plum, teal or vermilion. */
  onStrong: '#FFFFFF',
  /** More of a fault than of others, and what stands on it. */
  vermilionDeep: '#E9A090',
  onDeep: '#4A0F05',
  /** The bar at the head of all pages. */
  head: '#231F2B',
  headField: '#39343F',
  headEdge: '#57505E',
  headWords: '#E3DFE8',
  onHead: '#FFFFFF',
  /** The bands of a number plan. */
  band: '#B9AE98',
  shade: '#231F2B33',
  veil: '#231F2B66',
} as const;

export type Colours = Readonly<Record<keyof typeof COLOUR, string>>;

/** In which light the pages are shown. */
export type Look = 'light' | 'dark';

/** The same by lamplight. */
const DARK: Colours = {
  desk: '#1A171E',
  page: '#26222B',
  lifted: '#2B2731',
  inset: '#1F1B24',
  hover: '#332E3A',
  rule: '#3A3442',
  edge: '#4E4758',
  ink: '#EFEAF3',
  soft: '#D6D0DC',
  grey: '#C2BBCA',
  quiet: '#B4ADBC',
  faint: '#A8A1B1',
  plum: '#D9AEDB',
  plumWash: '#3A2C3E',
  plumHover: '#48364D',
  marigold: '#E9B44C',
  marigoldWash: '#3A3020',
  notice: '#E5AC45',
  amber: '#E2B262',
  teal: '#70C8C7',
  tealWash: '#1E3535',
  vermilion: '#F4978A',
  vermilionWash: '#44271F',
  track: '#17141B',
  trackWords: '#CFC8D6',
  paper: '#2F2A36',
  margin: '#221E27',
  onStrong: '#231F2B',
  vermilionDeep: '#7D3A2C',
  onDeep: '#FBDDD6',
  head: '#121014',
  headField: '#2D2833',
  headEdge: '#57505E',
  headWords: '#E3DFE8',
  onHead: '#FFFFFF',
  band: '#6A6173',
  shade: '#00000080',
  veil: '#000000A0',
};

const FONT = {
  serif: "'Source Serif 4', serif",
  sans: "'Figtree Variable', sans-serif",
} as const;

export const dashed = (name: string): string =>
  name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

const asCss = (selector: string, all: Readonly<Record<string, string>>): string =>
  `${selector} {\n${Object.entries(all)
    .map(([name, value]) => `  --${dashed(name)}: ${value};`)
    .join('\n')}\n}\n`;

/**
 * The tokens as custom properties of the whole document: dark where somebody wishes it (`data-look`), or where the system is and
 * nobody wishes otherwise; paper is always light.
 */
export function tokensAsCss(): string {
  const dark = { ...DARK };
  return [
    asCss(':root', { ...COLOUR, ...FONT }),
    ':root { color-scheme: light; }\n',
    `@media (prefers-color-scheme: dark) {\n${asCss(':root:not([data-look])', dark)}:root:not([data-look]) { color-scheme: dark; }\n}\n`,
    asCss(":root[data-look='dark']", dark),
    ":root[data-look='dark'] { color-scheme: dark; }\n",
    `@media print {\n${asCss(':root:root:root', COLOUR)}}\n`,
  ].join('');
}
