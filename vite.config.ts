import { fileURLToPath } from 'node:url';
import { defineConfig, type Plugin } from 'vite';
import react from '@vitejs/plugin-react';
import tailwindcss from '@tailwindcss/vite';

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

export default defineConfig({
  html: { cspNonce: '__CSP_NONCE__' },
  plugins: [react(), sonnerWithoutInlineStyle(), tailwindcss()],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  worker: { format: 'es' },
  build: { target: 'es2023', outDir: 'dist/client', sourcemap: true, manifest: true },
});
