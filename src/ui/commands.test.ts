import { isPressed } from './commands';

const press = (key: string, more: Partial<KeyboardEvent> = {}) => ({
  key,
  code: '',
  ctrlKey: false,
  metaKey: false,
  altKey: false,
  shiftKey: false,
  ...more,
});

describe('a shortcut, as it is written', () => {
  it('is pressed by that key, with Ctrl or its like where that is written, and by no other', () => {
    expect(isPressed('S', press('s'))).toBe(true);
    expect(isPressed('S', press('S', { shiftKey: true }))).toBe(false);
    expect(isPressed('S', press('s', { ctrlKey: true }))).toBe(false);
    expect(isPressed('S', press('s', { altKey: true }))).toBe(false);
    expect(isPressed('Ctrl Z', press('z', { metaKey: true }))).toBe(true);
    expect(isPressed('Ctrl Z', press('z'))).toBe(false);
    expect(isPressed('Ctrl Z', press('Z', { ctrlKey: true, shiftKey: true }))).toBe(false);
    expect(isPressed('Ctrl Shift Z', press('Z', { ctrlKey: true, shiftKey: true }))).toBe(true);
  });

  it('is what a key writes, wherever the keyboard has it', () => {
    expect(isPressed('?', press('?', { shiftKey: true }))).toBe(true);
    expect(isPressed('+', press('+', { shiftKey: true }))).toBe(true);
    expect(isPressed('+', press('=', { code: 'Equal' }))).toBe(false);
    expect(isPressed('0', press('0'))).toBe(true);
  });

  it('is told by the key’s place where the keyboard writes other letters, or digits only with Shift', () => {
    expect(isPressed('S', press('ы', { code: 'KeyS' }))).toBe(true);
    expect(isPressed('S', press('o', { code: 'KeyS' }))).toBe(false);
    expect(isPressed('2', press('é', { code: 'Digit2' }))).toBe(true);
    expect(isPressed('2', press('@', { code: 'Digit2', shiftKey: true }))).toBe(false);
  });
});
