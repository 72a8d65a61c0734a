import { utf8Bytes } from '@/model/documents/gate';
import { type FileResult, pathText, refused } from './errors';

/** Deepest nesting that is read: the format itself goes ten deep. */
const MAX_DEPTH = 40;

const [QUOTE, BACKSLASH] = [0x22, 0x5c];
const OPENING = new Set([0x5b, 0x7b]);
const CLOSING = new Set([0x5d, 0x7d]);

/**
 * Reads JSON that is not to be trusted: its size and its depth are looked at before it is parsed, and
 * a key that would be taken for the prototype is refused.
 */
export function readJson(text: string, maxBytes: number): FileResult<unknown> {
  // no character takes less than a byte
  if (text.length > maxBytes || utf8Bytes(text) > maxBytes)
    return refused('too-large', '', `a document has at most ${maxBytes / 1e6} MB`);
  if (isDeeperThan(text, MAX_DEPTH))
    return refused('too-deep', '', `nested more than ${MAX_DEPTH} deep, which no document of ours is`);
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return refused('not-json', '', `not JSON: ${(error as Error).message.slice(0, 120).toWellFormed()}`);
  }
  const odd = pathOfPrototype(json);
  return odd
    ? refused('not-allowed', pathText(odd), 'a key that no document may have')
    : { ok: true, value: json };
}

/** Whether a text begins as a document does; a byte order mark and a few line ends may stand before it. */
export const beginsAsDocument = (text: string): boolean =>
  text.slice(0, 1000).replace('\uFEFF', '').trimStart().startsWith('{');

function isDeeperThan(text: string, most: number): boolean {
  let depth = 0;
  let isInText = false;
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    if (isInText) {
      if (unit === BACKSLASH) i++;
      else if (unit === QUOTE) isInText = false;
    } else if (unit === QUOTE) isInText = true;
    else if (OPENING.has(unit)) {
      if (++depth > most) return true;
    } else if (CLOSING.has(unit)) depth--;
  }
  return false;
}

/** Where a key stands that an object would take for its prototype; the depth is bounded by now. */
function pathOfPrototype(value: unknown): PropertyKey[] | null {
  if (typeof value !== 'object' || value === null) return null;
  if (Object.hasOwn(value, '__proto__')) return ['__proto__'];
  for (const [key, part] of Object.entries(value)) {
    if (typeof part !== 'object') continue;
    const inside = pathOfPrototype(part);
    if (inside) return [Array.isArray(value) ? Number(key) : key, ...inside];
  }
  return null;
}
