import type { ThemeConfig } from 'antd';
import { madeIn } from './look';
import type { Colours, Look } from './tokens';
import { typeScale } from './type-scale';

const componentsIn = (colour: Colours, scale: number): NonNullable<ThemeConfig['components']> => ({
  Button: { fontWeight: 600, primaryShadow: 'none', defaultShadow: 'none' },
  Table: { headerBg: 'transparent', cellPaddingBlockSM: 5 * scale, rowHoverBg: colour.hover },
  Segmented: { itemSelectedBg: colour.page, trackBg: colour.track, itemColor: colour.trackWords },
  Modal: { titleFontSize: 18 * scale },
  Select: { optionActiveBg: colour.hover },
});

type Styled = Colours & { readonly sans: string };

/** Sizes follow the letters that somebody has chosen. */
const sizesAt = (scale: number): NonNullable<ThemeConfig['token']> => ({
  borderRadius: 6 * scale,
  fontSize: 14 * scale,
  controlHeight: 32 * scale,
  sizeUnit: 4 * scale,
});

const themeIn = (colour: Styled): ThemeConfig => ({
  token: {
    ...sizesAt(typeScale()),
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
    fontFamily: colour.sans,
    // A list that still slides open swallows the click of whoever is quick: so it does not for long.
    motionDurationFast: '0.04s',
    motionDurationMid: '0.06s',
    motionDurationSlow: '0.08s',
  },
  components: componentsIn(colour, typeScale()),
});

export const themeOf = (look: Look): ThemeConfig => madeIn(look, themeIn);
