export { type Intake, type PhotoIntake, type PhotoState } from '@/photos/intake';
export { atEase } from './at-ease';
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
  useCountdown,
  useDerived,
  useKept,
  useEdit,
  useFrameLook,
  useIntake,
  useMinute,
  useNextReading,
  useOpenStand,
  usePhoto,
  usePhotoIntake,
  useProposal,
  useSession,
  useSlip,
  useSolved,
  useSpotNames,
  useStand,
  useStandBag,
} from './use-stand';
