/** Drawings that come only where they are needed: the libraries behind them are large, and most decks need none. */
import { type ComponentType, createElement, type ReactNode, useEffect, useState } from 'react';

/** A drawing that comes later, and what brings it at once. */
export interface Later<P extends object> {
  readonly View: (props: P) => ReactNode;
  /** Resolves once it is there: from then on it is drawn at once. Rejects where it cannot be had just now. */
  readonly bring: () => Promise<void>;
}

/** Makes one. @param load brings its component */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): Later<P> {
  let component: ComponentType<P> | null = null;
  let coming: Promise<void> | null = null;
  const bring = () => {
    coming ??= load().then((loaded) => {
      component = loaded;
    });
    // Without a network the next one who needs it tries again.
    coming.catch(() => {
      coming = null;
    });
    return coming;
  };
  function View(props: P) {
    const [, setHere] = useState(component !== null);
    useEffect(() => {
      if (component) return;
      let isCurrent = true;
      // The place stays empty until it is here.
      bring().then(
        () => isCurrent && setHere(true),
        () => undefined,
      );
      return () => {
        isCurrent = false;
      };
    }, []);
    return component ? createElement(component, props) : null;
  }
  return { View, bring };
}
