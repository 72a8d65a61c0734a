import { Archive, ArchiveRestore } from 'lucide-react';
import { type MenuItem } from '@/ui/menu';

/** Puts a thing away, or takes it out again. */
export const archiveItem = (archived: boolean, onArchive: (archived: boolean) => void): MenuItem =>
  archived
    ? { text: 'Take out of the archive', icon: ArchiveRestore, onSelect: () => onArchive(false) }
    : { text: 'Archive', icon: Archive, onSelect: () => onArchive(true) };
