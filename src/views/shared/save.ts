import { toast } from 'sonner';
import { type FileError, type NamedBytes, type NamedText, type WrittenBackup } from '@/store';
import { saveFile } from '@/ui/save-file';
import { backupText } from '@/words';

type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: FileError };

/** Saves a file that was written and read back; where it could not be, says why. */
export function saveOrSay(result: Result<NamedText | NamedBytes>): void {
  if (result.ok) saveFile(result.value);
  else say(result.error);
}

/** Saves a backup, and says what of it is lacking. */
export function saveBackup(result: Result<WrittenBackup>): void {
  if (!result.ok) return say(result.error);
  saveFile(result.value.file);
  const lacking = backupText(result.value);
  if (lacking) toast(lacking, { duration: 20_000 });
}

function say({ path, message }: FileError): void {
  toast.error(`No file was saved: ${path ? `${path}: ` : ''}${message}.`, { duration: 20_000 });
}
