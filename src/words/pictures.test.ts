import { focusHelp } from '@/model';
import { testStand } from '@/testing/fixtures';
import { focusCautions, focusText, pictureFaultText, skylineText, tieText } from '.';

describe('the words for pictures', () => {
  it('name the file, what is wrong with it, and what to do', () => {
    const faults = [
      'empty',
      'not-a-picture',
      'unsupported',
      'animated',
      'too-many-pixels',
      'too-large',
      'truncated',
      'damaged',
      'failed',
    ] as const;
    const texts = faults.map((fault) => pictureFaultText(fault, 'dusk.jpg'));
    expect(new Set(texts).size).toBe(faults.length);
    for (const text of texts) expect(text).toMatch(/^“dusk\.jpg” .*\.$/);
    expect(pictureFaultText('empty', '')).toBe('“the picture” is empty.');
  });

  it('say how rough its light is', () => {
    expect(tieText({ by: 'exposure-data', offsetEv: 12, contrast: 1 })).toContain('good to 1 or 2 stops');
    expect(tieText({ by: 'level', offsetEv: 12, contrast: 1 })).toContain('good to about a stop');
    expect(tieText({ by: 'contrast-and-level', offsetEv: 12, contrast: 1.24 })).toContain(
      'is 1.2 in the scene',
    );
    expect(tieText(null)).toContain('not known');
  });

  it('say how sure a skyline is, and what to do about it', () => {
    expect(skylineText(0.9)).toContain('90 % sure');
    expect(skylineText(0.5)).toContain('correct it after use');
    expect(skylineText(0.1)).toContain('may not be the skyline');
  });

  it('say where to focus', () => {
    const stand = testStand({
      lens: { focalLengthMm: 24, nearestSubjectM: 0.9 },
      exposure: { aperture: 11, iso: 100 },
    });
    expect(focusText(focusHelp(stand))).toBe('Focus at 2.4 m: sharp from 1.2 m to the far end.');
    expect(focusCautions(focusHelp(stand), stand)[0]).toMatch(/at 0\.9 m, is soft: f\/16 would hold it too/);
    const closed = testStand({ exposure: { aperture: 22, iso: 100 } });
    expect(focusCautions(focusHelp(closed), closed)).toEqual([
      'At f/22 diffraction blurs more than defocus may: open up.',
    ]);
  });
});
