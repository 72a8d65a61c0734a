import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { deriveStand, sameContent, solveStand } from '@/model';
import { valueOf } from '@/testing/results';
import { readBackupFile } from './backup-file';
import { readBagFile } from './bag-file';
import { FORMAT } from './document';
import { readStandFile, writeStandFile } from './stand-file';

const KEPT = 'tests/kept';
const files = (name: RegExp) => readdirSync(KEPT).filter((f) => name.test(f));
const textOf = (file: string) => readFileSync(path.join(KEPT, file), 'utf8');

describe('files that earlier versions wrote', () => {
  it.each(files(/^(?:stand|cones)/))('%s opens unchanged, is worked out, and is written again', (file) => {
    const json = JSON.parse(textOf(file)) as { stand: object; bag: object };
    const opened = valueOf(readStandFile(textOf(file)));
    expect(sameContent(opened.stand, json.stand)).toBe(true);
    expect(sameContent(opened.bag, json.bag)).toBe(true);
    const { stand, bag } = opened;
    const { plan, fault } = deriveStand(stand, bag, solveStand(stand, bag, { workedOut: 1 }));
    expect(fault).toBeNull();
    expect(plan).not.toBeNull();
    expect(sameContent(valueOf(readStandFile(valueOf(writeStandFile(opened)))).stand, json.stand)).toBe(true);
  });

  it.each(files(/^backup/))('%s comes back whole', (file) => {
    const json = JSON.parse(textOf(file)) as { bag: object; stands: { stand: object }[] };
    const { bag, stands, refused } = valueOf(readBackupFile(textOf(file)));
    expect(refused).toEqual([]);
    expect(sameContent(bag, json.bag)).toBe(true);
    expect(
      sameContent(
        stands.map((s) => s.document.stand),
        json.stands.map((s) => s.stand),
      ),
    ).toBe(true);
  });

  it.each(files(/^bag/))('%s comes back whole', (file) => {
    expect(
      sameContent(valueOf(readBagFile(textOf(file))), (JSON.parse(textOf(file)) as { bag: object }).bag),
    ).toBe(true);
  });

  it('are there of every minor version before this one', () => {
    const minors = files(/^stand/).map((f) => (JSON.parse(textOf(f)) as { minor: number }).minor);
    expect(minors.toSorted((a, b) => a - b)).toEqual(Array.from({ length: FORMAT.minor }, (_, i) => i));
  });
});
