import { execFileSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A project in little with a build that is served, and an `npm` that does what a line of shell says. */
function project(npm: string) {
  const root = mkdtempSync(join(tmpdir(), 'pale-seam-build-'));
  for (const folder of ['bin', 'dist/client', 'path']) mkdirSync(join(root, folder), { recursive: true });
  copyFileSync('bin/build', join(root, 'bin/build'));
  writeFileSync(join(root, 'dist/client/index.html'), 'before');
  writeFileSync(join(root, 'path/npm'), `#!/usr/bin/env bash\n${npm}\n`, { mode: 0o755 });
  const env = { ...process.env, PATH: `${join(root, 'path')}:${process.env.PATH}` };
  const build = () => execFileSync('bash', ['bin/build'], { cwd: root, env, stdio: 'pipe' });
  return { build, page: () => readFileSync(join(root, 'dist/client/index.html'), 'utf8'), root };
}

/** Writes what is asked for into the folder or file that the call names. */
const MAKES =
  'for a in "$@"; do [[ $a == */client ]] && mkdir -p "$a" && echo after > "$a/index.html"; [[ $a == --outfile=* ]] && mkdir -p "$(dirname "${a#--outfile=}")" && echo server > "${a#--outfile=}"; done; true';

describe('a build', () => {
  it('that is broken off leaves what is served as it was (fault 90)', () => {
    const { build, page, root } = project('mkdir -p node_modules/.cache/dist-new/client; exit 1');
    expect(build).toThrow();
    expect(page()).toBe('before');
    expect(existsSync(join(root, 'dist/.built'))).toBe(false);
  });

  it('takes the place of the one before once client and server are whole', () => {
    const { build, page, root } = project(MAKES);
    build();
    expect(page().trim()).toBe('after');
    expect(existsSync(join(root, 'dist/server/index.js'))).toBe(true);
    expect(existsSync(join(root, 'dist/.built'))).toBe(true);
  });
});
