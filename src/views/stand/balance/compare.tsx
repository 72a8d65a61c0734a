import { useMemo, useState } from 'react';
import { type Glass, glassAt, seenThrough } from '@/model';
import { ChoiceField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { Segmented } from '@/ui/segmented';
import { glassName, BALANCE_TEXT } from '@/words';
import { Divided } from '../pictured/divided';
import { ThroughPicture } from '../pictured/through-picture';
import { useSizeWithin } from '../pictured/size-within';
import { useDerived, useStand, useStandBag } from '../session';
import { useOtherSheets } from './use-other-sheets';

type Way = 'over' | 'beside';

interface CompareProps {
  /** The sets that can be looked at, the best first. */
  readonly glasses: readonly Glass[];
}

/** Any two sets of glass, or one against none, as they would come out: one over the other with a line between, or beside. */
export function Compare({ glasses }: CompareProps) {
  return <Fold summary={BALANCE_TEXT.compareTwoTheyWould}>{() => <Pair glasses={glasses} />}</Fold>;
}

const keyOf = ({ filterIds }: Glass) => filterIds.join('+') || 'none';

function Pair({ glasses }: CompareProps) {
  const sets = useEverySet(glasses);
  const inUse = useDerived((d) => d.inUse);
  const [way, setWay] = useState<Way>('over');
  const [keys, setKeys] = useState<readonly [string | null, string | null]>([null, null]);
  const find = (key: string | null) => sets.find((g) => keyOf(g) === key);
  const used = inUse && find(keyOf(inUse));
  const first = find(keys[0]) ?? used ?? sets[0];
  const others = sets.filter((g) => g !== first);
  const second = find(keys[1]) ?? others.find((g) => !g.filterIds.length) ?? others[0];
  if (!first || !second) return null;
  const options = sets.map((g) => [keyOf(g), glassName(g.filters)] as const);
  const pictureOf = (glass: Glass) => ({
    name: glassName(glass.filters),
    picture: (side: number) => <GlassThrough glass={glass} side={side} />,
  });
  return (
    <div className="space-y-3 pb-3">
      <div className="grid grid-cols-2 gap-3">
        <ChoiceField
          label="This"
          value={keyOf(first)}
          options={options}
          onValue={(key) => setKeys([key, keys[1]])}
        />
        <ChoiceField
          label="Against"
          value={keyOf(second)}
          options={options}
          onValue={(key) => setKeys([keys[0], key])}
        />
      </div>
      <Segmented
        label="How they are compared"
        value={way}
        options={[
          { value: 'over', text: 'With a line between' },
          { value: 'beside', text: 'One beside the other' },
        ]}
        onValue={setWay}
      />
      {way === 'over' ? (
        <Divided what="the two" first={pictureOf(first)} second={pictureOf(second)} />
      ) : (
        <div className="grid grid-cols-2 gap-2">
          {[first, second].map((glass, i) => (
            <Beside key={`${i} ${keyOf(glass)}`} glass={glass} />
          ))}
        </div>
      )}
    </div>
  );
}

function GlassThrough({ glass, side }: { glass: Glass; side: number }) {
  const through = useMemo(() => seenThrough(glass), [glass]);
  return <ThroughPicture through={through} side={side} className="block" />;
}

/** Half the width of a step's sheet, px. */
const HALF = 176;

function Beside({ glass }: { glass: Glass }) {
  const { width } = useSizeWithin(HALF);
  return (
    <figure style={{ width }}>
      <GlassThrough glass={glass} side={HALF} />
      <figcaption className="pt-1 text-sm text-quiet">{glassName(glass.filters)}</figcaption>
    </figure>
  );
}

/** The sets, what is in use among them, every other sheet that is along, and no glass at all. */
function useEverySet(glasses: readonly Glass[]): readonly Glass[] {
  const stand = useStand();
  const bag = useStandBag();
  const { prepared, inUse } = useDerived();
  const others = useOtherSheets(glasses);
  const bare = useMemo(
    () => glassAt(stand, bag, prepared, { filterIds: [], seat: null }),
    [stand, bag, prepared],
  );
  const unlisted = (list: readonly Glass[], glass: Glass | null) =>
    glass && !list.some((g) => keyOf(g) === keyOf(glass)) ? [glass] : [];
  const own = [...unlisted(glasses, inUse), ...glasses];
  const all = [...own, ...others.flatMap((g) => unlisted(own, g))];
  return [...all, ...unlisted(all, bare)];
}
