import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { standFileJsonSchema } from '@/files';

/** Writes docs/stand-file.schema.json from the schema that the files are read with. */
const target = path.join(import.meta.dirname, '../docs/stand-file.schema.json');
writeFileSync(target, `${JSON.stringify(standFileJsonSchema(), null, 2)}\n`);
