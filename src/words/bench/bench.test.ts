import { type Stand } from '@/model';
import { EXERCISES, GRADES, trueShot, type Told } from '@/model/bench';
import { benchBag, exerciseStand, readWith, shotAndTold } from '@/testing/bench-scenes';
import {
  costText,
  EXERCISE_WORDS,
  expertSlip,
  GRADE_NAMES,
  gradeSentence,
  progressText,
  sceneTitle,
  toldRows,
  toldSentences,
} from '.';

const bag = benchBag();
const NOTHING_LOST = { blown: 0, blocked: 0 };

const begun = exerciseStand('peaks', 96);
const shot: Stand = {
  ...readWith({ stand: begun, bag }, ['sky', 'land']),
  choice: { filterIds: ['hard-2'], offsetMm: 6, turnDeg: 0 },
};
const { told, taken } = shotAndTold({ stand: shot, bag });
const toldAs = (change: Partial<Told>): Told => ({ ...told, ...change });
const RIGHT: Partial<Told> = {
  misread: {},
  polariserLate: false,
  longerStops: 0,
  skyUnderWaterStops: null,
  lacking: [],
  left: [],
};
const said = (change: Partial<Told>, lost = NOTHING_LOST, stand: Stand = shot) =>
  toldSentences(toldAs({ ...RIGHT, ...change }), lost, stand, bag);

describe('what is told of a shot of the bench', () => {
  it('sets each choice beside an experienced hand’s, with what it cost', () => {
    const rows = toldRows(told, trueShot(shot, bag, taken)!.take, bag);
    expect(rows.map((r) => r.of)).toEqual(['Glass', 'Seat', 'Time']);
    expect(rows[0]).toMatchObject({ own: '2 stops, hard', stops: told.costs.glass });
    expect(rows[0]!.expert).toMatch(/1 stop, soft|none|no grad/);
    expect(rows[1]!.own).toMatch(/mm, level$/);
    expect(rows[2]!.own).toMatch(/^1\/\d+ s$/);
    expect(expertSlip(told, bag)).toMatch(/; f\/11, 1\/\d+ s, ISO 100$/);
  });

  it.each([
    [0, 'nothing'],
    [0.04, 'nothing'],
    [0.31, '0.3 stops'],
    [1, '1 stop'],
  ])('calls a cost of %p %p', (stops, text) => expect(costText(stops)).toBe(text));

  it('says how it came out as a whole', () => {
    const costs = { glass: 0.2, seat: 0.1, time: 0.2 };
    expect(gradeSentence('near', toldAs({ costs }))).toBe(
      'Near what an experienced hand would have: the choices cost 0.5 stops in all.',
    );
    expect(gradeSentence('as-good', toldAs({ costs: { glass: 0, seat: 0, time: 0.01 } }))).toBe(
      'As an experienced hand would have it: the choices cost nothing.',
    );
  });

  it('says nothing where there is nothing to say', () => expect(said({})).toEqual([]));

  it.each<[Partial<Told>, string]>([
    [
      { misread: { sky: 0.84, land: -0.5 } },
      'You read the sky 0.8 brighter and the land 0.5 darker than each is on the mean.',
    ],
    [{ misread: { sky: 0.2, land: -0.6 } }, 'You read the land 0.6 darker than it is on the mean.'],
    [{ longerStops: 0.74 }, 'Behind this glass the shutter was open 0.7 stops too long.'],
    [{ longerStops: -0.3 }, 'Behind this glass the shutter was open 0.3 stops too short.'],
    [{ skyUnderWaterStops: 0.7 }, 'The sky comes out 0.7 darker than the water that mirrors it.'],
    [
      { left: ['nd-6'] },
      'The ND of 6 stops was on the lens, left from the frame before, and nobody had told of it.',
    ],
    [
      { polariserLate: true, misread: { sky: 1.1 } },
      'What was read and what was shot are not through the same polariser: the sky was read 1.1 too bright.',
    ],
  ])('says of %j: %s', (change, text) => expect(said(change)).toEqual([text]));

  it('names the glass that an exercise asks for, and what of the frame is gone', () => {
    const nd = { ...shot, bench: { ...shot.bench!, exercise: 'nd' as const } };
    expect(said({ lacking: ['nd-6'] }, { blown: 0.034, blocked: 0.004 }, nd)).toEqual([
      'This picture was to be made with the ND of 6 stops.',
      '3 % of the frame is brighter than the sensor holds.',
    ]);
  });
});

it('has a title, a task and a mistake for every exercise, each its own', () => {
  const titles = EXERCISES.map((id) => EXERCISE_WORDS[id].title);
  expect(new Set(titles).size).toBe(10);
  for (const id of EXERCISES) {
    const { brief, mistake } = EXERCISE_WORDS[id];
    expect(brief).toMatch(/[.?]$/);
    expect(mistake).toMatch(/\.$/);
    expect(mistake).not.toBe(brief);
  }
  expect(GRADES.map((g) => GRADE_NAMES[g])).toEqual(['as an experienced hand', 'near it', 'not yet']);
});

it('tells how far the exercises have come, and what a scene is called', () => {
  expect(progressText(0, 10)).toBe('None of 10 done yet');
  expect(progressText(3, 10)).toBe('3 of 10 as an experienced hand would have them');
  expect(sceneTitle('dunes', 'low')).toBe('Dunes, sun low');
  expect(sceneTitle('pan', 'dusk')).toBe('Flooded salt pan, sun just down');
});
