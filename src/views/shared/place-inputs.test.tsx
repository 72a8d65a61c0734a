import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { type Place } from '@/model';
import { PlaceInputs } from './place-inputs';

const told = jest.fn();

function Held({ at }: { at: Place | null }) {
  const [place, setPlace] = useState(at);
  return (
    <PlaceInputs
      place={place}
      onPlace={(next) => {
        told(next);
        setPlace(next);
      }}
    />
  );
}

const field = (name: string) => screen.getByRole('textbox', { name });

describe('a place that is typed', () => {
  beforeEach(() => told.mockClear());

  it('is none until both of its angles stand, and loses neither of them (fault 82)', async () => {
    render(<Held at={null} />);
    await userEvent.type(field('Latitude'), '54.5');
    await userEvent.tab();
    expect(told).not.toHaveBeenCalled();
    expect(field('Latitude')).toHaveValue('54.5');
    expect(field('Longitude')).toHaveValue('');
    expect(screen.getByText(/known once both stand/)).toBeInTheDocument();
    await userEvent.type(field('Longitude'), '-3');
    expect(told).toHaveBeenLastCalledWith({ latitudeDeg: 54.5, longitudeDeg: -3 });
    for (const [place] of told.mock.calls as [Place][]) expect(place.latitudeDeg).toBe(54.5);
  });

  it('stays as it was while one of them is typed anew, and goes once both are empty', async () => {
    render(<Held at={{ latitudeDeg: 54.5, longitudeDeg: -3 }} />);
    await userEvent.clear(field('Latitude'));
    expect(told).not.toHaveBeenCalled();
    expect(field('Longitude')).toHaveValue('-3');
    await userEvent.clear(field('Longitude'));
    expect(told).toHaveBeenLastCalledWith(null);
  });
});
