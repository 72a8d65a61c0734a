import { type Role } from '@/core/field';
import { type SceneOrder } from '@/core/scene';
import { type Camera, type Seen, type Stand, type Take } from '@/model';

/** Where the meter is pointed in a scene. */
export interface DemoSpot {
  readonly role: Role;
  readonly u: number;
  readonly v: number;
  readonly limit?: true;
}

/** A shot by the slip. */
export interface DemoShot extends Pick<Take, 'verdict' | 'note'> {
  readonly at: string;
  readonly seen?: Pick<Seen, 'what' | 'of'>;
}

export interface DemoStand {
  readonly file: string;
  readonly scene: Omit<SceneOrder, 'columns'>;
  readonly spots: readonly DemoSpot[];
  /** Shots that were made of it by its slip, and what was said of each. */
  readonly shots?: readonly DemoShot[];
  /** All that the scene does not settle. */
  readonly stand: Omit<Stand, 'skyline' | 'picture' | 'readings'>;
}

const camera: Camera = {
  name: 'full frame',
  sensorWidthMm: 36,
  sensorHeightMm: 24,
  orientation: 'landscape',
  highlightRoomStops: 3,
  lowestIso: 50,
  baseIso: 100,
};
const usual = {
  camera,
  exposure: { aperture: 11, iso: 100 },
  look: { school: 'natural', gapStops: 1 },
} as const;
const middle = { name: '24 to 70 mm', focalLengthMm: 24, pupilToFilterMm: 50 };

