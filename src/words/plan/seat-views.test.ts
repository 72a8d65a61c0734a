import { seenTrulyText } from './seat-views';

const at = (aperture: number, spread: number) => ({ aperture, spread });
const said = (open: number, taking: number, stopped: number, apertures = [2.8, 11, 22]) =>
  seenTrulyText({
    open: at(apertures[0]!, open),
    taking: at(apertures[1]!, taking),
    stoppedDown: at(apertures[2]!, stopped),
    openIsAssumed: false,
    near: null,
  });

describe('which look at the line tells the truth', () => {
  it('none but that at the taking aperture, where they differ', () => {
    expect(said(0.4, 0.12, 0.08)).toBe(
      'Judge it on the screen or with the depth-of-field button at f/11: wide open it looks softer; stopped down to f/22 shows it harder than it is recorded.',
    );
  });
  it('leaves out the one that is no other', () => {
    expect(said(0.4, 0.08, 0.08, [2.8, 22, 22])).not.toContain('stopped down');
  });
  it('any, where they look alike', () => {
    expect(said(0.3, 0.3, 0.3)).toBe('It looks alike at any of them: judge it as it is.');
  });
  it('the finder, where the picture is taken wide open', () => {
    expect(said(0.3, 0.3, 0.1, [2.8, 2.8, 22])).toBe('The finder shows it as it will be recorded.');
  });
});
