import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { parseAperture, parsePercent, parseQuantity, parseShutter } from './parse';
import { QuantityField } from './quantity-field';
import { ParsedField } from '@/ui/field';

const type = async (props: Partial<Parameters<typeof ParsedField<number>>[0]>, text: string) => {
  const onValue = jest.fn();
  render(
    <ParsedField
      label="Focal length"
      text="24"
      parse={parseQuantity('focalLengthMm')}
      onValue={onValue}
      {...props}
    />,
  );
  const field = screen.getByLabelText('Focal length');
  await userEvent.clear(field);
  await userEvent.type(field, text);
  return { field: field as HTMLInputElement, onValue };
};

describe('a field that understands as it is typed in', () => {
  it('takes each good text at once', async () => {
    const { field, onValue } = await type({}, '35');
    expect(onValue.mock.calls).toEqual([[3], [35]]);
    expect(field).toBeValid();
  });

  it('says at the field why a text is refused, and changes nothing', async () => {
    const { field, onValue } = await type({}, '0');
    expect(onValue).not.toHaveBeenCalled();
    expect(field).toBeInvalid();
    expect(screen.getByRole('alert')).toHaveTextContent('Between 1 and 2000 mm.');
    await userEvent.keyboard('{Escape}');
    expect(field.value).toBe('24');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('shows the value that holds when it is left empty', async () => {
    const { field } = await type({}, '35');
    await userEvent.clear(field);
    await userEvent.tab();
    expect(field.value).toBe('24');
  });

  it('tells what was understood, keeps a draft where asked, and hears Enter', async () => {
    const onEnter = jest.fn();
    const parse = (text: string) => {
      const read = parseShutter(text);
      return read.ok ? { ...read, value: read.value.seconds as number } : read;
    };
    const { field } = await type({ text: '', parse, keepDraft: true, onEnter }, '60{Enter}');
    expect(screen.getByText('1/60 s, exactly 1/64 s')).toBeInTheDocument();
    expect(onEnter).toHaveBeenCalledTimes(1);
    await userEvent.tab();
    expect(field.value).toBe('60');
  });
});

describe('a field for a quantity', () => {
  const renderField = (value: number | undefined) => {
    const onValue = jest.fn();
    render(
      <QuantityField
        label="Sheet length"
        quantity="lengthMm"
        unit="mm"
        optional
        value={value}
        refuse={(mm) => (mm < 60 ? 'At least 60 mm.' : null)}
        onValue={onValue}
      />,
    );
    return { field: screen.getByLabelText('Sheet length'), onValue };
  };

  it('takes nothing at all for not known, where it is optional', async () => {
    const { field, onValue } = renderField(150);
    await userEvent.clear(field);
    expect(onValue).toHaveBeenLastCalledWith(undefined);
  });

  it('refuses what its neighbours do not allow', async () => {
    const { field, onValue } = renderField(undefined);
    await userEvent.type(field, '59');
    expect(screen.getByRole('alert')).toHaveTextContent('At least 60 mm.');
    expect(onValue).not.toHaveBeenCalled();
  });
});

describe('what is typed', () => {
  it('as a percentage is a part of the frame', () => {
    expect(parsePercent('42.5 %')).toEqual({ ok: true, value: 0.425 });
    expect(parsePercent('101')).toEqual({ ok: false, error: 'Between 0 and 100 %.' });
  });

  // f/ where it is typed is understood (fault 41)
  it.each([
    ['f/11', 11],
    ['F 8', 8],
    ['5,6', 5.6],
  ])('as an aperture, %p is %p', (text, value) => {
    expect(parseAperture(text)).toMatchObject({ ok: true, value });
  });

  it('as a shutter time is kept as a mark where it is one', () => {
    expect(parseShutter('250')).toMatchObject({ ok: true, value: { kept: '1/250' } });
    expect(parseShutter('0.4s')).toMatchObject({ ok: true, value: { kept: '0.4' }, understood: '0.4 s' });
    expect(parseShutter('47s')).toMatchObject({ ok: true, value: { kept: 47 }, understood: '47 s' });
    expect(parseShutter('1/70')).toMatchObject({
      ok: true,
      value: { kept: 1 / 70 },
      understood: expect.stringContaining('taken as typed'),
    });
    expect(parseShutter('soon')).toEqual({ ok: false, error: 'Type a time as 1/250, 250, 0.4s or 30s.' });
  });

  it('as a number may have a true minus, and nothing else', () => {
    expect(parseQuantity('lengthMm')(' ').ok).toBe(false);
    expect(parseQuantity('ev100')('−2')).toEqual({ ok: true, value: -2 });
    expect(parseQuantity('ev100')('1e3').ok).toBe(false);
  });
});
