import * as z from 'zod';
import { schemas } from '@/model/schema/schema';

/** The stand file as a JSON Schema: types, ranges and keys; what several fields must be together stands in the reader. */
export function standFileJsonSchema(): object {
  return {
    title: 'Pale Seam stand file, format version 1',
    ...z.toJSONSchema(schemas('strict').standFile, { io: 'input' }),
  };
}
