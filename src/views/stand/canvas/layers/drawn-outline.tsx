import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { type FramePoint } from '@/core/field';
import { brushed, maskOf, outlineOf } from '@/model';
import { arrowMove, heldToFrame } from '../parts/frame-keys';
import { type DrawnSize, pathOf } from '../parts/frame-path';
import { useSession } from '../../session';

/** The shape that is being drawn, and the cross that sets its corners by keyboard. */
export function DrawnOutline({ outline, width, height }: DrawnSize & { outline: readonly FramePoint[] }) {
  const setOutline = useSession((s) => s.setOutline);
  const brush = useSession((s) => s.brush);
  const box = { width, height };
  const [cross, setCross] = useState<FramePoint>({ u: 0.5, v: 0.5 });
  const onKeyDown = (e: KeyboardEvent) => {
    const move = arrowMove(e);
    if (move) setCross(heldToFrame({ u: cross.u + move.u, v: cross.v + move.v }));
    if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      if (!brush) setOutline([...outline, cross]);
      else setOutline(outlineOf(brushed(maskOf(outline, width / height), [cross, cross], brush)));
    }
    if (e.key === 'Backspace' && !brush) {
      e.preventDefault();
      setOutline(outline.slice(0, -1));
    }
  };
  const path = pathOf(outline, box);
  return (
    <g>
      <polygon points={path} fill="var(--feature)" fillOpacity={0.2} pointerEvents="none" />
      <polyline points={path} fill="none" stroke="var(--note-casing)" strokeWidth={4} pointerEvents="none" />
      <polyline points={path} fill="none" stroke="var(--note)" strokeWidth={2} pointerEvents="none" />
      {brush && <BrushRing radius={brush.radius * Math.max(width, height)} />}
      {(brush ? [] : outline).map(({ u, v }, i) => (
        <circle
          key={i}
          cx={u * width}
          cy={v * height}
          r={4.5}
          fill="var(--note)"
          stroke="var(--note-casing)"
          strokeWidth={1.5}
          pointerEvents="none"
        />
      ))}
      <g
        transform={`translate(${cross.u * width} ${cross.v * height})`}
        tabIndex={0}
        role="button"
        aria-label={`${brush ? 'Brush' : 'Next corner'}, ${Math.round(cross.u * 100)} % across, ${Math.round(cross.v * 100)} % down: arrow keys move it, Enter ${brush ? 'paints' : 'sets it'}`}
        onKeyDown={onKeyDown}
      >
        <path d="M-14 0H14M0 -14V14" stroke="var(--note-casing)" strokeWidth={4} />
        <path d="M-14 0H14M0 -14V14" stroke="var(--note)" strokeWidth={1.5} />
      </g>
    </g>
  );
}

/** How wide the brush is, round the pointer. */
function BrushRing({ radius }: { radius: number }) {
  const ring = useRef<SVGCircleElement>(null);
  useEffect(() => {
    const drawing = ring.current?.ownerSVGElement;
    if (!drawing) return;
    const follow = ({ clientX, clientY }: PointerEvent) => {
      const { left, top } = drawing.getBoundingClientRect();
      ring.current?.setAttribute('transform', `translate(${clientX - left} ${clientY - top})`);
      ring.current?.removeAttribute('visibility');
    };
    drawing.addEventListener('pointermove', follow);
    return () => drawing.removeEventListener('pointermove', follow);
  }, []);
  return (
    <circle
      ref={ring}
      r={radius}
      fill="none"
      stroke="var(--note)"
      strokeWidth={1.5}
      visibility="hidden"
      pointerEvents="none"
    />
  );
}
