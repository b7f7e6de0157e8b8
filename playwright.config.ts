import { defineConfig, devices } from '@playwright/test';
import { TEST_CHROMIUM } from './bin/lib/packages.mjs';
import { EXPECTATION_LIMIT_MS, TEST_LIMIT_MS } from './bin/lib/patience.mjs';

/**
 * Those that take longest come first, so that no worker is left with one of them at the end. The size of the day sheet is
 * measured before `desk` works lines off: with fewer lines each has a larger share of the headings.
 */
const FIRST = [
	'desk-pages',
	'employee-pages',
	'bad-requests',
	'day-sheet-size',
	'desk',
	'hostile-text',
	'main-job',
	'offline',
	'press-everything',
	'walk'
].map((name) => `**/${name}.spec.ts`);

/** The program that this worker has to itself, where each has one. */
const WORKER_URL = process.env.BASE_URLS?.split(' ')[Number(process.env.TEST_PARALLEL_INDEX ?? 0)];

/** Debian's Chromium against the built servers that `npm test` starts. */
export default defineConfig({
	testDir: 'e2e',
	fullyParallel: false,
	workers: 1,
	projects: [
		{ name: 'first', testMatch: FIRST },
		{ name: 'others', testIgnore: FIRST }
	],
	retries: 0,
	timeout: TEST_LIMIT_MS,
	expect: { timeout: EXPECTATION_LIMIT_MS },
	outputDir: process.env.E2E_OUTPUT ?? 'test-results/browser',
	reporter: [['list'], ['json', { outputFile: process.env.E2E_REPORT ?? 'test-results/e2e.json' }]],
	use: {
		actionTimeout: EXPECTATION_LIMIT_MS,
		...devices['Desktop Chrome'],
		viewport: { width: 1280, height: 800 },
		baseURL: WORKER_URL ?? process.env.BASE_URL ?? 'http://127.0.0.1:4280',
		// A trace takes as long as the test itself: ask for it where a failure needs one (TRACE=1). The page as it stood is always kept.
		trace: process.env.TRACE ? 'retain-on-failure' : 'off',
		launchOptions: {
			executablePath: TEST_CHROMIUM,
			chromiumSandbox: process.getuid?.() !== 0,
			args: ['--disable-gpu', '--disable-quic', '--disable-dev-shm-usage']
		}
	}
});
