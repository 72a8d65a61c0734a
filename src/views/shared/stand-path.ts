/** Ids that stand in an address as they are. */
const PLAIN = /^[A-Za-z0-9_-]{1,100}$/;

/** A stand's part of an address: its id, or where an address would take that for something else, its code units. */
export const standKey = (id: string): string =>
  PLAIN.test(id)
    ? id
    : `~${Array.from({ length: id.length }, (_, i) => id.charCodeAt(i).toString(16).padStart(4, '0')).join('')}`;

/** Where the cards of stands are, in a workspace's pages. */
export const cardsPath = (base: string, ids: readonly string[]): string =>
  `${base}/cards?${new URLSearchParams(ids.map((id) => ['of', standKey(id)])).toString()}`;

/** The id of a stand's part of an address. */
export function idOfKey(key: string): string {
  if (!key.startsWith('~')) return key;
  const units = key.slice(1).match(/[0-9a-f]{4}/g) ?? [];
  return units.map((unit) => String.fromCharCode(parseInt(unit, 16))).join('');
}
