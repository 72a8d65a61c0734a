import { act, fireEvent, render, screen } from '@testing-library/react';
import { type Filter } from '@/model';
import { StrengthFromReadings } from './strength-from-readings';

const nd: Filter = { id: 'n6', name: 'ND64', kind: 'neutral', stops: 6 };

async function open() {
  const put = jest.fn();
  render(<StrengthFromReadings filter={nd} put={put} />);
  const fold = screen.getByText('Measure it by readings').closest('details')!;
  await act(async () => {
    fold.open = true;
    fireEvent(fold, new Event('toggle'));
  });
  return put;
}

const type = (name: string, value: string) =>
  fireEvent.change(screen.getByRole('textbox', { name }), { target: { value } });

describe('a filter measured by readings', () => {
  it('takes what lies between the looks without it, and its spread once there are two', async () => {
    const put = await open();
    type('1. without', '125');
    type('2. with it', '0.8s');
    expect(screen.getByRole('status')).toBeEmptyDOMElement();
    type('3. without again', '125');
    // 1/128 to 0.8 s is six and two thirds
    expect(screen.getByRole('status')).toHaveTextContent(
      'It takes 6.7 stops, 0.7 more than the 6.0 that it goes by (one round: a second tells how sure it is).',
    );
    fireEvent.click(screen.getByRole('button', { name: 'Another round' }));
    type('without, round 2', '125');
    type('with it, round 2', '0.6s');
    // the light fell by two thirds meanwhile: half of that counts
    type('without again, round 2', '80');
    expect(screen.getByRole('status')).toHaveTextContent('2 rounds, 0.5 apart');
    fireEvent.click(screen.getByRole('button', { name: 'Use 6.3 stops' }));
    expect(put).toHaveBeenCalledWith({ ...nd, measuredStops: 6.3 });
  });

  it('goes by EV too, and by no mixture', async () => {
    await open();
    type('1. without', 'EV 12');
    type('2. with it', 'EV 5.6');
    type('3. without again', 'EV 12');
    expect(screen.getByRole('status')).toHaveTextContent('It takes 6.4 stops');
    type('2. with it', '1/60');
    expect(screen.getByRole('status')).toBeEmptyDOMElement();
  });
});
