import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { parseAperture, parseOptional, parseQuantity, parseShutter } from './parse';
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

describe('what is typed', () => {
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

  it('as nothing stands for not known only where that is allowed', () => {
    expect(parseOptional('lengthMm')(' ')).toEqual({ ok: true, value: undefined });
    expect(parseQuantity('lengthMm')(' ').ok).toBe(false);
    expect(parseQuantity('ev100')('−2')).toEqual({ ok: true, value: -2 });
    expect(parseQuantity('ev100')('1e3').ok).toBe(false);
  });
});
