import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { fieldFigure, seamFigure } from './seam-figure';

/** Writes the pictures of docs/physics.md, made by the core. */
const docs = path.join(import.meta.dirname, '../docs');
writeFileSync(path.join(docs, 'seam-by-lens.svg'), seamFigure());
writeFileSync(path.join(docs, 'ideal-and-sheet.svg'), fieldFigure());
