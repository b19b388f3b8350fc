const BROWSERS = [
  ['Edg/', 'Edge'],
  ['Firefox/', 'Firefox'],
  ['Chrome/', 'Chrome'],
  ['Safari/', 'Safari'],
] as const;
const SYSTEMS = [
  ['Android', 'Android'],
  ['iPhone', 'a phone'],
  ['iPad', 'a tablet'],
  ['Windows', 'Windows'],
  ['Mac OS', 'macOS'],
  ['Linux', 'Linux'],
] as const;

const of = (kinds: readonly (readonly [string, string])[], text: string): string | undefined =>
  kinds.find(([mark]) => text.includes(mark))?.[1];

/** What a browser says that it is, in two words. */
export function browserText(agent: string): string {
  const [browser, system] = [of(BROWSERS, agent), of(SYSTEMS, agent)];
  if (!browser && !system) return 'A browser';
  return [browser ?? 'A browser', system].filter(Boolean).join(' on ');
}
