import { create } from 'zustand';

export type Theme = 'noon' | 'dusk';

/** By hand, as the system is, or by the sun. */
const THEME_MODES = ['noon', 'dusk', 'system', 'sun'] as const;
export type ThemeMode = (typeof THEME_MODES)[number];

const KEY = 'pale-seam-theme';

function kept(): ThemeMode {
  try {
    return THEME_MODES.find((m) => m === localStorage.getItem(KEY)) ?? 'system';
  } catch {
    return 'system';
  }
}

const systemTheme = (): Theme => (matchMedia('(prefers-color-scheme: dark)').matches ? 'dusk' : 'noon');

interface ThemeState {
  readonly mode: ThemeMode;
  readonly theme: Theme;
  /** The sun is above the horizon; null where that is not known. */
  readonly sunIsUp: boolean | null;
  start: () => void;
  setMode: (mode: ThemeMode) => void;
  setSun: (isUp: boolean | null) => void;
  /** The other theme, by hand. */
  toggle: () => void;
}

/** Which of the two themes is shown, and by what it is chosen. By a sun that is not known, the system decides. */
export const useTheme = create<ThemeState>()((set, get) => {
  const show = (change: Partial<Pick<ThemeState, 'mode' | 'sunIsUp'>>) => {
    const { mode, sunIsUp } = { ...get(), ...change };
    const bySun = sunIsUp === null ? systemTheme() : sunIsUp ? 'noon' : 'dusk';
    const theme = mode === 'sun' ? bySun : mode === 'system' ? systemTheme() : mode;
    document.documentElement.dataset.theme = theme;
    // the browser's own bars go with it; their colour is read from the sheet of styles, where it is said once
    const ground = getComputedStyle(document.documentElement).getPropertyValue('--ground');
    document.querySelector('meta[name="theme-color"]')?.setAttribute('content', ground);
    set({ ...change, theme });
  };
  return {
    mode: 'system',
    theme: 'noon',
    sunIsUp: null,
    start: () => {
      show({ mode: kept() });
      matchMedia('(prefers-color-scheme: dark)').addEventListener('change', () => show({}));
    },
    setMode: (mode) => {
      show({ mode });
      try {
        localStorage.setItem(KEY, mode);
      } catch {
        // private mode: the theme holds for this visit
      }
    },
    setSun: (sunIsUp) => show({ sunIsUp }),
    toggle: () => get().setMode(get().theme === 'noon' ? 'dusk' : 'noon'),
  };
});
