import { useRef } from 'react';
import { type SheetFilter } from '@/model';
import { holderSize } from '@/render';
import { useSize } from '@/ui/use-size';
import { HolderStage } from './holder-stage';

/** The holder as large as the place that is left for it. */
export function HolderView({ sheets }: { sheets: readonly SheetFilter[] }) {
  const box = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(box);
  const unit = holderSize(1, false);
  const scale = Math.min(width / unit.width, height / unit.height);
  return (
    <div ref={box} className="flex min-h-0 flex-1 justify-center overflow-hidden bg-panel">
      {scale > 0 && <HolderStage sheets={sheets} scale={scale} />}
    </div>
  );
}
