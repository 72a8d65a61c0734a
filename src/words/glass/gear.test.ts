import { readLabel } from '@/core/glass';
import { filterFromLabel, mergeStands, sampleBag, solveStand, deriveStand, type Stand } from '@/model';
import { seededIds } from '@/testing/ids';
import { testStand } from '@/testing/fixtures';
import { assumedText } from '../readings/assumed';
import { cameraDetail, lensDetail, lensText } from './gear';
import { thingName } from './glass';
import { filterDetail, labelText, otherNotationsText } from './labels';
import { mergeText } from '../keeping/merge';
import { slipOf } from '../plan/slip';
import { slipLine } from '../plan/stand-line';
import { notOpenedText, notSavedText } from '../keeping/storage';

const understood = (text: string) => {
  const read = readLabel(text);
  return labelText(read, read.ok ? filterFromLabel(read, 'g1', sampleBag()) : null);
};

describe('a label in words', () => {
  it.each([
    ['ND8 hard grad', 'Graduated; 3 stops · 0.9 · ND8; hard, 8 mm, assumed; 100 × 150 mm.'],
    [
      '0.9 grad',
      'Graduated; 3 stops · 0.9 · ND8; medium, 22 mm, assumed; 100 × 150 mm; the transition taken as medium, taken as density.',
    ],
    ['10 stop', 'ND; 10 stops · 3.0 · ND1000.'],
    ['polariser', 'Polariser; takes 1.5 stops from everything; loss of 1.5 stops assumed.'],
    [
      '0.6 hard from a friend',
      'Graduated; 2 stops · 0.6 · ND4; hard, 8 mm, assumed; 100 × 150 mm; taken as density. Not understood, and kept as a remark: from, friend.',
    ],
    ['8 hard', '8 can be two things. Is it 8 stops or ND8?'],
    ['soft', 'How strong is it? Say 3 stops, 0.9 or ND8.'],
    [
      '',
      'Type what is printed on the rim: 0.9 soft, ND8 hard grad, ND1000, 10 stop, 3 stops reverse, ND2-400.',
    ],
  ])('"%s"', (text, words) => expect(understood(text)).toBe(words));

  it('gives a measured length without the mark of an assumption', () => {
    const [sheet] = sampleBag().filters;
    expect(filterDetail({ ...sheet!, transitionMm: 9.5 } as never)).toBe(
      '1 stop · 0.3 · ND2; hard, 9.5 mm; 100 × 150 mm',
    );
    expect(otherNotationsText(2)).toBe('density 0.6, factor ND4');
    expect(otherNotationsText(0)).toBe('plain glass');
  });
});

describe('lenses and cameras in words', () => {
  it('mark an estimated pupil as one, and give it over the range', () => {
    const zoom = { id: 'l1', shortestMm: 16, longestMm: 36, widestAperture: 4 };
    expect(lensText(zoom)).toBe('16 to 36 mm');
    expect(lensDetail(zoom)).toBe('f/4; pupil about 38 to 48 mm from the filter, estimated');
    expect(lensDetail({ ...zoom, name: 'wide', bulgingFront: true, pupilToFilterMm: 52 })).toBe(
      '16 to 36 mm; f/4; bulging front; pupil 52 mm from the filter',
    );
    expect(lensText({ id: 'l2', shortestMm: 50, longestMm: 50 })).toBe('50 mm');
  });

  it('say what a sensor is', () => {
    const camera = { id: 'c1', sensorWidthMm: 36, sensorHeightMm: 24, baseIso: 64, highlightRoomStops: 3 };
    expect(cameraDetail(camera)).toBe('sensor 36 × 24 mm; base ISO 64; highlight room 3 stops');
    expect(thingName(camera)).toBe('c1');
    expect(thingName({ id: 'x', kind: 'neutral', stops: 6 } as never)).toBe('6 stops, ND');
  });
});

describe('what a stand takes for granted', () => {
  it('is named part by part, and in the slip', () => {
    const stand = testStand({ assumed: ['camera', 'lens', 'skyline'] });
    expect(assumedText(stand)).toBe('full frame, 24 mm and a level skyline 45 % down');
    expect(assumedText(testStand())).toBe('');
    const sloping = testStand({
      assumed: ['skyline'],
      skyline: [
        { u: 0, v: 0.3 },
        { u: 1, v: 0.5 },
      ],
    });
    expect(assumedText(sloping)).toBe('the skyline of the stand before');
    expect(slipFor(stand).rows[1].aside).toMatch(/lens and skyline assumed$/);
  });
});

function slipFor(stand: Stand) {
  const bag = sampleBag();
  const derived = deriveStand(stand, bag, solveStand(stand, bag));
  return slipOf({ stand, derived, search: 'idle', oldestMinutes: null });
}

describe('a slip in one line', () => {
  it('is glass, seat and exposure in few letters', () => {
    expect(slipLine(slipFor(testStand()))).toMatch(
      /^2 stops, hard, level; \d+(\.5)? mm above the rail; f\/11, 1\/8 s, ISO 100$/,
    );
  });

  it('says what comes first where there is no plan yet, and why there is none', () => {
    expect(slipLine(slipFor(testStand({ readings: [] })))).toBe(
      'Point the camera at the land, then at the sky',
    );
    const heavy = testStand({
      look: { school: 'heavy' },
      readings: [
        { id: 'r1', role: 'sky', ev100: 8 },
        { id: 'r2', role: 'land', ev100: 10 },
      ],
    });
    expect(slipLine(slipFor(heavy))).toMatch(/^no plan: The sky is the darker already/);
  });
});

describe('what became of a file', () => {
  it('is counted and named, and named no further than one reads', () => {
    const stands = (names: string[]) =>
      names.map((name) => ({
        updatedAt: '2026-11-01T06:00:00Z',
        document: { stand: testStand({ id: name, name }), bag: null, used: [], minor: 2 },
      }));
    const { report } = mergeStands(stands(['a', 'b']), stands(['b', 'c']), {
      nameOf: (item) => item.name ?? item.id,
      from: 'from the file',
      newId: seededIds(),
    });
    expect(mergeText(report)).toBe('1 added (c); 1 here already.');
    expect(mergeText({ added: [], kept: [], inConflict: [], leftOut: [] })).toBe('nothing in it.');
    const many = mergeText({ added: [...'abcdefgh'], kept: [], inConflict: ['x'], leftOut: ['y'] });
    expect(many).toBe(
      '8 added (a, b, c, d, e and 3 more); 1 in conflict (x), kept beside yours; 1 left out (y): there is no room for more.',
    );
  });
});

describe('trouble with the storage', () => {
  it.each(['full', 'newer', 'closed', 'refused', 'failed'] as const)(
    '%s: says what is safe and what to do',
    (fault) => {
      const saved = notSavedText(fault);
      expect(saved.then).toMatch(/It is kept while this page stays open\. .*(file|again)/);
      const opened = notOpenedText(fault);
      expect(opened.then).toMatch(/^Nothing has been (changed|deleted)\./);
      expect(saved.what).not.toBe(opened.what);
    },
  );
});
