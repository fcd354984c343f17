import { defineConfig } from 'vite';
import react from '@vitejs/plugin-react';

export default defineConfig({
  base: '/build/',
  publicDir: false,
  plugins: [react()],
  build: {
    outDir: '../public/build',
    assetsInlineLimit: 0,
    emptyOutDir: true,
    manifest: true,
    sourcemap: false,
    target: 'es2022',
  },
  server: { host: '127.0.0.1', port: 5173, strictPort: true, proxy: { '/api': 'http://127.0.0.1:8080' } },
});
