/** The colour scheme: light, or "lamp" for dim rooms; the device's own wish until somebody chooses. */
import { create } from 'zustand';

type Scheme = 'light' | 'lamp';

const KEPT_AS = 'gobrel scheme';

function initialScheme(): Scheme {
  const chosen = localStorage.getItem(KEPT_AS);
  if (chosen === 'light' || chosen === 'lamp') return chosen;
  return window.matchMedia('(prefers-color-scheme: dark)').matches ? 'lamp' : 'light';
}

function show(scheme: Scheme): void {
  document.documentElement.dataset['scheme'] = scheme;
}

export const useScheme = create<{ scheme: Scheme; choose: (scheme: Scheme) => void }>((set) => {
  const scheme = initialScheme();
  show(scheme);
  return {
    scheme,
    choose: (chosen) => {
      localStorage.setItem(KEPT_AS, chosen);
      show(chosen);
      set({ scheme: chosen });
    },
  };
});