/** The demo's stands, all in the made-up Orrin March: their scenes, where they are metered, and what is told of them. */
export const DEMO_STANDS: readonly DemoStand[] = [
  {
    file: 'marl-pan',
    scene: { landscape: 'pan', seed: 7 },
    spots: [
      { role: 'sky', u: 0.3, v: 0.2 },
      { role: 'sky', u: 0.55, v: 0.33 },
      { role: 'land', u: 0.43, v: 0.68 },
      { role: 'land', u: 0.2, v: 0.87 },
    ],
    stand: {
      ...usual,
      id: 'marl-pan',
      name: 'Marl Pan, first light',
      createdAt: '2026-03-14T05:40:00Z',
      notes:
        'Flooded salt pan, dead-level horizon. Ankle-deep water; ask at the warden’s hut about the crust before walking out.',
      leaveOut: ['own footprints in the crust'],
      lens: { name: '16 to 35 mm', focalLengthMm: 16, pupilToFilterMm: 38 },
      // out at sea: the Orrin March is nowhere
      place: { latitudeDeg: -41, longitudeDeg: 6.5 },
      look: { ...usual.look, viewAzimuthDeg: 60 },
      coming: { sky: 'clear' },
      wantedTime: { seconds: 3.2, blur: 'soft' },
    },
  },
  {
    file: 'tholl-saddle',
    scene: { landscape: 'cones', seed: 7 },
    spots: [
      { role: 'sky', u: 0.53, v: 0.12 },
      { role: 'sky', u: 0.1, v: 0.3 },
      { role: 'land', u: 0.24, v: 0.86 },
      { role: 'land', u: 0.62, v: 0.7 },
      { role: 'feature', u: 0.27, v: 0.42 },
    ],
    stand: {
      ...usual,
      id: 'tholl-saddle',
      name: 'Tholl Saddle, side light',
      createdAt: '2026-03-15T17:20:00Z',
      notes: 'Two volcanic cones, light from the left. Loose ash on the rim path.',
      lens: middle,
      shapes: [
        {
          id: 's1',
          name: 'west cone',
          region: 'feature',
          treat: 'protect',
          points: [
            { u: 0.06, v: 0.49 },
            { u: 0.15, v: 0.41 },
            { u: 0.24, v: 0.32 },
            { u: 0.28, v: 0.292 },
            { u: 0.31, v: 0.292 },
            { u: 0.36, v: 0.34 },
            { u: 0.44, v: 0.43 },
            { u: 0.5, v: 0.49 },
          ],
        },
        {
          id: 's2',
          name: 'east cone',
          region: 'feature',
          treat: 'protect',
          points: [
            { u: 0.56, v: 0.49 },
            { u: 0.63, v: 0.43 },
            { u: 0.69, v: 0.37 },
            { u: 0.715, v: 0.342 },
            { u: 0.745, v: 0.342 },
            { u: 0.8, v: 0.39 },
            { u: 0.88, v: 0.46 },
            { u: 0.93, v: 0.5 },
          ],
        },
      ],
    },
  },
  {
    file: 'hesk-terraces',
    scene: { landscape: 'terraces', seed: 1 },
    spots: [
      { role: 'sky', u: 0.5, v: 0.1 },
      { role: 'sky', u: 0.75, v: 0.3 },
      { role: 'land', u: 0.2, v: 0.55 },
      { role: 'land', u: 0.4, v: 0.82 },
    ],
    stand: {
      ...usual,
      id: 'hesk-terraces',
      name: 'Hesk Terraces, after rain',
      createdAt: '2026-04-19T06:35:00Z',
      notes:
        'Stepped fields, a skyline that slopes: the holder turns with it. The banks are slippery; keep off the crops.',
      leaveOut: ['pump house, lower right'],
      // a hard sheet for the crest, a soft one above it: less shows of the two than of one that is as strong
      choice: { filterIds: ['hard-1', 'soft-1'], offsetMm: 0, turnDeg: 0, follows: true },
      lens: { ...middle, focalLengthMm: 35, pupilToFilterMm: 53 },
    },
  },
  {
    file: 'quill-rim',
    scene: { landscape: 'birches', seed: 7 },
    spots: [
      { role: 'sky', u: 0.18, v: 0.5 },
      { role: 'sky', u: 0.64, v: 0.56 },
      { role: 'land', u: 0.3, v: 0.8 },
      { role: 'land', u: 0.66, v: 0.86 },
    ],
    stand: {
      ...usual,
      id: 'quill-rim',
      name: 'Quill Rim, last leaves',
      createdAt: '2026-10-22T15:50:00Z',
      notes:
        'Birches through the sky: a soft sheet, or their tops go dark. Cliff edge twelve steps behind the third trunk.',
      lens: { ...middle, focalLengthMm: 50, pupilToFilterMm: 58 },
    },
  },
  {
    file: 'amber-gap',
    scene: { landscape: 'ridges', seed: 7 },
    spots: [
      { role: 'sky', u: 0.3, v: 0.08 },
      { role: 'sky', u: 0.75, v: 0.14 },
      { role: 'land', u: 0.4, v: 0.55 },
      { role: 'land', u: 0.6, v: 0.88 },
    ],
    shots: [
      { at: '2026-09-30T17:31:00Z', seen: { what: 'clutter', of: 'left' }, verdict: 'again' },
      { at: '2026-09-30T17:36:00Z', verdict: 'keep', note: 'A step to the right, and the dead pine is out.' },
    ],
    stand: {
      ...usual,
      id: 'amber-gap',
      name: 'Amber Gap, evening haze',
      createdAt: '2026-09-30T17:05:00Z',
      notes: 'Ridge behind ridge at 180 mm: any sheet is a slope here, not a line.',
      fitted: [{ filterId: 'polariser' }],
      lens: { name: '70 to 200 mm', focalLengthMm: 180, pupilToFilterMm: 120 },
    },
  },
  {
    file: 'sarrat-dune',
    scene: { landscape: 'dunes', seed: 7 },
    spots: [
      { role: 'sky', u: 0.7, v: 0.07 },
      { role: 'sky', u: 0.35, v: 0.25 },
      { role: 'sky', u: 0.3, v: 0.42 },
      { role: 'land', u: 0.2, v: 0.66 },
      { role: 'land', u: 0.7, v: 0.8 },
    ],
    shots: [
      {
        at: '2026-04-02T19:05:00Z',
        seen: { what: 'spots' },
        verdict: 'learnt',
        note: 'Sand on the outer sheet.',
      },
    ],
    stand: {
      ...usual,
      id: 'sarrat-dune',
      name: 'Sarrat Dune, into the light',
      createdAt: '2026-04-02T18:55:00Z',
      notes:
        'Into the light, glow along the horizon. Keep the sun out of an optical finder: a grad is no solar filter.',
      lens: middle,
    },
  },
  {
    file: 'vann-snowfield',
    scene: { landscape: 'snow', seed: 7 },
    spots: [
      { role: 'sky', u: 0.35, v: 0.1 },
      { role: 'sky', u: 0.7, v: 0.26 },
      { role: 'land', u: 0.5, v: 0.62 },
      { role: 'land', u: 0.3, v: 0.88 },
    ],
    shots: [{ at: '2026-02-08T11:20:00Z', verdict: 'keep' }],
    stand: {
      ...usual,
      id: 'vann-snowfield',
      name: 'Vann Snowfield, storm coming',
      createdAt: '2026-02-08T11:05:00Z',
      notes: 'Ground brighter than the storm sky: the grad goes in upside down.',
      fitted: [{ filterId: 'nd-6' }],
      lens: { ...middle, focalLengthMm: 28, pupilToFilterMm: 46 },
    },
  },
];
