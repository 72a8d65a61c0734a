// the schema and the gate stand apart: they bring the schema's library with them, which workers do without
export { sameContent } from '../records/alike';
export { type NewStand, newStand, nextStand, standToBegin, FULL_FRAME } from './begin';
export {
  bagForStand,
  bringsNothingNew,
  type ChangedGlass,
  changedGlass,
  type KeptStand,
  newFilters,
  type StandDocument,
  withCopies,
  withGlassOfToday,
  withNewFilters,
  withStand,
  withWorkspaceBag,
} from './document';
export { type CarriedWithout } from './carried';
export { joinParts } from '../records/join';
export {
  type Bringing,
  broughtStand,
  mergeBag,
  type MergedBag,
  type MergeReport,
  mergeStands,
  sameDocument,
} from './merge';
export { markedName, type Named, namedAs, nextName } from '../records/names';
export { type Notice } from './notices';
export { glassReferences } from './references';
export { type BackupHistory, isBackupDue } from './reminder';
