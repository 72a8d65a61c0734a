import { act, render, screen } from '@testing-library/react';
import { largestWithin, useLiveCamera } from './use-live-camera';

function Shown() {
  const { video, state, take } = useLiveCamera();
  return (
    <>
      <video ref={video} />
      <button onClick={() => void take(1.5, 'x.jpg').then((file) => (taken = file))}>{state}</button>
    </>
  );
}
let taken: File | null | undefined;

function withCamera(getUserMedia: () => Promise<unknown>) {
  Object.defineProperty(navigator, 'mediaDevices', { value: { getUserMedia }, configurable: true });
}
const named = (name: string) => Object.assign(new Error(name), { name });

describe('the live camera', () => {
  it.each([
    ['NotAllowedError', 'not-allowed'],
    ['NotFoundError', 'no-camera'],
  ])('tells a %s as %s', async (name, state) => {
    withCamera(() => Promise.reject(named(name)));
    render(<Shown />);
    expect(await screen.findByText(state)).toBeInTheDocument();
  });

  it('has nothing to take before it is live, and lets the camera go when it is left', async () => {
    const stop = jest.fn();
    jest.spyOn(HTMLMediaElement.prototype, 'play').mockResolvedValue();
    withCamera(() => Promise.resolve({ getTracks: () => [{ stop }] }));
    const { unmount } = render(<Shown />);
    await screen.findByText('live');
    await act(async () => screen.getByRole('button').click());
    expect(taken).toBeNull();
    unmount();
    expect(stop).toHaveBeenCalled();
  });

  it('lets a camera go that answers after it was left', async () => {
    const stop = jest.fn();
    let answer: (stream: unknown) => void = () => {};
    withCamera(() => new Promise((resolve) => (answer = resolve)));
    render(<Shown />).unmount();
    await act(async () => answer({ getTracks: () => [{ stop }] }));
    expect(stop).toHaveBeenCalled();
  });

  it.each([
    [1920, 1080, 1.5, { width: 1620, height: 1080 }],
    [640, 480, 1.5, { width: 640, height: 427 }],
    [640, 480, 2 / 3, { width: 320, height: 480 }],
  ])('takes of %d by %d the largest of proportion %d', (width, height, aspect, size) =>
    expect(largestWithin(width, height, aspect)).toEqual(size),
  );
});
