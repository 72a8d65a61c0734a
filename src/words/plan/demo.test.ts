import { readFileSync } from 'node:fs';
import { readStandFile } from '@/files';
import { answer } from '@/testing/answers';
import { valueOf } from '@/testing/results';

describe('the slip of the demo’s stand', () => {
  it.each([
    ['marl-pan', '2 stops, hard, level', 'above the rail'],
    ['tholl-saddle', '1 stop, soft, level', 'above the rail'],
    ['hesk-terraces', '1 stop, hard with 1 stop, soft, turned', 'above the rail'],
    ['quill-rim', '2 stops, hard, level', 'above the rail'],
    ['amber-gap', 'No grad serves here', 'nothing to seat'],
    ['sarrat-dune', '2 stops, hard, level', 'above the rail'],
    ['vann-snowfield', '1 stop, hard, upside down, level', 'below the rail'],
  ])('%s says %s, %s', (name, glass, seat) => {
    const { stand, bag } = valueOf(readStandFile(readFileSync(`src/demo/${name}.paleseam.json`, 'utf8')));
    const said = answer(stand, bag);
    expect(said.glass).toContain(glass);
    expect(said.seat).toContain(seat);
  });
});
