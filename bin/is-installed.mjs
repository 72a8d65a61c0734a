// Ends with 0 where every package of the lock is installed in its version, whoever installed it; packages of other systems may lack.
import { existsSync, readFileSync } from 'node:fs';

const packagesOf = (file) => JSON.parse(readFileSync(file, 'utf8')).packages;
const INSTALLED = 'node_modules/.package-lock.json';

function isInstalled() {
  if (!existsSync(INSTALLED)) return false;
  const here = packagesOf(INSTALLED);
  return Object.entries(packagesOf('package-lock.json')).every(
    ([path, { version, optional }]) =>
      path === '' || (here[path] ? here[path].version === version && existsSync(path) : optional === true),
  );
}

process.exit(isInstalled() ? 0 : 1);
