import { defineConfig } from 'vitest/config';
import { lingui } from '@lingui/vite-plugin';
import react from '@vitejs/plugin-react';
import { macros } from './macros.ts';

/** Where ./run --dev has the application; pages come from here, everything else from there. */
const application = process.env['HULL_APPLICATION'] ?? 'http://127.0.0.1:8080';

export default defineConfig(({ command }) => ({
  base: command === 'serve' ? '/' : '/build/',
  publicDir: false,
  plugins: [macros(), lingui(), react()],
  build: {
    outDir: '../public/build',
    assetsInlineLimit: 0,
    emptyOutDir: true,
    manifest: true,
    sourcemap: false,
    target: 'es2022',
  },
  test: {
    environment: 'happy-dom',
    include: ['src/**/*.test.{ts,tsx}'],
    restoreMocks: true,
    // A slow machine is no failure.
    testTimeout: 30_000,
    setupFiles: 'src/testing/setup.ts',
  },
  server: {
    host: '127.0.0.1',
    port: Number(process.env['HULL_DEV_PORT'] ?? 5173),
    strictPort: true,
    proxy: Object.fromEntries(['/api', '/calendar', '/mark.svg'].map((path) => [path, application])),
  },
}));
