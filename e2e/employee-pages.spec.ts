import { expect, test } from '@playwright/test';
import { PageChecks } from './page-checks';
import { EVERY_PAGE, answeredLike, linkOf, sendTo } from './support';

test('every page of an employee: valid markup, nothing that axe finds, also in forced colours, no sideways scrolling', async ({
	page
}) => {
	const checks = await PageChecks.of(page, 'employee', ['phone', 'laptop']);
	await checks.open((await sendTo(page, 'Marka Freshworth')).link);
	const { link } = await answeredLike(page, 'Marka Upworth', 'Mirela Oakhanger');
	for (const path of EVERY_PAGE) await checks.open(`${link}${path}`);
	// Someone of the demo, whose plan is followed: steps done, messages, equipment asked for.
	const followed = await linkOf(page, 'Mirela Oakhanger');
	for (const path of ['/plan', '/messages', '/equipment', '/check-in'])
		await checks.open(`${followed}${path}`);
	expect(checks.faults).toEqual([]);
	// At 400 % zoom a window 1280 px wide has 320 px.
	await page.setViewportSize({ width: 320, height: 256 });
	for (const path of ['/hands', '/discomfort', '/plan']) {
		await page.goto(`${link}${path}`);
		const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
		expect(over, path).toBeLessThanOrEqual(0);
	}
});
