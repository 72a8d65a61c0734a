const { readFileSync } = require('node:fs');

/** What the page loads before anything is asked for: its entry, what that imports at once, and their styles. */
function firstLoad() {
  const manifest = JSON.parse(readFileSync('dist/client/.vite/manifest.json', 'utf8'));
  const chunks = new Set();
  const add = (key) => {
    if (chunks.has(manifest[key])) return;
    chunks.add(manifest[key]);
    (manifest[key].imports ?? []).forEach(add);
  };
  add('index.html');
  return [...chunks].flatMap(({ file, css = [] }) => [file, ...css]).map((file) => `dist/client/${file}`);
}

module.exports = [{ name: 'first load', path: firstLoad(), limit: '300 kB', gzip: true }];
