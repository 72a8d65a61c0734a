/** Where glass is named in a stand: the shapes that do it, and each with its names put anew. */

/** Where a name stands in the stand. */
export type Path = readonly (string | number)[];
/** Gives the id that is to stand at a path, from the one that stands there. */
export type PutId = (id: string, path: Path) => string;

/** What looked through glass, and the seat of a grad among it. */
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

interface Fitted {
  readonly filterId: string;
}

interface Shot extends Sheets {
  readonly advisedFilterIds?: readonly string[] | undefined;
  readonly fitted?: readonly Fitted[] | undefined;
}

/** Something seen, with parts of the stand as they were. */
interface SeenThing {
  readonly was?:
    | { readonly choice?: Sheets | null | undefined; readonly fitted?: readonly Fitted[] | null | undefined }
    | undefined;
}

interface Bench {
  readonly leftOn?: readonly string[] | undefined;
}

const idsWith = (ids: readonly string[], at: Path, put: PutId): string[] =>
  ids.map((id, i) => put(id, [...at, i]));

export const sheetsWith = <S extends Sheets>(sheets: S, at: Path, put: PutId): S => ({
  ...sheets,
  filterIds: idsWith(sheets.filterIds, [...at, 'filterIds'], put),
});

export const fittedWith = <F extends Fitted>(fitted: readonly F[], at: Path, put: PutId): F[] =>
  fitted.map((f, i) => ({ ...f, filterId: put(f.filterId, [...at, i, 'filterId']) }));

export function lightWith<L extends Light>(light: L, at: Path, put: PutId): L {
  const { throughFilterIds: ids, seat } = light;
  if (!ids?.length && !seat) return light;
  return {
    ...light,
    ...(ids ? { throughFilterIds: idsWith(ids, [...at, 'throughFilterIds'], put) } : {}),
    ...(seat ? { seat: { ...seat, filterId: put(seat.filterId, [...at, 'seat', 'filterId']) } } : {}),
  };
}

export function lightAgainWith<L extends LightAgain>(light: L, at: Path, put: PutId): L {
  const { earlier, ...rest } = lightWith(light, at, put);
  return (
    earlier ? { ...rest, earlier: earlier.map((l, i) => lightWith(l, [...at, 'earlier', i], put)) } : rest
  ) as L;
}

export const lightsWith = <L extends LightAgain>(lights: readonly L[], at: Path, put: PutId): L[] =>
  lights.map((light, i) => lightAgainWith(light, [...at, i], put));

export const shotsWith = <S extends Shot>(shots: readonly S[], at: Path, put: PutId): S[] =>
  shots.map((shot, i) => shotWith(shot, [...at, i], put));

function shotWith<S extends Shot>(shot: S, at: Path, put: PutId): S {
  const { fitted, advisedFilterIds: advised } = shot;
  return {
    ...sheetsWith(shot, at, put),
    ...(advised ? { advisedFilterIds: idsWith(advised, [...at, 'advisedFilterIds'], put) } : {}),
    ...(fitted ? { fitted: fittedWith(fitted, [...at, 'fitted'], put) } : {}),
  };
}

export const seenWith = <S extends SeenThing>(seen: readonly S[], at: Path, put: PutId): S[] =>
  seen.map((s, i) => (s.was ? { ...s, was: wasWith(s.was, [...at, i, 'was'], put) } : s));

const wasWith = <W extends NonNullable<SeenThing['was']>>(was: W, at: Path, put: PutId): W => ({
  ...was,
  ...(was.choice ? { choice: sheetsWith(was.choice, [...at, 'choice'], put) } : {}),
  ...(was.fitted ? { fitted: fittedWith(was.fitted, [...at, 'fitted'], put) } : {}),
});

export const benchWith = <B extends Bench>(bench: B, at: Path, put: PutId): B =>
  bench.leftOn ? { ...bench, leftOn: idsWith(bench.leftOn, [...at, 'leftOn'], put) } : bench;
