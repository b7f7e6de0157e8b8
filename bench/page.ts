import { chromium, type CDPSession, type Page } from '@playwright/test';
import { CHROMIUM } from '../bin/lib/packages.mjs';
import { auditPages } from './auditor';
import { print, quantile, rounded } from './measure';

const BASE = process.env.BASE_URL ?? 'http://127.0.0.1:4280';

/** What Chromium's own tools call "fast 3G": bits a second and ms there and back. */
const FAST_3G = { down: 1.6e6, up: 0.75e6, latencyMs: 150 } as const;

/** How much slower than this machine the device is. */
const SLOWDOWN = 4;

async function slowed(page: Page): Promise<CDPSession> {
	const devtools = await page.context().newCDPSession(page);
	await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
	return devtools;
}

async function linkOf(page: Page, name: string): Promise<string> {
	await page.goto(`${BASE}/post`);
	await page
		.getByRole('link', { name: new RegExp(name) })
		.last()
		.click();
	return `${BASE}${(await page.getByRole('article').getByRole('link').getAttribute('href')) ?? ''}`;
}

/** When the largest picture of content stands, on a slow network and a slow device, nothing kept from before. */
async function largestContent(page: Page, address: string): Promise<number> {
	const devtools = await slowed(page);
	await devtools.send('Network.enable');
	await devtools.send('Network.setCacheDisabled', { cacheDisabled: true });
	await devtools.send('Network.emulateNetworkConditions', {
		offline: false,
		latency: FAST_3G.latencyMs,
		downloadThroughput: FAST_3G.down / 8,
		uploadThroughput: FAST_3G.up / 8
	});
	await page.goto(address, { waitUntil: 'load' });
	return page.evaluate(
		() =>
			new Promise<number>((resolve) =>
				new PerformanceObserver((list) => resolve(list.getEntries().at(-1)?.startTime ?? NaN)).observe({
					type: 'largest-contentful-paint',
					buffered: true
				})
			)
	);
}

/** The longest frames while a stepper is pressed again and again. */
async function longestFrames(page: Page, address: string): Promise<number[]> {
	await page.goto(address);
	await page.locator('html[data-ready]').waitFor({ state: 'attached' });
	await slowed(page);
	// As text: a function would carry names that only the runner knows.
	await page.evaluate(`
		window.frameTimes = [];
		(function next(last) {
			requestAnimationFrame((now) => {
				window.frameTimes.push(now - last);
				next(now);
			});
		})(performance.now());
	`);
	// Pressed from within: the runner's own clicks would be slowed down with the page and counted in.
	const frames = await page.evaluate<number[]>(`new Promise((resolve) => {
		const plus = document.querySelector('section.question.current button[aria-label^="+"]');
		let left = 40;
		const timer = setInterval(() => {
			if (left-- > 0) return plus.click();
			clearInterval(timer);
			resolve(window.frameTimes);
		}, 120);
	})`);
	return frames.slice(5).sort((a, b) => a - b);
}

/** How long one device waits until it shows what was typed on another, ms: the pause of typing, the save, the news and the reading. */
async function seenElsewhere(one: Page, other: Page, address: string): Promise<number[]> {
	for (const page of [one, other]) {
		await page.goto(address);
		await page.locator('html[data-ready]').waitFor({ state: 'attached' });
	}
	const times: number[] = [];
	for (let i = 0; i < 20; i += 1) {
		const text = (70 + i / 10).toFixed(1);
		const seen = other.waitForFunction(
			(wanted) => document.querySelector<HTMLInputElement>('#surfaceHeight')?.value === wanted,
			text
		);
		const began = performance.now();
		await one.locator('#surfaceHeight').fill(text);
		await seen;
		times.push(performance.now() - began);
	}
	return times.sort((a, b) => a - b);
}

/** The pages that an employee waits for. */
const AUDITED = [
	['the first page', ''],
	['a question', '/hands?at=sittingElbow'],
	['discomfort', '/discomfort'],
	['the house', '/house'],
	['the plan', '/plan'],
	['a break', '/break']
] as const;

/** Figures of the employee's pages, on the running demo (npm run demo). */
export async function benchPage(): Promise<void> {
	const browser = await chromium.launch({
		executablePath: CHROMIUM,
		chromiumSandbox: process.getuid?.() !== 0,
		args: ['--disable-gpu', '--disable-quic', '--disable-dev-shm-usage']
	});
	const fresh = async () =>
		(await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })).newPage();
	const link = await linkOf(await fresh(), 'Mirela Oakhanger');
	for (const [name, path] of AUDITED) {
		const times: number[] = [];
		for (let i = 0; i < 5; i += 1) {
			const page = await fresh();
			times.push(await largestContent(page, link + path));
			await page.context().close();
		}
		times.sort((a, b) => a - b);
		print({
			figure: `page: largest content of ${name}, fast 3G, CPU ${SLOWDOWN} times slower`,
			unit: 'ms',
			runs: times.length,
			p50: rounded(quantile(times, 0.5)),
			max: rounded(times.at(-1) ?? NaN)
		});
	}
	const frames = await longestFrames(await fresh(), `${link}/spot?at=surfaceHeight`);
	print({
		figure: `page: frames while a stepper moves, CPU ${SLOWDOWN} times slower`,
		unit: 'ms',
		runs: frames.length,
		p50: rounded(quantile(frames, 0.5)),
		p95: rounded(quantile(frames, 0.95)),
		max: rounded(frames.at(-1) ?? NaN)
	});
	const seen = await seenElsewhere(await fresh(), await fresh(), `${link}/spot?at=surfaceHeight`);
	print({
		figure: 'page: what one device typed is shown on another',
		unit: 'ms',
		runs: seen.length,
		p50: rounded(quantile(seen, 0.5)),
		max: rounded(seen.at(-1) ?? NaN)
	});
	await browser.close();
	await auditPages(AUDITED.map(([name, path]) => [name, link + path]));
}
