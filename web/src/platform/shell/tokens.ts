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
} as const;

export const FONT = {
  serif: "'Source Serif 4', serif",
  sans: "'Figtree Variable', sans-serif",
} as const;

const dashed = (name: string): string =>
  name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/** The tokens as custom properties of the whole document. */
export function tokensAsCss(): string {
  const all = Object.entries({ ...COLOUR, ...FONT });
  return `:root {\n${all.map(([name, value]) => `  --${dashed(name)}: ${value};`).join('\n')}\n}\n`;
}
