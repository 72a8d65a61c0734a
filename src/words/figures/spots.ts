import { type Role } from '@/core/field';

/** Readings that are named beside one another. */
export type Spots = readonly { readonly id: string; readonly role: Role }[];

/** What a reading is called, by its id. */
export type SpotNames = (id: string) => string;

/** What a shape is called where it has no name: "shape 2". */
export const shapeName = (
  id: string,
  shapes: readonly { readonly id: string; readonly name?: string | undefined }[] = [],
): string => shapes.find((s) => s.id === id)?.name ?? `shape ${shapes.findIndex((s) => s.id === id) + 1}`;

/** A name at the head of a sentence. */
export const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);

/** Readings by what they are of, counted where there are several: "land", "sky 2". Ids are for machines. */
export function spotNames(readings: Spots): SpotNames {
  const names = new Map<string, string>();
  for (const { id, role } of readings) {
    const own = readings.filter((r) => r.role === role);
    names.set(id, own.length > 1 ? `${role} ${own.findIndex((r) => r.id === id) + 1}` : role);
  }
  return (id) => names.get(id) ?? 'a reading that is gone';
}
