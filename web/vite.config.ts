import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { loadEnv } from 'vite';
import { defineConfig } from 'vitest/config';

export default defineConfig(({ mode }) => {
  const backend = `http://127.0.0.1:${loadEnv(mode, '.', 'JOMBLE_').JOMBLE_PORT ?? 8080}`;
  return {
    plugins: [react(), tailwindcss()],
    // pages from the sources, everything else from the server beside them
    server: { proxy: Object.fromEntries(['/api', '/drawings'].map((path) => [path, backend])) },
    build: {
      outDir: 'dist',
      assetsInlineLimit: 0,
      rolldownOptions: {
        // the licences of the typefaces are shown in the browser, not downloaded
        output: {
          assetFileNames: ({ names }) =>
            `assets/[name]-[hash]${names[0] === 'LICENSE' ? '.txt' : '[extname]'}`,
        },
      },
    },
    // what renders asks for a browser's document in its first line
    test: { environment: 'node', setupFiles: 'src/testing/setup.ts', testTimeout: 60_000 },
  };
});
