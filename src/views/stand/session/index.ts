export { type Intake, type PictureIntake, type PictureState } from '@/photos/intake';
export { openStand, type OpenStand } from './open-stand';
export {
  type PhoneView,
  type ReadingDraft,
  type Selection,
  type Session,
  type Step,
  STEP_TITLES,
  STEPS,
} from './session';
export {
  StandContext,
  useAnswer,
  useDerived,
  useDocument,
  useEdit,
  useIntake,
  useMinute,
  useNextReading,
  useOpenStand,
  usePhoto,
  usePictureIntake,
  useProposal,
  useSession,
  useSlip,
  useStand,
  useStandBag,
} from './use-stand';
