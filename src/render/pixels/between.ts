/** A raster of figures, row by row. */
export interface Cells {
  readonly columns: number;
  readonly rows: number;
  readonly values: ArrayLike<number>;
}

/** For each point of a finer raster the cell before it, and how far on to the next it lies. */
function steps(count: number, cellCount: number) {
  const at = Float32Array.from({ length: count }, (_, i) =>
    Math.min(cellCount - 1, Math.max(0, ((i + 0.5) / count) * cellCount - 0.5)),
  );
  const first = Int32Array.from(at, (x) => Math.max(0, Math.min(cellCount - 2, Math.floor(x))));
  return { first, part: at.map((x, i) => x - first[i]) };
}

/**
 * Reads a finer raster over the same frame row by row, between the centres of the cells and level beyond the outermost. The
 * row that is given is written over by the next.
 */
export function rowReader(
  { columns: cellColumns, rows: cellRows, values }: Cells,
  columns: number,
  rows: number,
) {
  const across = steps(columns, cellColumns);
  const down = steps(rows, cellRows);
  const line = new Float32Array(cellColumns);
  const out = new Float32Array(columns);
  const next = cellColumns > 1 ? 1 : 0;
  return (row: number): Float32Array => {
    const r = down.first[row];
    const y = down.part[row];
    const below = Math.min(cellRows - 1, r + 1) * cellColumns;
    for (let c = 0; c < cellColumns; c++)
      line[c] = values[r * cellColumns + c] * (1 - y) + values[below + c] * y;
    for (let column = 0; column < columns; column++) {
      const c = across.first[column];
      const x = across.part[column];
      out[column] = line[c] * (1 - x) + line[c + next] * x;
    }
    return out;
  };
}
