import { useState } from 'react';

/** What a list is narrowed to, its order, and whether it shows what is put away. */
export function useListTools<O extends string>(firstOrder: O) {
  const [wanted, onWanted] = useState('');
  const [order, onOrder] = useState<O>(firstOrder);
  const [showsArchive, onArchive] = useState(false);
  return { wanted, onWanted, order, onOrder, showsArchive, onArchive };
}

/** Whether a text has every word of a search in it, however they are written. */
export function answersTo(text: string, wanted: string): boolean {
  const plain = text.toLocaleLowerCase('en-GB');
  return wanted
    .toLocaleLowerCase('en-GB')
    .split(/\s+/)
    .every((word) => plain.includes(word));
}
