import { chromium } from '@playwright/test';
import lighthouse from 'lighthouse';
import { CHROMIUM } from '../bin/lib/packages.mjs';
import { freePort } from '../bin/lib/net.mjs';
import { print, quantile, rounded } from './measure';

const CATEGORIES = ['performance', 'accessibility', 'best-practices'] as const;

/** Figures from the auditor besides its scores. */
const AUDITS = ['total-blocking-time', 'largest-contentful-paint', 'cumulative-layout-shift'] as const;

/** How often each page is audited: the median counts. */
const RUNS = 3;

type Figures = Record<string, number>;

const median = (numbers: readonly number[]) =>
	quantile(
		[...numbers].sort((a, b) => a - b),
		0.5
	);

/** The auditor missed the start of a page: its own fault, and gone the next time. */
const MISSED = 'NO_NAVSTART';

/** One run of Lighthouse as a phone on a slow network; reports what it found. */
async function look(
	address: string,
	port: number,
	triesLeft = 2
): Promise<{ figures: Figures; faults: string[] }> {
	const result = await lighthouse(address, { port, logLevel: 'error', onlyCategories: [...CATEGORIES] });
	if (!result) throw new Error(`${address} could not be looked at`);
	const { categories, audits, runtimeError } = result.lhr;
	if (runtimeError?.code === MISSED && triesLeft > 0) return look(address, port, triesLeft - 1);
	if (runtimeError) throw new Error(`${address}: ${runtimeError.message}`);
	const marks = CATEGORIES.map((name) => [name, 100 * (categories[name]?.score ?? NaN)] as const);
	const values = AUDITS.map((name) => [name, audits[name]?.numericValue ?? NaN] as const);
	// Performance scores come with their figures; for the other two, each fault is named.
	const faults = ['accessibility', 'best-practices'].flatMap((name) =>
		(categories[name]?.auditRefs ?? [])
			.filter(({ id, weight }) => weight > 0 && (audits[id]?.score ?? 1) < 1)
			.map(({ id }) => id)
	);
	return { figures: Object.fromEntries([...marks, ...values]), faults };
}

/** What Lighthouse says about pages: the median of three runs each. */
export async function auditPages(
	pages: readonly (readonly [name: string, address: string])[]
): Promise<void> {
	const port = (await freePort(0)) ?? 0;
	const browser = await chromium.launch({
		executablePath: CHROMIUM,
		chromiumSandbox: process.getuid?.() !== 0,
		args: [`--remote-debugging-port=${port}`, '--disable-gpu', '--disable-quic', '--disable-dev-shm-usage']
	});
	try {
		for (const [name, address] of pages) {
			const looks: Awaited<ReturnType<typeof look>>[] = [];
			for (let i = 0; i < RUNS; i += 1) looks.push(await look(address, port));
			const names = Object.keys(looks[0]?.figures ?? {});
			const figures = names.map((of) => [
				of,
				rounded(median(looks.map(({ figures }) => figures[of] ?? NaN)))
			]);
			print({
				figure: `page: the auditor on ${name}`,
				...Object.fromEntries(figures),
				faults: [...new Set(looks.flatMap(({ faults }) => faults))]
			});
		}
	} finally {
		await browser.close();
	}
}
