import { type ReactNode } from 'react';
import { Segmented, type SegmentedProps } from '@/ui/segmented';

interface WishProps<T extends string> extends SegmentedProps<T> {
  /** What it is about. */
  children: ReactNode;
}

/** One of a few ways, with what it is about above it. */
export function Wish<T extends string>({ children, ...choice }: WishProps<T>) {
  return (
    <>
      <p className="text-quiet">{children}</p>
      <Segmented {...choice} />
    </>
  );
}
