import { defineConfig } from 'vite';

/** The server as plain JavaScript: our own packages in it, all others from node_modules. */
export default defineConfig({
  build: {
    ssr: true,
    target: 'node20',
    sourcemap: true,
    rollupOptions: {
      input: {
        main: 'src/main.ts',
        migrate: 'src/migrate.ts',
        seed: 'src/demo/seed.ts',
        verify: 'src/verify.ts',
        bench: 'bench/protocolRoutes.ts',
        client: 'bench/client.js',
      },
    },
  },
  ssr: { noExternal: [/^@zymostat\//] },
});
