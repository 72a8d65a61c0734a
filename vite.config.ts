import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { defineConfig, type Plugin } from 'vite';
import react from '@vitejs/plugin-react';
import tailwindcss from '@tailwindcss/vite';
import { VitePWA } from 'vite-plugin-pwa';
import { licences } from './tools/licences';

/** sonner adds a <style> element when it loads; its sheet is imported as a file instead. */
function sonnerWithoutInlineStyle(): Plugin {
  return {
    name: 'sonner-without-inline-style',
    apply: 'build',
    transform: {
      filter: { id: /node_modules\/sonner\/dist\/index\.mjs/ },
      handler(code) {
        const out = code.replace(/^__insertCSS\(.*\);?$/m, '');
        if (out === code) this.error('sonner: the __insertCSS call was not found');
        return { code: out, map: null };
      },
    },
  };
}

/** The reader of cameras' raw files goes out as it came: it runs in workers of its own, under a policy of their own. */
function rawReader(): Plugin {
  return {
    name: 'raw-reader',
    apply: 'build',
    generateBundle() {
      for (const file of ['worker.js', 'libraw.js', 'libraw.wasm'])
        this.emitFile({
          type: 'asset',
          fileName: `raw/${file}`,
          source: readFileSync(fileURLToPath(import.meta.resolve(`libraw-wasm/dist/${file}`))),
        });
    },
  };
}

const shipped = licences();

export default defineConfig({
  html: { cspNonce: '__CSP_NONCE__' },
  plugins: [
    react(),
    sonnerWithoutInlineStyle(),
    rawReader(),
    shipped.page,
    tailwindcss(),
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Pale Seam',
        short_name: 'Pale Seam',
        description: 'Chooses, seats and exposes graduated filters for landscape photographers',
        lang: 'en-GB',
        id: '/',
        start_url: '/',
        display: 'standalone',
        theme_color: '#f4f4f0',
        background_color: '#f4f4f0',
        icons: [
          { src: 'icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
          { src: 'icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: 'icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: 'icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,jpg,txt,wasm,woff,woff2,webmanifest}'],
        importScripts: ['/page-guard.js'],
        globIgnores: ['page-guard.js'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/healthz$/],
        cleanupOutdatedCaches: true,
        sourcemap: false,
      },
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  worker: { format: 'es', plugins: () => [shipped.worker()] },
  build: { target: 'es2023', outDir: 'dist/client', sourcemap: false, manifest: true },
});
