import { testStand } from '@/testing/fixtures';
import { fullPlans } from '@/testing/plans';
import { placesOnWay } from './places-of';
import { type Framing, type Outing } from './plans';

it('has its way in turn: where it goes to, then each framing whose stand tells a place', () => {
  const stand = testStand({ id: 'a', name: 'Far shore', place: { latitudeDeg: 56.03, longitudeDeg: -3.2 } });
  const framings: Framing[] = [
    { id: 'f1', name: 'The wreck', standId: 'a' },
    { id: 'f2', name: 'Nowhere yet' },
    { id: 'f3', name: '', standId: 'a' },
    { id: 'f4', name: 'Gone', standId: 'z' },
  ];
  const of: Outing = {
    ...(fullPlans.outings[0] as Outing),
    name: 'Low water',
    place: { latitudeDeg: 56, longitudeDeg: -3 },
    framings,
  };
  expect(placesOnWay(of, (id) => (id === 'a' ? stand : null))).toEqual([
    { name: 'Low water', latitudeDeg: 56, longitudeDeg: -3 },
    { name: 'The wreck', latitudeDeg: 56.03, longitudeDeg: -3.2 },
    { name: 'Far shore', latitudeDeg: 56.03, longitudeDeg: -3.2 },
  ]);
  const { place: _, ...without } = { ...of, framings: [] };
  expect(placesOnWay(without, () => null)).toEqual([]);
});
