import { type FocusHelp, type Stand } from '@/model';

/** Metres as they are set on a lens: two figures near by, one far off. */
export function metresText(metres: number): string {
  if (metres >= 100) return `${Math.round(metres)} m`;
  return `${Number(metres.toPrecision(2))} m`;
}

/** Where to focus, in plain words. */
export function focusText({ focusM, nearM }: FocusHelp): string {
  return `Focus at ${metresText(focusM)}: sharp from ${metresText(nearM)} to the far end.`;
}

/** What stands in the way of sharpness, a sentence each. */
export function focusCautions({ tooNear, airyMm, confusionMm }: FocusHelp, { exposure }: Stand): string[] {
  const cautions: string[] = [];
  if (tooNear)
    cautions.push(
      tooNear.aperture === null
        ? `The nearest thing, at ${metresText(tooNear.subjectM)}, stays soft at any aperture that diffraction allows: step back, or take a second picture focused on it.`
        : `The nearest thing, at ${metresText(tooNear.subjectM)}, is soft: f/${tooNear.aperture} would hold it too.`,
    );
  if (airyMm > confusionMm)
    cautions.push(`At f/${exposure.aperture} diffraction blurs more than defocus may: open up.`);
  return cautions;
}
