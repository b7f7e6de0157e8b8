import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';
import { fewerFiles } from './bin/lib/fewer-files-plugin.mjs';
import { planThread } from './bin/lib/plan-thread-plugin.mjs';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit(), planThread(), fewerFiles()],
	worker: { format: 'es' },
	server: { host: '127.0.0.1' },
	test: {
		// A slow machine is no failure: what hangs is found, what is only slow is the benches' matter.
		testTimeout: 60_000,
		// Left to itself one processor stays idle: where there are two, tests would take twice as long.
		maxWorkers: '100%',
		projects: [
			{
				extends: true,
				test: {
					name: 'unit',
					include: ['src/**/*.test.ts', 'cli/**/*.test.ts', 'tests/unit/**/*.test.ts'],
					exclude: ['**/*-proof.test.ts'],
					setupFiles: ['tests/support/same-chance.ts']
				}
			},
			{
				extends: true,
				// A minute of a solver's work: not for every save.
				test: { name: 'proof', include: ['src/**/*-proof.test.ts'] }
			},
			{
				extends: true,
				test: {
					name: 'integration',
					include: ['tests/integration/**/*.test.ts'],
					fileParallelism: true
				}
			}
		]
	}
});
