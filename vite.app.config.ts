import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vite';

/** The command of a server (`cli/app.ts`) as one file beside the built program, that needs nothing but what that needs. */
export default defineConfig({
	// Drawings in an archive are those of the pages.
	plugins: [svelte()],
	// What only building needs isn't there on a server: it goes into the file.
	ssr: { noExternal: ['svelte', 'clsx', 'devalue', 'esm-env'] },
	resolve: { alias: { $lib: new URL('./src/lib', import.meta.url).pathname } },
	build: {
		ssr: 'cli/app.ts',
		outDir: 'build',
		emptyOutDir: false,
		target: 'node20',
		rollupOptions: { output: { entryFileNames: 'app.js', chunkFileNames: 'app-[hash].js' } }
	}
});
