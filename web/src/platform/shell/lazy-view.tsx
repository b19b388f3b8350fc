import { use, type ComponentType } from 'react';

/** A part of the pages that is fetched when it is first wanted. */
export interface LazyView<P extends object = object> {
  readonly View: ComponentType<P>;
  /** Fetches it ahead; what is there when it is wanted is drawn at once, without a pause in between. */
  ahead(): Promise<unknown>;
}

/** What could not be fetched, each with the way to ask for it once more. */
const failed = new Set<() => void>();

/** Lets all that could not be fetched be asked for again. */
export function fetchAgain(): void {
  for (const again of failed) again();
  failed.clear();
}

/** A part could not be fetched: there is no connection, or the server has newer pages than this one. */
export class NotFetched extends Error {}

export function lazyView<P extends object = object>(
  load: () => Promise<ComponentType<P>>,
): LazyView<P> {
  let loaded: ComponentType<P> | null = null;
  let loading: Promise<ComponentType<P>> | null = null;
  const fetched = (): Promise<ComponentType<P>> => {
    loading ??= load().then(
      (view) => (loaded = view),
      (error: unknown) => {
        failed.add(() => (loading = null));
        throw new NotFetched('a part of the pages could not be fetched', { cause: error });
      },
    );
    return loading;
  };
  function View(props: P) {
    const Now = loaded ?? use(fetched());
    return <Now {...props} />;
  }
  return { View, ahead: () => fetched().catch(() => undefined) };
}

/** The same for a page, which its file offers as its own. */
export const lazyPage = (load: () => Promise<{ default: ComponentType }>): ComponentType =>
  lazyView(() => load().then((page) => page.default)).View;
