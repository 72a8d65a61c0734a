import { joinPreferences, NO_PREFERENCES, type Preferences } from './preferences';

const there: Preferences = {
  ...NO_PREFERENCES,
  place: { latitudeDeg: 54, longitudeDeg: -3 },
  timerSeconds: 10,
  paper: 'A6',
  heeded: {
    placementStops: -0.3,
    placementSince: '2026-03-01T05:00:00Z',
    gapStops: 1.5,
    liked: { milk: 8 },
    forgotten: ['label g1'],
  },
};

describe('how one works, brought to another device', () => {
  it('is taken over whole where nothing was said yet', () =>
    expect(joinPreferences(NO_PREFERENCES, there)).toEqual(there));

  it('leaves what was said here, and adds what was learnt there', () => {
    const here: Preferences = {
      ...NO_PREFERENCES,
      timerSeconds: 5,
      heeded: {
        ...NO_PREFERENCES.heeded,
        placementStops: 0.3,
        placementSince: '2026-05-01T05:00:00Z',
        liked: { milk: 4, fall: 0.5 },
        forgotten: ['hand'],
      },
    };
    expect(joinPreferences(here, there)).toEqual({
      ...there,
      timerSeconds: 5,
      heeded: {
        placementStops: 0.3,
        placementSince: '2026-05-01T05:00:00Z',
        gapStops: 1.5,
        liked: { milk: 4, fall: 0.5 },
        forgotten: ['hand', 'label g1'],
      },
    });
  });

  it('changes nothing a second time', () => {
    const once = joinPreferences(NO_PREFERENCES, there);
    expect(joinPreferences(once, there)).toBe(once);
  });
});
