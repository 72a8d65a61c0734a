import { act, fireEvent, screen } from '@testing-library/react';
import { standOnScreen } from '@/testing/stand-on-screen';
import { mountedLens, sampleBag } from '@/model';
import { testStand } from '@/testing/fixtures';

/** The sheet of Frame: what the camera and its crop take in. */

const openFrame = () => act(async () => fireEvent.keyDown(document.body, { key: '1' }));

describe('the camera of a stand', () => {
  it('says the angle of view of what is printed, crop and all (fault 41)', async () => {
    await standOnScreen(testStand({ crop: { width: 1, height: 1 } }));
    await openFrame();
    // 24 mm square behind a lens of 24 mm
    expect(
      screen.getByText('Takes in 53° across and 53° up and down, as it is cropped.'),
    ).toBeInTheDocument();
  });

  it('does not keep the name of another sensor (fault 41)', async () => {
    const workspace = await standOnScreen(testStand());
    await openFrame();
    const sensor = screen.getByRole('combobox', { name: 'Sensor' });
    await act(async () => fireEvent.change(sensor, { target: { value: 'film-long' } }));
    expect(workspace.state.getState().stands[0]!.document.stand.camera).toMatchObject({
      name: 'roll film',
      sensorWidthMm: 69,
      sensorHeightMm: 56,
    });
  });
});

describe('the pupil from two test pictures', () => {
  it('is kept with the stand and with the zoom of the bag, by focal length, and forgotten by a press', async () => {
    const zoom = { id: 'l1', name: 'zoom', shortestMm: 16, longestMm: 35 };
    const stand = testStand();
    const lens = mountedLens(zoom, stand.lens.focalLengthMm);
    const workspace = await standOnScreen({ ...stand, lens }, { ...sampleBag(), lenses: [zoom] });
    const now = () => ({
      own: workspace.bag.state.getState().value.lenses![0]!.pupils,
      here: workspace.state.getState().stands[0]!.document.stand.lens.pupils,
    });
    await openFrame();
    const type = async (name: string, text: string) => {
      const field = screen.getByRole('textbox', { name });
      await act(async () => fireEvent.change(field, { target: { value: text } }));
    };
    await act(async () => fireEvent.click(screen.getByText('Pupil to filter from two test pictures')));
    await type('Sheet slid by', '10');
    await type('Seam moved by', '20');
    await act(async () => fireEvent.click(screen.getByRole('button', { name: /^Take 50 mm for this lens/ })));
    const pupils = [{ focalLengthMm: stand.lens.focalLengthMm, pupilToFilterMm: 50 }];
    expect(now()).toEqual({ own: pupils, here: pupils });
    expect(screen.getByText(/^50 mm at \d+, measured$/)).toBeInTheDocument();
    await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Forget what was measured' })));
    expect(now()).toEqual({ own: undefined, here: undefined });
  });
});
