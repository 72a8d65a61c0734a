import { defineConfig } from '@playwright/test';
import base from '../playwright.config';

/** Takes the pictures of docs/screenshots from the demo data: see bin/screenshots. */
export default defineConfig({
  ...base,
  testDir: '.',
  testMatch: 'pictures.ts',
  outputDir: '../test-results',
});
