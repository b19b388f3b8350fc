const AT = '/from-platform/refused/';

/** What stands in the address of why somebody whom a platform sent is not let in; null: nobody was refused. */
export function refusalInAddress(): string | null {
  const { pathname } = window.location;
  return pathname.startsWith(AT) ? pathname.slice(AT.length) : null;
}
