import { useEffect, useMemo, useState } from 'react';
import { type Measure } from '@/render/card/marks';
import { cardFontsReady, measureOnCanvas } from '@/render/card/paint-card';

/** How wide text runs in a card's typeface; null until that is there. */
export function useCardType(): Measure | null {
  const [hasFonts, setHasFonts] = useState(false);
  useEffect(() => {
    void cardFontsReady().then(() => setHasFonts(true));
  }, []);
  return useMemo(() => (hasFonts ? measureOnCanvas() : null), [hasFonts]);
}
