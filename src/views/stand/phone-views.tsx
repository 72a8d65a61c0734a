import { STAND_TEXT } from '@/words';
import { isSheet } from '@/model';
import { FrameView } from './canvas/frame';
import { HolderView } from './seat/holder-view';
import { LadderView } from './ladder/ladder-view';
import { type PhoneView, useDerived, useSession } from './session';

const VIEWS: readonly { value: PhoneView; text: string }[] = [
  { value: 'frame', text: 'Picture' },
  { value: 'holder', text: 'Holder' },
  { value: 'ladder', text: 'Ladder' },
];

/** On a phone one of three drawings stands above the slip; they change by a switch, so that a finger on the frame means the frame. */
export function PhoneViews() {
  const phoneView = useSession((s) => s.phoneView);
  const setPhoneView = useSession((s) => s.setPhoneView);
  return (
    <>
      <div
        id="phone-view"
        className="flex h-[calc(var(--visible-height,100dvh)*0.28)] min-h-0 shrink-0 flex-col typing:hidden tablet:h-[calc(var(--visible-height,100dvh)*0.4)] short:h-auto short:flex-1"
      >
        {phoneView === 'frame' && <FrameView />}
        {phoneView === 'holder' && <HolderOrNot />}
        {phoneView === 'ladder' && (
          <div className="flex h-full flex-col justify-center px-3">
            <LadderView />
          </div>
        )}
      </div>
      <div role="group" aria-label="Drawing" className="flex shrink-0 border-b border-rule typing:hidden">
        {VIEWS.map(({ value, text }) => (
          <button
            key={value}
            type="button"
            aria-pressed={phoneView === value}
            aria-controls="phone-view"
            onClick={() => setPhoneView(value)}
            className="min-h-11 flex-1 border-b-[3px] border-transparent text-quiet aria-pressed:border-ink aria-pressed:font-semibold aria-pressed:text-ink"
          >
            {text}
          </button>
        ))}
      </div>
    </>
  );
}

function HolderOrNot() {
  const derived = useDerived();
  const sheets = derived.inUse?.seat ? derived.inUse.filters.filter(isSheet) : [];
  if (sheets.length) return <HolderView sheets={sheets} />;
  return (
    <p className="flex h-full items-center justify-center bg-panel px-6 text-center text-quiet">
      {derived.plan || derived.chosen ? STAND_TEXT.noGradFittedHolder : STAND_TEXT.holderFillsWhenLand}
    </p>
  );
}
