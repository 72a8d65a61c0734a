import { Dices } from 'lucide-react';
import { useState } from 'react';
import { useStore } from 'zustand';
import { LIMITS } from '@/model';
import {
  BENCH_HOURS,
  BENCH_LANDSCAPES,
  BENCH_LENS_MM,
  BENCH_SUNS,
  type BenchAir,
  type BenchHour,
  type BenchSun,
  USUAL_LENS_MM,
} from '@/model/bench';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { Segmented } from '@/ui/segmented';
import { AIR_NAMES, BENCH_LANDSCAPE_NAMES, HOUR_NAMES, SUN_NAMES, sceneTitle } from '@/words/bench';
import { QuantityField } from '../shared/quantity-field';
import { useWorkspace } from '../shared/workspace-context';
import { type Practice } from './use-begin';

type Landscape = (typeof BENCH_LANDSCAPES)[number];

interface OwnSceneProps {
  isBusy: boolean;
  onBegin: (practice: Practice) => void;
}

/** A scene as it is being chosen. */
interface Scene {
  readonly landscape: Landscape;
  readonly lensMm: number;
  readonly seed: number;
  readonly hour: BenchHour;
  readonly sun: BenchSun;
  readonly air: BenchAir;
  readonly glass: 'bench' | 'own';
}

const FIRST: Scene = {
  landscape: 'dunes',
  lensMm: USUAL_LENS_MM.dunes,
  seed: 1,
  hour: 'low',
  sun: 'left',
  air: 'clear',
  glass: 'bench',
};

/** A scene of one's own: a landscape, an hour, where the sun stands, the sky; with the bench's glass or one's own. */
export function OwnScene({ isBusy, onBegin }: OwnSceneProps) {
  const { home } = useWorkspace();
  const ownBag = useStore(home.workspace.bag.state, (s) => s.value);
  const isHomeReady = useStore(home.workspace.state, (s) => s.phase === 'ready');
  const [scene, setScene] = useState(FIRST);
  const set = (change: Partial<Scene>) => setScene({ ...scene, ...change });
  const { landscape, lensMm, seed, hour, sun, air, glass } = scene;
  const begin = () =>
    onBegin({
      order: { landscape, seed, sunAltitudeDeg: BENCH_HOURS[hour], sunBearingDeg: BENCH_SUNS[sun], air },
      focalLengthMm: lensMm,
      name: sceneTitle(landscape, hour),
      ...(glass === 'own' ? { bag: ownBag } : {}),
    });
  return (
    <section aria-label="A scene of your own" className="space-y-4">
      <h2 className="text-lg font-semibold">A scene of your own</h2>
      <PlaceOfScene scene={scene} set={set} />
      <div className="grid gap-4 tablet:grid-cols-2 desk:grid-cols-2">
        <Choice text="Hour" value={hour} columns={3} names={HOUR_NAMES} onValue={(h) => set({ hour: h })} />
        <Choice text="Sun" value={sun} columns={2} names={SUN_NAMES} onValue={(s) => set({ sun: s })} />
        <Choice text="Sky" value={air} names={AIR_NAMES} onValue={(a) => set({ air: a })} />
        <Choice text="Glass" value={glass} names={GLASS_NAMES} onValue={(g) => set({ glass: g })} />
      </div>
      <Button kind="action" disabled={isBusy || (glass === 'own' && !isHomeReady)} onClick={begin}>
        Make it
      </Button>
    </section>
  );
}

const GLASS_NAMES = { bench: 'the bench’s', own: 'my own bag' };

interface SceneProps {
  readonly scene: Scene;
  readonly set: (change: Partial<Scene>) => void;
}

/** The landscape, the lens that it is seen through, and which of its kind it is. */
function PlaceOfScene({ scene: { landscape, lensMm, seed }, set }: SceneProps) {
  const roll = () => {
    const [drawn = 0] = crypto.getRandomValues(new Uint32Array(1));
    set({ seed: (drawn % LIMITS.seed[1]) + 1 });
  };
  return (
    <div className="grid gap-4 tablet:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_minmax(0,1.4fr)] desk:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_minmax(0,1.4fr)]">
      <ChoiceField
        label="Landscape"
        value={landscape}
        options={BENCH_LANDSCAPES.map((name) => [name, BENCH_LANDSCAPE_NAMES[name]] as const)}
        onValue={(next) => set({ landscape: next, lensMm: USUAL_LENS_MM[next] })}
      />
      <QuantityField
        label="Lens"
        unit="mm"
        quantity="focalLengthMm"
        value={lensMm}
        onValue={(mm) => set({ lensMm: mm })}
        refuse={(mm) =>
          mm < BENCH_LENS_MM[0] || mm > BENCH_LENS_MM[1]
            ? `${BENCH_LENS_MM[0]} to ${BENCH_LENS_MM[1]} mm here`
            : null
        }
      />
      <div className="flex items-end gap-2">
        <div className="min-w-0 flex-1">
          <QuantityField
            label="Number of the scene"
            quantity="seed"
            value={seed}
            onValue={(n) => set({ seed: n })}
            refuse={(n) => (Number.isInteger(n) ? null : 'a whole number')}
          />
        </div>
        <Button aria-label="Another scene by chance" title="Another scene by chance" onClick={roll}>
          <Dices size={20} aria-hidden />
        </Button>
      </div>
    </div>
  );
}

interface ChoiceProps<T extends string> {
  readonly text: string;
  readonly value: T;
  /** All that can be chosen, in its order, with what each is called. */
  readonly names: Readonly<Record<T, string>>;
  readonly columns?: number;
  readonly onValue: (value: T) => void;
}

function Choice<T extends string>({ text, value, names, columns, onValue }: ChoiceProps<T>) {
  return (
    <Labelled text={text}>
      <Segmented<T>
        label={text}
        value={value}
        {...(columns ? { columns } : {})}
        options={(Object.keys(names) as T[]).map((key) => ({ value: key, text: names[key] }))}
        onValue={onValue}
      />
    </Labelled>
  );
}

function Labelled({ text, children }: { text: string; children: React.ReactNode }) {
  return (
    <div>
      <p aria-hidden className="pb-1 text-sm text-quiet">
        {text}
      </p>
      {children}
    </div>
  );
}
