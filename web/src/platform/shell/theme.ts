import type { ThemeConfig } from 'antd';
import { COLOUR, FONT } from './tokens';

export const theme: ThemeConfig = {
  token: {
    colorPrimary: COLOUR.plum,
    colorPrimaryBg: COLOUR.plumWash,
    colorPrimaryBgHover: COLOUR.plumHover,
    colorLink: COLOUR.plum,
    colorText: COLOUR.ink,
    colorTextSecondary: COLOUR.quiet,
    colorTextPlaceholder: COLOUR.faint,
    colorBgBase: COLOUR.page,
    colorBgLayout: COLOUR.desk,
    colorBorder: COLOUR.edge,
    colorBorderSecondary: COLOUR.rule,
    colorError: COLOUR.vermilion,
    colorSuccess: COLOUR.teal,
    colorWarning: COLOUR.amber,
    borderRadius: 6,
    fontFamily: FONT.sans,
    fontSize: 14,
    controlHeight: 32,
    // A list that still slides open swallows the click of whoever is quick: so it does not for long.
    motionDurationFast: '0.04s',
    motionDurationMid: '0.06s',
    motionDurationSlow: '0.08s',
  },
  components: {
    Button: { fontWeight: 600, primaryShadow: 'none', defaultShadow: 'none' },
    Table: { headerBg: 'transparent', cellPaddingBlockSM: 5, rowHoverBg: COLOUR.hover },
    Segmented: { itemSelectedBg: COLOUR.page, trackBg: COLOUR.track, itemColor: COLOUR.trackWords },
    Modal: { titleFontSize: 18 },
    Select: { optionActiveBg: COLOUR.hover },
  },
};
