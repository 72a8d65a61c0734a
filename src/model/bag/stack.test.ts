import fc from 'fast-check';
import { bagWithNds, testStand } from '@/testing/fixtures';
import { type Stand } from '../stand/stand';
import { type Bag, isSheet, type SheetFilter } from './bag';
import { movedToSlot, piecesOn } from './stack';

const polariser = { id: 'pol', name: 'polariser', kind: 'polariser' as const, baseLossStops: 1.5 };
const bag: Bag = { ...bagWithNds(), slots: 3, filters: [...bagWithNds().filters, polariser] };
const sheets = bag.filters.filter(isSheet);
const [first, second] = sheets as [SheetFilter, SheetFilter];
const seat = { offsetMm: 3, turnDeg: 0 };
const on = (...ids: string[]): Stand => testStand({ fitted: ids.map((filterId) => ({ filterId })) });
const places = (stand: Stand, own: readonly SheetFilter[] = [first], with_ = bag) =>
  piecesOn(stand, with_, own).map((p) => `${p.filter.id} ${p.place} ${p.why}`);

describe('what goes where', () => {
  it('by itself: the ND nearest the lens, the polariser in front, sheets between', () => {
    expect(places(on('pol', 'n6'))).toEqual(['n6 1 sealed', `${first.id} 2 slides`, 'pol 3 in-front']);
    expect(places(testStand(), [first, second])).toEqual([`${first.id} 1 slides`, `${second.id} 2 slides`]);
  });

  it('leaves on the thread what is screwed on, and says what turns by itself', () => {
    const own = {
      ...bag,
      filters: bag.filters.map((f) => (f.id === 'pol' ? { ...polariser, sits: 'thread' as const } : f)),
    };
    expect(places(on('n6', 'pol'), [first], own)).toEqual([
      'pol thread turns-alone',
      'n6 1 sealed',
      `${first.id} 2 slides`,
    ]);
    expect(movedToSlot(on('pol'), own, { sheets: [first], seat }, { filterId: 'pol', slot: 1 })).toEqual({
      ok: false,
      reason: 'in-no-slot',
    });
  });

  it('names what finds no slot, and what is not well where it was put', () => {
    expect(places(on('n6', 'n10'), [first, second])).toContain(`${second.id} 4 no-slot`);
    const odd = testStand({
      fitted: [
        { filterId: 'n6', slot: 3 },
        { filterId: 'pol', slot: 1 },
      ],
    });
    expect(places(odd)).toEqual(['pol 1 out-of-reach', `${first.id} 2 slides`, 'n6 3 unsealed']);
  });

  it('can be moved: two change places, what is impossible says why', () => {
    const stand = on('n6');
    const move = (filterId: string, slot: number) =>
      movedToSlot(stand, bag, { sheets: [first], seat }, { filterId, slot });
    const moved = move('n6', 2);
    expect(moved.ok && places(moved.stand)).toEqual([`${first.id} 1 slides`, 'n6 2 unsealed']);
    expect(move('n6', 4)).toEqual({ ok: false, reason: 'no-such-slot' });
    expect(move(first.id, 3)).toEqual({ ok: false, reason: 'sheet-nearest' });
    const pair = movedToSlot(
      testStand(),
      bag,
      { sheets: [first, second], seat },
      { filterId: second.id, slot: 1 },
    );
    expect(pair.ok && pair.stand.choice).toEqual({ ...seat, filterIds: [second.id, first.id] });
  });

  it('loses nothing, doubles nothing, and puts no two into one slot, however it is moved', () => {
    const ids = ['n6', 'n10', 'pol'];
    fc.assert(
      fc.property(
        fc.subarray(ids),
        fc.integer({ min: 0, max: 2 }),
        fc.array(fc.tuple(fc.constantFrom(...ids, first.id, second.id), fc.integer({ min: 0, max: 5 })), {
          maxLength: 8,
        }),
        (fitted, count, moves) => {
          let stand = on(...fitted);
          let own = [first, second].slice(0, count);
          for (const [filterId, slot] of moves) {
            const moved = movedToSlot(stand, bag, { sheets: own, seat }, { filterId, slot });
            if (!moved.ok) continue;
            stand = moved.stand;
            const chosen = stand.choice?.filterIds;
            if (chosen) own = chosen.map((id) => sheets.find((s) => s.id === id)!);
            const at = piecesOn(stand, bag, own).find((p) => p.filter.id === filterId);
            expect(at!.place).toBe(slot);
          }
          const stack = piecesOn(stand, bag, own);
          expect(stack.map((p) => p.filter.id).toSorted()).toEqual(
            [...fitted, ...own.map((s) => s.id)].toSorted(),
          );
          expect(new Set(stack.map((p) => p.place)).size).toBe(stack.length);
        },
      ),
    );
  });
});
