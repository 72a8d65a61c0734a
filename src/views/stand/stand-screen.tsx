import { useCompact } from '@/ui/use-media';
import { Header } from './header';
import { LadderView } from './ladder/ladder-view';
import { PhoneViews } from './phone-views';
import { FrameView } from './canvas/frame';
import { SlipView } from './slip-view';
import { StandKeys } from './stand-keys';
import { Worksheet } from './worksheet';

/** The whole stand on one screen: frame, ladder and slip, with the worksheet beside them, or below on a phone. */
export function StandScreen() {
  const compact = useCompact();
  return (
    <div className="flex h-full flex-col desk:grid desk:grid-cols-[minmax(0,1fr)_minmax(340px,414px)] short:grid short:grid-cols-[minmax(0,1fr)_minmax(290px,46%)]">
      <div className="flex min-h-0 min-w-0 flex-col compact:pl-[env(safe-area-inset-left)] desk:px-6 compact:shrink-0 short:shrink">
        <Header />
        {compact ? (
          <PhoneViews />
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
