import { answersByWords } from './word-search';

describe('a search by words (fault 48)', () => {
  it.each([
    ['Put on 0.9 hard', '0.9', true],
    ['Put on 0.9 hard', 'hard 0.9', true],
    ['Put on 0.9 hard', 'ha', true],
    ['Level grid over the frame', 'gri', true],
    ['Read the slip aloud', 'aloud read', true],
    // letters that only follow one another
    ['Read the slip aloud', 'rtsa', false],
    ['Level grid over the frame', 'rid', false],
    ['Look: Least glass', 'least', true],
    ['Début du jour', 'debut', true],
    ['Anything', '', true],
    ['Anything', '  ', true],
  ])('%s answers to %s: %s', (text, typed, answers) => {
    expect(answersByWords(text, typed)).toBe(answers);
  });
});
