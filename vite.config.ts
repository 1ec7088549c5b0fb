import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: 'web',
  plugins: [react()],
  build: { outDir: '../build/web', emptyOutDir: true, target: 'es2022', chunkSizeWarningLimit: 900 },
  worker: { format: 'es' },
});
