import { act, fireEvent, screen } from '@testing-library/react';
import { standOnScreen } from '@/testing/stand-on-screen';
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
