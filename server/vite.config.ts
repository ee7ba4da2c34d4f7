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
        pdfWorker: 'src/pdfWorker.ts',
        plannerWorker: 'src/plannerWorker.ts',
        seed: 'src/demo/seed.ts',
        importRecords: 'src/importRecords.ts',
        setUpCode: 'src/setUpCode.ts',
        verify: 'src/verify.ts',
        ingest: 'bench/ingest.ts',
        reads: 'bench/reads.ts',
        phones: 'bench/phones.js',
        bareRoute: 'bench/bareRoute.ts',
        bench: 'bench/protocolRoutes.ts',
        client: 'bench/client.js',
      },
    },
  },
  ssr: { noExternal: [/^@zymostat\//] },
});
