import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { type Bag } from '@/model';
import { benchStand, type BenchOrder, type ExerciseId, sceneOrder } from '@/model/bench';
import { standKey } from '../shared/stand-path';
import { useWorkspace } from '../shared/workspace-context';

/** What is to be practised. */
export interface Practice {
  readonly order: BenchOrder;
  readonly focalLengthMm: number;
  readonly name: string;
  readonly exercise?: ExerciseId;
  /** Glass of one's own in place of the bench's. */
  readonly bag?: Bag;
}

export type Beginning =
  | { readonly phase: 'idle' }
  | { readonly phase: 'making'; readonly name: string; readonly progress: number | null }
  | { readonly phase: 'failed'; readonly name: string };

/** Points along a scene's width. */
const COLUMNS = 720;

/** Makes a scene in a worker and opens a stand at it. */
export function useBegin() {
  const { workspace, clients, base } = useWorkspace();
  const navigate = useNavigate();
  const [state, setState] = useState<Beginning>({ phase: 'idle' });
  const maker = useRef<ReturnType<typeof clients.scene> | null>(null);
  useEffect(() => () => maker.current?.dispose(), []);
  const begin = async ({ order, focalLengthMm, name, exercise, bag }: Practice) => {
    setState({ phase: 'making', name, progress: null });
    maker.current ??= clients.scene();
    const made = await maker.current.request(sceneOrder(order, focalLengthMm, COLUMNS), (progress) =>
      setState({ phase: 'making', name, progress }),
    );
    if (made.type === 'replaced') return;
    if (made.type === 'failed') return setState({ phase: 'failed', name });
    const { stored, ...scene } = made.output;
    await workspace.keepPhoto(stored);
    const about = { id: workspace.newId('st'), name, createdAt: new Date().toISOString() };
    const own = workspace.bag.state.getState().value;
    const stand = benchStand(about, { order, focalLengthMm, ...scene }, own, exercise);
    void navigate(`${base}/stands/${standKey(workspace.beginStand(stand, bag ?? null))}`);
  };
  const cancel = () => {
    maker.current?.cancel();
    setState({ phase: 'idle' });
  };
  return { state, begin: (practice: Practice) => void begin(practice), cancel };
}
