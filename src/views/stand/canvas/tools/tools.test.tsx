import { act, fireEvent, screen } from '@testing-library/react';
import { type Stand } from '@/model';
import { picturedAs, testStand } from '@/testing/fixtures';
import { DRAWN, standOnScreen } from '@/testing/stand-on-screen';

const bare = () => screen.getByRole('group', { name: 'Frame' }).querySelector('rect') as SVGRectElement;

/** A pointer on the bare frame, by parts of it. */
const pointer = (pointerType: 'mouse' | 'touch') => {
  const at = (u: number, v: number) => ({
    clientX: u * DRAWN.width,
    clientY: v * DRAWN.height,
    pointerType,
    pointerId: 7,
  });
  const send = (run: () => void) => act(async () => run());
  return {
    down: (u: number, v: number) => send(() => fireEvent.pointerDown(bare(), { ...at(u, v), buttons: 1 })),
    move: (u: number, v: number) => send(() => fireEvent.pointerMove(bare(), { ...at(u, v), buttons: 1 })),
    up: (u: number, v: number) => send(() => fireEvent.pointerUp(bare(), { ...at(u, v), buttons: 0 })),
    lose: () => send(() => fireEvent.pointerCancel(bare(), { ...at(0, 0), buttons: 0 })),
  };
};

const step = (number: number) =>
  act(async () => void fireEvent.keyDown(document.body, { key: `${number}`, code: `Digit${number}` }));

/** Opens a stand at a step, and gives the way to look at what is kept of it. */
async function opened(stand: Stand, atStep: number): Promise<() => Stand> {
  const workspace = await standOnScreen(stand);
  await step(atStep);
  const [summary] = workspace.state.getState().stands;
  const open = workspace.open(summary?.id ?? '');
  return () => open?.state.getState().value.stand as Stand;
}

/** Brighter from left to right, dark below. */
const PICTURE = picturedAs(Array.from({ length: 24 }, (_, i) => (i < 12 ? 150 + 10 * (i % 6) : 90)));

async function metering(change: Partial<Stand> = {}) {
  const kept = await opened(testStand({ picture: PICTURE, ...change }), 2);
  await act(async () => void fireEvent.click(screen.getByRole('radio', { name: 'Picture' })));
  return kept;
}

describe('the meter on the picture (fault 33)', () => {
  it('takes the very spot that a finger taps', async () => {
    const kept = await metering();
    const finger = pointer('touch');
    await finger.down(0.5, 0.8);
    await finger.up(0.5, 0.8);
    expect(kept().readings.at(-1)).toMatchObject({ role: 'land', u: 0.5, v: 0.8, fromPicture: true });
  });

  it('aims above a finger that is dragged, which hides what lies under it', async () => {
    const kept = await metering();
    const finger = pointer('touch');
    await finger.down(0.5, 0.8);
    await finger.move(0.5, 0.9);
    await finger.up(0.5, 0.9);
    const { v = 0 } = kept().readings.at(-1) ?? {};
    expect(v).toBeCloseTo(0.9 - 56 / DRAWN.height, 3);
  });

  it('goes on after a press that the system took away', async () => {
    const kept = await metering();
    const mouse = pointer('mouse');
    const before = kept().readings.length;
    await mouse.down(0.5, 0.8);
    await mouse.lose();
    expect(kept().readings).toHaveLength(before);
    await mouse.down(0.3, 0.2);
    await mouse.up(0.3, 0.2);
    expect(kept().readings).toHaveLength(before + 1);
  });

  it('reads what was chosen while the skyline is only assumed', async () => {
    const kept = await metering({ assumed: ['skyline'], readings: [{ id: 'r1', role: 'land', ev100: 10 }] });
    await act(async () => void fireEvent.click(screen.getByRole('radio', { name: 'Sky' })));
    const mouse = pointer('mouse');
    await mouse.down(0.5, 0.8);
    await mouse.up(0.5, 0.8);
    expect(kept().readings.at(-1)).toMatchObject({ role: 'sky', u: 0.5, v: 0.8 });
  });
});

describe('other tools in the frame', () => {
  it('the skyline is drawn where it is swept, as one step of undo', async () => {
    const kept = await opened(testStand(), 1);
    const mouse = pointer('mouse');
    await mouse.down(0.2, 0.4);
    for (const u of [0.3, 0.4, 0.5, 0.6]) await mouse.move(u, 0.3);
    await mouse.up(0.6, 0.3);
    expect(kept().skyline.some((p) => Math.abs(p.v - 0.3) < 0.01)).toBe(true);
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Undo' })));
    expect(kept().skyline.map((p) => p.v)).toEqual([0.45, 0.45]);
  });

  it('a tap adds a point to the skyline, which a finger can take away again (fault 34)', async () => {
    const kept = await opened(testStand(), 1);
    const finger = pointer('touch');
    await finger.down(0.5, 0.3);
    await finger.up(0.5, 0.3);
    expect(kept().skyline).toHaveLength(3);
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Remove the point' })));
    expect(kept().skyline).toHaveLength(2);
    expect(screen.queryByRole('button', { name: 'Remove the point' })).toBeNull();
  });

  it('a sweep whose pointer is lost leaves the skyline as it was', async () => {
    const kept = await opened(testStand(), 1);
    const mouse = pointer('mouse');
    await mouse.down(0.2, 0.4);
    await mouse.move(0.5, 0.3);
    expect(kept().skyline).not.toEqual(testStand().skyline);
    await mouse.lose();
    expect(kept().skyline).toEqual(testStand().skyline);
  });

  it('a drag in Seat slides the sheet, and a tap there does nothing', async () => {
    const kept = await opened(testStand(), 4);
    const mouse = pointer('mouse');
    await mouse.down(0.5, 0.5);
    await mouse.up(0.5, 0.5);
    expect(kept().choice).toBeUndefined();
    await mouse.down(0.5, 0.5);
    await mouse.move(0.5, 0.6);
    await mouse.up(0.5, 0.6);
    expect(kept().choice?.filterIds).toHaveLength(1);
  });
});
