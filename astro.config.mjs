import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'astro/config';

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'standalone' }),
  integrations: [react()],
  server: { host: '127.0.0.1' },
  devToolbar: { enabled: false },
  // Our own middleware checks Host and Origin, and says in a sentence what was wrong.
  security: { checkOrigin: false },
  // Names the inline scripts of the framework by their hashes, for the policy that the middleware sends.
  experimental: { csp: true },
  vite: {
    plugins: [tailwindcss()],
    worker: { format: 'es' },
    // What a late script needs is asked for as it comes; told ahead, the names alone are 2.5 kB of every card's first scripts.
    build: { modulePreload: false },
    // Pages of an earlier build are told to load again.
    define: { 'import.meta.env.NIBWRIGHT_BUILD': JSON.stringify(Date.now().toString(36)) },
  },
});
