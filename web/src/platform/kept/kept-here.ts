/** For how long the browser keeps something: as long as the tab is open, or for good. */
type Length = 'session' | 'local';

const storageOf = (length: Length): Storage =>
  length === 'session' ? sessionStorage : localStorage;

/** What the browser keeps under a name; null where it keeps nothing, for whatever reason. */
export function kept(length: Length, name: string): string | null {
  try {
    return storageOf(length).getItem(name);
  } catch {
    return null;
  }
}

/** Keeps something under a name, or with null lets go of it; where a browser keeps nothing, nothing happens. */
export function keepFor(length: Length, name: string, value: string | null): void {
  try {
    if (value === null) storageOf(length).removeItem(name);
    else storageOf(length).setItem(name, value);
  } catch {
    // It lives as long as this page does.
  }
}
