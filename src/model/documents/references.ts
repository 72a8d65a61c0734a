/** Where glass is named: what looked through it, and the seat of a grad among it. */
interface Light {
  readonly throughFilterIds?: readonly string[] | undefined;
  readonly seat?: { readonly filterId: string } | undefined;
}

/** What of a stand names glass of its bag. */
export interface NamesGlass {
  readonly choice?: { readonly filterIds: readonly string[] } | undefined;
  readonly fitted?: readonly { readonly filterId: string }[] | undefined;
  readonly readings: readonly (Light & { readonly earlier?: readonly Light[] | undefined })[];
  readonly through?: Light | undefined;
  readonly wholeScene?: Light | undefined;
}

type Path = readonly (string | number)[];

function lightWith<L extends Light>(light: L, at: Path, put: (id: string, path: Path) => string): L {
  const { throughFilterIds: ids, seat } = light;
  if (!ids?.length && !seat) return light;
  return {
    ...light,
    ...(ids ? { throughFilterIds: ids.map((id, i) => put(id, [...at, 'throughFilterIds', i])) } : {}),
    ...(seat ? { seat: { ...seat, filterId: put(seat.filterId, [...at, 'seat', 'filterId']) } } : {}),
  };
}

/**
 * The stand with every reference to glass put anew: the only place that knows where glass is named.
 *
 * @param put gives the id that is to stand at a path, from the one that stands there
 */
export function withGlassIds<S extends NamesGlass>(stand: S, put: (id: string, path: Path) => string): S {
  const { choice, fitted, through, wholeScene } = stand;
  return {
    ...stand,
    ...(choice
      ? {
          choice: {
            ...choice,
            filterIds: choice.filterIds.map((id, i) => put(id, ['choice', 'filterIds', i])),
          },
        }
      : {}),
    ...(fitted
      ? { fitted: fitted.map((f, i) => ({ ...f, filterId: put(f.filterId, ['fitted', i, 'filterId']) })) }
      : {}),
    readings: stand.readings.map((reading, i) => {
      const at = ['readings', i];
      const { earlier, ...rest } = lightWith(reading, at, put);
      return earlier
        ? { ...rest, earlier: earlier.map((light, k) => lightWith(light, [...at, 'earlier', k], put)) }
        : rest;
    }),
    ...(through ? { through: lightWith(through, ['through'], put) } : {}),
    ...(wholeScene ? { wholeScene: lightWith(wholeScene, ['wholeScene'], put) } : {}),
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
