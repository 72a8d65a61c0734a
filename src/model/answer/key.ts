import { type Bag } from '../bag/bag';
import { BAG_PARTS } from '../bag/parts';
import { type Moves, partsThat, STAND_PARTS } from '../stand/parts';
import { type Stand } from '../stand/stand';

/** What of each part moves the answer; the tables of parts say it. */
type Parts<T> = { readonly [K in keyof Required<T>]: { readonly answer: Moves<T> } };

/** The parts of a stand on which its answer does not depend. */
export const UNDECIDING = partsThat((part) => part.answer === 'none');

function partsOf<T extends object>(whole: T, parts: Parts<T>): unknown[] {
  return (Object.entries(parts) as [keyof T, Parts<T>[keyof T]][])
    .filter(([, { answer }]) => answer !== 'none')
    .map(([name, { answer }]) => (typeof answer === 'function' ? answer(whole) : whole[name]));
}

const written = new WeakMap<object, string>();

/** What is kept is never changed in place: its text is written once. */
function textOf<T extends object>(whole: T, parts: Parts<T>): string {
  const text = written.get(whole) ?? JSON.stringify(partsOf(whole, parts));
  written.set(whole, text);
  return text;
}

/** Text of everything that a solution depends on: two stands with the same key have the same answer. */
export const solutionKey = (stand: Stand, bag: Bag): string =>
  `${textOf(stand, STAND_PARTS)} ${textOf(bag, BAG_PARTS)}`;
