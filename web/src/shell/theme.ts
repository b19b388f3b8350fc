import type { ThemeConfig } from 'antd';

/** The colours of the open ledger; the style sheets use the same through custom properties. */
export const COLOUR = {
  desk: '#ECE7DC',
  page: '#FFFDF8',
  rule: '#E6DFD0',
  ink: '#231F2B',
  plum: '#5A2A5C',
  marigold: '#E9B44C',
  amber: '#8A5A06',
  teal: '#0F6F73',
  vermilion: '#B3361E',
  quiet: '#6B6472',
} as const;

export const theme: ThemeConfig = {
  token: {
    colorPrimary: COLOUR.plum,
    colorPrimaryBg: '#F1E8F1',
    colorPrimaryBgHover: '#EADDEA',
    colorLink: COLOUR.plum,
    colorText: COLOUR.ink,
    colorTextSecondary: COLOUR.quiet,
    colorTextPlaceholder: '#77707D',
    colorBgBase: COLOUR.page,
    colorBgLayout: COLOUR.desk,
    colorBorder: '#D8CFBC',
    colorBorderSecondary: COLOUR.rule,
    colorError: COLOUR.vermilion,
    colorSuccess: COLOUR.teal,
    colorWarning: COLOUR.amber,
    borderRadius: 6,
    fontFamily: "'Figtree Variable', sans-serif",
    fontSize: 14,
    controlHeight: 32,
    // A list that still slides open swallows the click of whoever is quick: so it does not for long.
    motionDurationFast: '0.04s',
    motionDurationMid: '0.06s',
    motionDurationSlow: '0.08s',
  },
  components: {
    Button: { fontWeight: 600, primaryShadow: 'none', defaultShadow: 'none' },
    Table: { headerBg: 'transparent', cellPaddingBlockSM: 5, rowHoverBg: '#F6F0E6' },
    Segmented: { itemSelectedBg: COLOUR.page, trackBg: '#E1DACB', itemColor: '#48424E' },
    Modal: { titleFontSize: 18 },
    Select: { optionActiveBg: '#F6F0E6' },
  },
};
