import { type DocumentFault } from '../schema/faults';

/** Something about what is kept that the photographer must be told once. */
export type Notice =
  /** A stand was changed in two tabs at once: both versions are kept. */
  | { readonly code: 'both-kept'; readonly name: string }
  /** A stand was to be deleted, and another tab has changed it meanwhile: it is kept. */
  | { readonly code: 'not-deleted'; readonly name: string }
  /** The bag was changed in two tabs at once. */
  | {
      readonly code: 'bag-joined';
      readonly settingsAreTheirs: boolean;
      readonly leftOut: readonly string[];
    }
  /** What is planned was changed in two tabs at once. */
  | { readonly code: 'plans-joined'; readonly leftOut: readonly string[] }
  /** A change was not taken: what came of it could not be kept. */
  | { readonly code: 'not-taken'; readonly fault: DocumentFault }
  /** What a new workspace begins with could not be fetched. */
  | { readonly code: 'no-seeds' };
