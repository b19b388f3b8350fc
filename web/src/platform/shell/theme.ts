import type { ThemeConfig } from 'antd';
import { madeIn } from './look';
import type { Colours, Look } from './tokens';

const componentsIn = (colour: Colours): NonNullable<ThemeConfig['components']> => ({
  Button: { fontWeight: 600, primaryShadow: 'none', defaultShadow: 'none' },
  Table: { headerBg: 'transparent', cellPaddingBlockSM: 5, rowHoverBg: colour.hover },
  Segmented: { itemSelectedBg: colour.page, trackBg: colour.track, itemColor: colour.trackWords },
  Modal: { titleFontSize: 18 },
  Select: { optionActiveBg: colour.hover },
});

const themeIn = (colour: Colours & { readonly sans: string }): ThemeConfig => ({
  token: {
    colorPrimary: colour.plum,
    colorPrimaryBg: colour.plumWash,
    colorPrimaryBgHover: colour.plumHover,
    colorLink: colour.plum,
    colorTextBase: colour.ink,
    colorText: colour.ink,
    colorTextLightSolid: colour.onStrong,
    colorTextSecondary: colour.quiet,
    colorTextPlaceholder: colour.faint,
    colorBgBase: colour.page,
    colorBgLayout: colour.desk,
    colorBgContainer: colour.paper,
    colorBgElevated: colour.paper,
    colorBgSpotlight: colour.head,
    colorBgMask: colour.veil,
    colorBgContainerDisabled: colour.inset,
    colorBorderDisabled: colour.rule,
    colorErrorBg: colour.vermilionWash,
    colorWarningBg: colour.marigoldWash,
    colorSuccessBg: colour.tealWash,
    colorInfoBg: colour.plumWash,
    colorBorder: colour.edge,
    colorBorderSecondary: colour.rule,
    colorError: colour.vermilion,
    colorSuccess: colour.teal,
    colorWarning: colour.amber,
    borderRadius: 6,
    fontFamily: colour.sans,
    fontSize: 14,
    controlHeight: 32,
    // A list that still slides open swallows the click of whoever is quick: so it does not for long.
    motionDurationFast: '0.04s',
    motionDurationMid: '0.06s',
    motionDurationSlow: '0.08s',
  },
  components: componentsIn(colour),
});

export const themeOf = (look: Look): ThemeConfig => madeIn(look, themeIn);
