import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { servedPaths } from './src/app/places.ts';
import { usedRecipes } from './used-recipes.ts';

const server = `http://localhost:${process.env['SIRENE_PORT'] ?? 4300}`;
const served = ['^/(api|stage|schema|embed|m|b|c|a|fonts|p|chat)/', '^/(health|embed\\.js)$'];

// The server gives out the one page under each of these addresses.
const addresses = (): Plugin => ({
  name: 'addresses',
  generateBundle() {
    this.emitFile({ type: 'asset', fileName: 'addresses.json', source: JSON.stringify(servedPaths) });
  },
});

export default defineConfig({
  plugins: [react(), addresses(), usedRecipes(`${import.meta.dirname}/src`)],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  build: { target: 'es2022', chunkSizeWarningLimit: 1200 },
  server: {
    proxy: Object.fromEntries(served.map((path) => [path, { target: server, ws: path.includes('chat') }])),
  },
});
