import { type Figure, figureText } from './measure';
import { cliFigures } from './cli';
import { dragFigures } from './drag';
import { exerciseFigures } from './exercises';
import { fileFigures } from './file';
import { listFigures } from './list';
import { loopFigures } from './loop';
import { manyFigures } from './many';
import { photoFigures } from './picture';
import { renderFigures } from './renders';
import { searchFigures } from './search';
import { skylineFigures } from './skyline';
import { writeFigures } from './write';

/** The groups of benchmarks; each gives its figures one after another. */
const GROUPS: Readonly<Record<string, () => Iterable<Figure> | AsyncIterable<Figure>>> = {
  search: searchFigures,
  many: manyFigures,
  write: writeFigures,
  picture: photoFigures,
  skyline: skylineFigures,
  list: listFigures,
  loop: loopFigures,
  file: fileFigures,
  exercises: exerciseFigures,
  drag: dragFigures,
  renders: renderFigures,
  cli: cliFigures,
};

const asked = process.argv.slice(2);
const unknown = asked.find((name) => !(name in GROUPS));
if (unknown) {
  process.stderr.write(`bench: ${unknown} is no group; there are ${Object.keys(GROUPS).join(', ')}\n`);
  process.exitCode = 2;
} else
  for (const name of asked.length ? asked : Object.keys(GROUPS))
    for await (const figure of GROUPS[name]!()) process.stdout.write(`${figureText(figure)}\n`);
