import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';
import { fewerFiles } from './bin/lib/fewer-files-plugin.mjs';
import { TEST_LIMIT_MS } from './bin/lib/patience.mjs';
import { threads } from './bin/lib/threads-plugin.mjs';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit(), threads(), fewerFiles()],
	worker: { format: 'es' },
	server: { host: '127.0.0.1' },
	test: {
		testTimeout: TEST_LIMIT_MS,
		// Filling a database with hundreds of people is no test.
		hookTimeout: 5 * TEST_LIMIT_MS,
		teardownTimeout: 120_000,
		// Left to itself one processor stays idle: where there are two, tests would take twice as long.
		maxWorkers: '100%',
		// Styles that are read as text stay as they are: those of drawings are in their files.
		css: { include: [/\.css\?raw$/] },
		// What was compiled once is not compiled again: half of what a second run would take.
		experimental: { fsModuleCache: true },
		projects: [
			{
				extends: true,
				test: {
					name: 'unit',
					include: ['src/**/*.test.ts', 'cli/**/*.test.ts', 'tests/unit/**/*.test.ts'],
					exclude: ['**/*-proof.test.ts'],
					// The files share what they import: loading it once a processor is half of what they take.
					pool: 'threads',
					isolate: false,
					setupFiles: ['tests/support/same-chance.ts']
				}
			},
			{
				extends: true,
				// What takes a solver, or thousands of cases: not for every save. Each run tries its share (`tests/support/rotation.ts`).
				test: {
					name: 'proof',
					isolate: false,
					include: ['src/**/*-proof.test.ts', 'tests/proof/**/*.test.ts'],
					setupFiles: ['tests/support/rotating-chance.ts']
				}
			},
			{
				extends: true,
				test: {
					name: 'integration',
					isolate: false,
					include: ['tests/integration/**/*.test.ts'],
					globalSetup: ['tests/support/template-database.ts'],
					setupFiles: ['tests/support/rotating-chance.ts'],
					fileParallelism: true
				}
			}
		]
	}
});
