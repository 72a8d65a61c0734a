import { focusHelp } from '@/model';
import { testStand } from '@/testing/fixtures';
import {
  cropLeavesText,
  cropText,
  focusCautions,
  focusText,
  photoFaultText,
  placeFigures,
  skylineText,
  tieText,
  unknownText,
} from '..';

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
    const texts = faults.map((fault) => photoFaultText(fault, 'dusk.jpg'));
    expect(new Set(texts).size).toBe(faults.length);
    for (const text of texts) expect(text).toMatch(/^“dusk\.jpg” .*\.$/);
    expect(photoFaultText('empty', '')).toBe('“the picture” is empty.');
  });

  it('say how rough its light is', () => {
    expect(tieText({ by: 'exposure-data', offsetEv: 12, contrast: 1 })).toContain('good to 1 or 2 stops');
    expect(tieText({ by: 'mean', offsetEv: 12, contrast: 1 })).toContain('the one time');
    expect(tieText({ by: 'level', offsetEv: 12, contrast: 1 })).toContain('good to about a stop');
    expect(tieText({ by: 'contrast-and-level', offsetEv: 12, contrast: 1.24 })).toContain(
      'is 1.2 in the scene',
    );
    expect(tieText(null)).toContain('not known');
  });

  it('say how sure a skyline is, and what to do about it', () => {
    expect(skylineText({ confidence: 0.9, unsure: [], hasSky: true, lies: null })).toContain('90 % sure');
    expect(skylineText({ confidence: 0.5, unsure: [], hasSky: true, lies: null })).toContain(
      'correct it after use',
    );
    expect(skylineText({ confidence: 0.1, unsure: [], hasSky: true, lies: null })).toContain(
      'may not be the skyline',
    );
  });

  it('say where along a skyline it is unsure', () => {
    const unsure = [
      { from: 0.1, to: 0.25 },
      { from: 0.8, to: 1 },
    ];
    expect(skylineText({ confidence: 0.8, unsure, hasSky: true, lies: null })).toContain(
      'unsure 10 to 25 % and 80 to 100 % across',
    );
    expect(skylineText({ confidence: 0.1, unsure, hasSky: true, lies: null })).not.toContain('across');
  });

  it('say what a picture does not tell', () => {
    expect(unknownText([])).toBeNull();
    expect(unknownText([{ side: 'sky', blown: 0.002, black: 0 }])).toBeNull();
    expect(
      unknownText([
        { side: 'sky', blown: 0.08, black: 0 },
        { side: 'land', blown: 0, black: 0.3 },
      ]),
    ).toContain('8 % of the sky is blown and 30 % of the land is black in it');
  });

  it('say what a crop leaves and where a place is', () => {
    expect(cropText({ width: 1, height: 1 })).toBe('square crop');
    expect(cropText({ width: 16, height: 9 })).toBe('16:9 crop');
    const box = { left: 1 / 6, right: 5 / 6, top: 0, bottom: 1 };
    expect(cropLeavesText(box, { widthMm: 36, heightMm: 24 })).toContain(
      '24.0 × 24.0 mm of the sensor, 67 %',
    );
    expect(placeFigures({ latitudeDeg: -54.5, longitudeDeg: 3.25 })).toBe('54.5000° S, 3.2500° E');
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
