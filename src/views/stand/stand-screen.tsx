import { lazy, Suspense } from 'react';
import { wayOf } from '@/model';
import { useCompact } from '@/ui/use-media';
import { Header } from './header';
import { LadderView } from './ladder/ladder-view';
import { PhoneViews } from './phone-views';
import { FrameView } from './canvas/frame';
import { SlipAtGlance, SlipView } from './slip-view';
import { useCountdown, useSession, useStand } from './session';
import { StandKeys } from './stand-keys';
import { WayChooser } from './ways/way-chooser';
import { Worksheet } from './worksheet';

const CountdownScreen = lazy(() =>
  import('./expose/countdown-screen').then((m) => ({ default: m.CountdownScreen })),
);

/** The whole stand on one screen: frame, ladder and slip, with the worksheet beside them, or below on a phone. */
export function StandScreen() {
  const compact = useCompact();
  const isEmpty = useStand((s) => wayOf(s) === null);
  const hasPicture = useSession((s) => s.step !== 'expose' && (s.step !== 'check' || s.isShowing));
  const isOpen = useCountdown((s) => s.running !== null);
  if (isOpen)
    return (
      <div className="flex h-full flex-col overflow-y-auto">
        <SlipAtGlance />
        <Suspense fallback={null}>
          <CountdownScreen />
        </Suspense>
      </div>
    );
  if (compact && isEmpty)
    return (
      <div className="flex h-full flex-col">
        <Header />
        <div className="min-h-0 flex-1 overflow-y-auto px-3.5 pb-4">
          <WayChooser />
        </div>
      </div>
    );
  return (
    <div className="flex h-full flex-col desk:grid desk:grid-cols-[minmax(0,1fr)_minmax(340px,414px)] short:grid short:grid-cols-[minmax(0,1fr)_minmax(290px,46%)]">
      <div className="flex min-h-0 min-w-0 flex-col compact:pl-[env(safe-area-inset-left)] desk:px-6 compact:shrink-0 short:shrink">
        <Header />
        {compact ? (
          // at the shutter, and when it is judged, the figures matter and the thumb needs the room
          hasPicture && <PhoneViews />
        ) : (
          <>
            <FrameView />
            <LadderView />
          </>
        )}
        <SlipView />
      </div>
      <Worksheet />
      <StandKeys />
    </div>
  );
}
