import { Dices } from 'lucide-react';
import { useState } from 'react';
import { useStore } from 'zustand';
import { LIMITS } from '@/model';
import {
  BENCH_AIRS,
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

/** A scene of one's own: a landscape, an hour, where the sun stands, the sky; with the bench's glass or one's own. */
export function OwnScene({ isBusy, onBegin }: OwnSceneProps) {
  const { home } = useWorkspace();
  const ownBag = useStore(home.workspace.bag.state, (s) => s.value);
  const isHomeReady = useStore(home.workspace.state, (s) => s.phase === 'ready');
  const [landscape, setLandscape] = useState<Landscape>('dunes');
  const [lensMm, setLensMm] = useState<number>(USUAL_LENS_MM.dunes);
  const [hour, setHour] = useState<BenchHour>('low');
  const [sun, setSun] = useState<BenchSun>('left');
  const [air, setAir] = useState<BenchAir>('clear');
  const [seed, setSeed] = useState(1);
  const [glass, setGlass] = useState<'bench' | 'own'>('bench');
  const roll = () =>
    setSeed(((crypto.getRandomValues(new Uint32Array(1))[0] as number) % LIMITS.seed[1]) + 1);
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
      <div className="grid gap-4 tablet:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_minmax(0,1.4fr)] desk:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_minmax(0,1.4fr)]">
        <ChoiceField
          label="Landscape"
          value={landscape}
          options={BENCH_LANDSCAPES.map((name) => [name, BENCH_LANDSCAPE_NAMES[name]] as const)}
          onValue={(next) => {
            setLandscape(next);
            setLensMm(USUAL_LENS_MM[next]);
          }}
        />
        <QuantityField
          label="Lens"
          unit="mm"
          quantity="focalLengthMm"
          value={lensMm}
          onValue={setLensMm}
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
              onValue={setSeed}
              refuse={(n) => (Number.isInteger(n) ? null : 'a whole number')}
            />
          </div>
          <Button aria-label="Another scene by chance" title="Another scene by chance" onClick={roll}>
            <Dices size={20} aria-hidden />
          </Button>
        </div>
      </div>
      <div className="grid gap-4 tablet:grid-cols-2 desk:grid-cols-2">
        <Labelled text="Hour">
          <Segmented<BenchHour>
            label="Hour"
            value={hour}
            columns={3}
            options={(Object.keys(BENCH_HOURS) as BenchHour[]).map((value) => ({
              value,
              text: HOUR_NAMES[value],
            }))}
            onValue={setHour}
          />
        </Labelled>
        <Labelled text="Sun">
          <Segmented<BenchSun>
            label="Sun"
            value={sun}
            columns={2}
            options={(Object.keys(BENCH_SUNS) as BenchSun[]).map((value) => ({
              value,
              text: SUN_NAMES[value],
            }))}
            onValue={setSun}
          />
        </Labelled>
        <Labelled text="Sky">
          <Segmented<BenchAir>
            label="Sky"
            value={air}
            options={BENCH_AIRS.map((value) => ({ value, text: AIR_NAMES[value] }))}
            onValue={setAir}
          />
        </Labelled>
        <Labelled text="Glass">
          <Segmented<'bench' | 'own'>
            label="Glass"
            value={glass}
            options={[
              { value: 'bench', text: 'the bench’s' },
              { value: 'own', text: 'my own bag' },
            ]}
            onValue={setGlass}
          />
        </Labelled>
      </div>
      <Button kind="action" disabled={isBusy || (glass === 'own' && !isHomeReady)} onClick={begin}>
        Make it
      </Button>
    </section>
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
