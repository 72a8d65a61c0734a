import { useEffect, useRef, useState } from 'react';
import { type LightRead } from '@/photos/read-photo';
import { photoFaultText } from '@/words';
import { useWorkspace } from '../shared/workspace-context';

/** A picture whose light is being read, or is there, or could not be. */
export type PictureLight =
  | { readonly phase: 'reading'; readonly name: string }
  | { readonly phase: 'refused'; readonly name: string; readonly why: string }
  | ({ readonly phase: 'read'; readonly name: string } & Omit<Extract<LightRead, { ok: true }>, 'ok'>);

/** Reads a picture file's light beside the page; a newer file takes the place of an older. */
export function useLight(longSide: number): readonly [PictureLight | null, (file: File) => void] {
  const { clients } = useWorkspace();
  const [client] = useState(() => clients.measure());
  const [light, setLight] = useState<PictureLight | null>(null);
  const newest = useRef(0);
  useEffect(() => () => client.dispose(), [client]);
  const take = async (file: File) => {
    const own = ++newest.current;
    const { name } = file;
    const tell = (told: PictureLight) => {
      if (own === newest.current) setLight(told);
    };
    tell({ phase: 'reading', name });
    const refuse = (fault: Parameters<typeof photoFaultText>[0]) =>
      tell({ phase: 'refused', name, why: photoFaultText(fault, name) });
    const bytes = await file.arrayBuffer().catch(() => null);
    if (!bytes) return refuse('failed');
    const result = await client.request({ of: 'light', bytes, longSide });
    if (result.type === 'replaced') return;
    if (result.type !== 'done' || result.output.of !== 'light') return refuse('failed');
    const { read } = result.output;
    if (!read.ok) return refuse(read.fault);
    const { ok: _, ...rest } = read;
    tell({ phase: 'read', name, ...rest });
  };
  return [light, (file) => void take(file)];
}
