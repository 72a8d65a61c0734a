import { useState } from 'react';

/** What a list is narrowed to, its order, and whether it shows what is put away. */
export function useListTools<O extends string>(firstOrder: O) {
  const [wanted, onWanted] = useState('');
  const [order, onOrder] = useState<O>(firstOrder);
  const [showsArchive, onArchive] = useState(false);
  return { wanted, onWanted, order, onOrder, showsArchive, onArchive };
}
