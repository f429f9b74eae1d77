import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { usedRecipes } from './used-recipes.ts';

const server = `http://localhost:${process.env['SIRENE_PORT'] ?? 4300}`;
const served = ['^/(api|stage|schema|embed|m|b|c|a|fonts|p)/', '^/(health|embed\\.js)$'];

export default defineConfig({
  plugins: [react(), usedRecipes(`${import.meta.dirname}/src`)],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  build: { target: 'es2022', chunkSizeWarningLimit: 1200 },
  server: { proxy: Object.fromEntries(served.map((path) => [path, server])) },
});
