import { type ComponentType, memo, useMemo } from 'react';
import { StandContext, useOpenStand } from './use-stand';

/**
 * A part of the screen that may lag behind a drag: while one goes on it is drawn anew a few times a second, at its end at
 * once. What it does when it is touched still goes by what is.
 */
export function atEase(Part: ComponentType): ComponentType {
  return memo(function AtEase() {
    const open = useOpenStand();
    const value = useMemo(() => ({ ...open, shown: open.atEase }), [open]);
    return (
      <StandContext value={value}>
        <Part />
      </StandContext>
    );
  });
}
