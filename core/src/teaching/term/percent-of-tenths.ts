/** `84.5 %`; an empty text where nothing counts yet. */
export const percentOfTenths = (tenths: number | null): string =>
  tenths === null ? '' : `${(tenths / 10).toFixed(1)} %`;
