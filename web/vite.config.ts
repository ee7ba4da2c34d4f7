import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const api = `http://127.0.0.1:${process.env.API_PORT ?? 4600}`;

export default defineConfig({
  plugins: [react(), tailwindcss()],
  // Nothing inline: the content-security policy allows files of this origin only.
  build: { assetsInlineLimit: 0, manifest: true, chunkSizeWarningLimit: 600 },
  server: { host: '127.0.0.1', proxy: { '/api': api } },
});
