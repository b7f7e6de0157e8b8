import { expect, test as base } from '@playwright/test';
import { PageChecks } from './page-checks';
import { EVERY_PAGE, answeredLike, linkOf, sendTo } from './support';

/** Whose pages are looked at: somebody new, somebody who has answered, and somebody of the demo who works on a plan. */
type Links = Readonly<Record<'fresh' | 'answered' | 'followed', string>>;

const test = base.extend<object, { links: Links }>({
	links: [
		async ({ browser }, use, { project, workerIndex }) => {
			const context = await browser.newContext({ baseURL: project.use.baseURL ?? '' });
			const page = await context.newPage();
			const fresh = await sendTo(page, `Marka Freshworth ${workerIndex}`);
			const answered = await answeredLike(page, `Marka Upworth ${workerIndex}`, 'Mirela Oakhanger');
			const followed = await linkOf(page, 'Mirela Oakhanger');
			await context.close();
			await use({ fresh: fresh.link, answered: answered.link, followed });
		},
		{ scope: 'worker' }
	]
});

// Any worker takes any page.
test.describe.configure({ mode: 'parallel' });

for (const [who, path] of [
	['fresh', ''],
	...EVERY_PAGE.map((page) => ['answered', page] as const),
	// Steps done, messages, equipment asked for.
	...['/plan', '/messages', '/equipment', '/check-in'].map((page) => ['followed', page] as const)
] as const)
	test(`${who}${path}: valid markup, nothing that axe finds, no sideways scrolling`, async ({
		page,
		links
	}) => {
		const checks = await PageChecks.of(page, 'employee', ['phone', 'laptop']);
		await checks.open(`${links[who]}${path}`);
		expect(checks.faults).toEqual([]);
	});

test('at 400 % zoom nothing scrolls sideways', async ({ page, links }) => {
	// A window 1280 px wide has 320 px then.
	await page.setViewportSize({ width: 320, height: 256 });
	for (const path of ['/hands', '/discomfort', '/plan']) {
		await page.goto(`${links.answered}${path}`);
		const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
		expect(over, path).toBeLessThanOrEqual(0);
	}
});
