import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

/** The bench's pages: a stand-in's, apart from Wexon's screens. */
export default defineConfig({
  root: 'bench',
  plugins: [tailwindcss(), svelte()],
  build: { outDir: '../../standins/Bench/public/build', emptyOutDir: true },
});
