/** Where glass is named: what looked through it, and the seat of a grad among it. */
interface Light {
  readonly throughFilterIds?: readonly string[] | undefined;
  readonly seat?: { readonly filterId: string } | undefined;
}

interface LightAgain extends Light {
  readonly earlier?: readonly Light[] | undefined;
}

interface Sheets {
  readonly filterIds: readonly string[];
}

interface Shot extends Sheets {
  readonly advisedFilterIds?: readonly string[] | undefined;
  readonly fitted?: readonly Fitted[] | undefined;
}

interface Fitted {
  readonly filterId: string;
}

/** A part of the stand as it was. */
interface Was {
  readonly choice?: Sheets | null | undefined;
  readonly fitted?: readonly Fitted[] | null | undefined;
}

/** What of a stand names glass of its bag. */
export interface NamesGlass {
  readonly choice?: Sheets | undefined;
  readonly fitted?: readonly Fitted[] | undefined;
  readonly takes?: readonly Shot[] | undefined;
  readonly seen?: readonly { readonly was?: Was | undefined }[] | undefined;
  readonly readings: readonly LightAgain[];
  readonly through?: LightAgain | undefined;
  readonly wholeScene?: Light | undefined;
  readonly bench?: { readonly leftOn?: readonly string[] | undefined } | undefined;
}

type Path = readonly (string | number)[];
type Put = (id: string, path: Path) => string;

const sheetsWith = <S extends Sheets>(sheets: S, at: Path, put: Put): S => ({
  ...sheets,
  filterIds: sheets.filterIds.map((id, i) => put(id, [...at, 'filterIds', i])),
});

const fittedWith = <F extends Fitted>(fitted: readonly F[], at: Path, put: Put): F[] =>
  fitted.map((f, i) => ({ ...f, filterId: put(f.filterId, [...at, i, 'filterId']) }));

function lightWith<L extends Light>(light: L, at: Path, put: Put): L {
  const { throughFilterIds: ids, seat } = light;
  if (!ids?.length && !seat) return light;
  return {
    ...light,
    ...(ids ? { throughFilterIds: ids.map((id, i) => put(id, [...at, 'throughFilterIds', i])) } : {}),
    ...(seat ? { seat: { ...seat, filterId: put(seat.filterId, [...at, 'seat', 'filterId']) } } : {}),
  };
}

function lightAgainWith<L extends LightAgain>(light: L, at: Path, put: Put): L {
  const { earlier, ...rest } = lightWith(light, at, put);
  return (
    earlier ? { ...rest, earlier: earlier.map((l, i) => lightWith(l, [...at, 'earlier', i], put)) } : rest
  ) as L;
}

function shotWith<S extends Shot>(shot: S, at: Path, put: Put): S {
  const { fitted, advisedFilterIds: advised } = shot;
  return {
    ...sheetsWith(shot, at, put),
    ...(advised ? { advisedFilterIds: advised.map((id, i) => put(id, [...at, 'advisedFilterIds', i])) } : {}),
    ...(fitted ? { fitted: fittedWith(fitted, [...at, 'fitted'], put) } : {}),
  };
}

const wasWith = <W extends Was>(was: W, at: Path, put: Put): W => ({
  ...was,
  ...(was.choice ? { choice: sheetsWith(was.choice, [...at, 'choice'], put) } : {}),
  ...(was.fitted ? { fitted: fittedWith(was.fitted, [...at, 'fitted'], put) } : {}),
});

/**
 * The stand with every reference to glass put anew: the only place that knows where glass is named.
 *
 * @param put gives the id that is to stand at a path, from the one that stands there
 */
export function withGlassIds<S extends NamesGlass>(stand: S, put: Put): S {
  const { choice, fitted, through, wholeScene, takes, seen, bench } = stand;
  return {
    ...stand,
    ...(choice ? { choice: sheetsWith(choice, ['choice'], put) } : {}),
    ...(fitted ? { fitted: fittedWith(fitted, ['fitted'], put) } : {}),
    readings: stand.readings.map((reading, i) => lightAgainWith(reading, ['readings', i], put)),
    ...(through ? { through: lightAgainWith(through, ['through'], put) } : {}),
    ...(wholeScene ? { wholeScene: lightWith(wholeScene, ['wholeScene'], put) } : {}),
    ...(bench?.leftOn
      ? { bench: { ...bench, leftOn: bench.leftOn.map((id, i) => put(id, ['bench', 'leftOn', i])) } }
      : {}),
    ...(takes ? { takes: takes.map((take, i) => shotWith(take, ['takes', i], put)) } : {}),
    ...(seen
      ? { seen: seen.map((s, i) => (s.was ? { ...s, was: wasWith(s.was, ['seen', i, 'was'], put) } : s)) }
      : {}),
  };
}

/** Every reference to glass in a stand, and where it stands. */
export function glassReferences(stand: NamesGlass): { readonly id: string; readonly path: Path }[] {
  const found: { id: string; path: Path }[] = [];
  withGlassIds(stand, (id, path) => {
    found.push({ id, path });
    return id;
  });
  return found;
}
