/* global self, caches, fetch */
// Runs in the service worker before its own rules: a kept page that is damaged is not shown while the network is there.
self.addEventListener('fetch', (event) => {
  if (event.request.mode === 'navigate') event.respondWith(page(event.request));
});

async function page(request) {
  const kept = await caches.match('/index.html', { ignoreSearch: true });
  const text =
    kept &&
    (await kept
      .clone()
      .text()
      .catch(() => ''));
  if (text && text.includes('id="root"') && text.trimEnd().endsWith('</html>')) return kept;
  try {
    return await fetch(request);
  } catch (error) {
    if (kept) return kept;
    throw error;
  }
}
