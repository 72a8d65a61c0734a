import { type Plans } from '@/model/outing';

/** A full plan of the Orrin March: every key that an outing and a place may have. */
export const fullPlans: Plans = {
  outings: [
    {
      id: 'o1',
      name: 'Marl Pan at low water',
      createdAt: '2026-03-28T18:00:00.000Z',
      day: '2026-03-29',
      zone: 'Europe/London',
      place: { latitudeDeg: 56.02, longitudeDeg: -3.1, name: 'Marl Pan' },
      placeId: 'p1',
      framings: [
        {
          id: 's1',
          name: 'Far shore',
          standId: 'a',
          walkMinutes: 25,
          minutes: 40,
          tide: { side: 'below', heightM: 1.4 },
        },
        { id: 's2', name: 'The wreck', azimuthDeg: 210, skylineUpDeg: 1.5, done: true },
      ],
      startsAt: '05:10',
      walkOutMinutes: 30,
      tides: [
        { at: '2026-03-29T04:10:00.000Z', heightM: 0.6 },
        { at: '2026-03-29T10:20:00.000Z', heightM: 4.9 },
      ],
      tideTable: 'Harbour office, Tholl',
      weather: { wind: 'breeze', cloud: 'broken', rain: 'dry', air: 'cold' },
      risks: ['shore', 'swell'],
      packed: ['glass:hard-2', 'extra:x1'],
      told: 'The warden, by ten',
      notes: 'Gate is locked before six.',
    },
  ],
  places: [
    {
      id: 'p1',
      name: 'Marl Pan',
      latitudeDeg: 56.02,
      longitudeDeg: -3.1,
      notes: 'Firm sand to the left of the posts.',
      framings: [{ id: 'f1', name: 'Far shore', azimuthDeg: 265, standId: 'a' }],
      again: [
        {
          id: 'w1',
          note: 'Sun over the gap',
          sunAzimuthDeg: 268,
          sunAltitudeDeg: 2,
          tide: { side: 'below', heightM: 1 },
        },
      ],
    },
  ],
  extras: [{ id: 'x1', name: 'Torch' }],
  weights: { 'extra:x1': 90, 'glass:hard-2': 64 },
};
