import { create } from 'zustand';

export type Theme = 'noon' | 'dusk';

const KEY = 'pale-seam-theme';

function kept(): Theme | null {
  try {
    const value = localStorage.getItem(KEY);
    return value === 'noon' || value === 'dusk' ? value : null;
  } catch {
    return null;
  }
}

function show(theme: Theme) {
  document.documentElement.dataset.theme = theme;
}

/** Which of the two themes is shown: the photographer's own choice, else the system's. */
export const useTheme = create<{ theme: Theme; start: () => void; toggle: () => void }>()((set, get) => ({
  theme: 'noon',
  start: () => {
    const theme = kept() ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dusk' : 'noon');
    show(theme);
    set({ theme });
  },
  toggle: () => {
    const theme = get().theme === 'noon' ? 'dusk' : 'noon';
    show(theme);
    set({ theme });
    try {
      localStorage.setItem(KEY, theme);
    } catch {
      // private mode: the theme holds for this visit
    }
  },
}));
