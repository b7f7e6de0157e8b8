import { chromium } from '@playwright/test';
import { CHROMIUM } from '../bin/lib/packages.mjs';
import { sendTo } from '../e2e/support';
import { walkOneByOne, wordsOf } from '../e2e/walker';
import { EIGHT } from '../e2e/walkers';
import { questionnaireSeconds } from '../src/lib/core/questionnaire/answer-time';
import { print, rounded } from './measure';

const BASE = process.env.BASE_URL ?? 'http://127.0.0.1:4280';

/** The middle of some numbers; of an even count the mean of the two in the middle. */
function medianOf(numbers: readonly number[]): number {
	const sorted = [...numbers].sort((a, b) => a - b);
	const at = (i: number) => sorted[Math.floor(i)] ?? NaN;
	const middle = (sorted.length - 1) / 2;
	return (at(middle) + at(Math.ceil(middle))) / 2;
}

/**
 * The short self-assessment as eight kinds of people do it on a phone, from the first page to the button for the plan: taps, keys, words
 * shown, lengths typed, and the minutes these take. Needs the running demo.
 */
export async function benchWalk(): Promise<void> {
	const browser = await chromium.launch({
		executablePath: CHROMIUM,
		chromiumSandbox: process.getuid?.() !== 0,
		args: ['--disable-gpu', '--disable-quic', '--disable-dev-shm-usage']
	});
	const minutes: number[] = [];
	try {
		for (const [who, answers] of Object.entries(EIGHT)) {
			const desk = await (await browser.newContext({ baseURL: BASE })).newPage();
			const { link } = await sendTo(desk, `Bench ${who.replace(/\W+/g, ' ')} ${Date.now()}`);
			const phone = await browser.newContext({
				baseURL: BASE,
				viewport: { width: 390, height: 844 },
				hasTouch: true,
				isMobile: true
			});
			const page = await phone.newPage();
			await page.goto(link);
			const first = wordsOf(await page.locator('main').innerText());
			await page.getByRole('button', { name: /I’ve read this/ }).tap();
			const cost = await walkOneByOne(page, answers, { hasTouch: true });
			const told = { ...cost, words: cost.words + first, taps: cost.taps + 2 };
			const took = questionnaireSeconds(told) / 60;
			minutes.push(took);
			print({ bench: 'walk', who, ...told, minutes: rounded(took) });
			await phone.close();
			await desk.context().close();
		}
	} finally {
		await browser.close();
	}
	print({
		bench: 'walk',
		who: 'all eight',
		medianMinutes: rounded(medianOf(minutes)),
		mostMinutes: rounded(Math.max(...minutes))
	});
}
