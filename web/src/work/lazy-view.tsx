import { lazy, useState, type ComponentType } from 'react';

/** A view that is fetched when it is first wanted. */
export interface LazyView {
  readonly View: ComponentType;
  /** Fetches it ahead; what is there when it is wanted is drawn at once, without a pause in between. */
  ahead(): Promise<unknown>;
}

export function lazyView(load: () => Promise<ComponentType>): LazyView {
  let loaded: ComponentType | null = null;
  const ahead = () =>
    load().then((view) => {
      loaded = view;
      return { default: view };
    });
  const Later = lazy(ahead);
  function View() {
    const [Now] = useState<ComponentType>(() => loaded ?? Later);
    return <Now />;
  }
  return { View, ahead };
}
