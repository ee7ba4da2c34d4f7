import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const api = `http://127.0.0.1:${process.env.API_PORT ?? 4600}`;

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      injectRegister: false,
      injectManifest: { globPatterns: ['**/*.{js,css,html,svg,png,woff2}'] },
      manifest: {
        name: 'Zymostat',
        short_name: 'Zymostat',
        start_url: '/',
        display: 'standalone',
        background_color: '#F2F5F4',
        theme_color: '#F2F5F4',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
    }),
  ],
  // Nothing inline: the content-security policy allows files of this origin only.
  build: { assetsInlineLimit: 0, manifest: true, chunkSizeWarningLimit: 600 },
  server: { host: '127.0.0.1', proxy: { '/api': api } },
});
