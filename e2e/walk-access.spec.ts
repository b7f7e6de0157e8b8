import { expect, test, type Page } from '@playwright/test';
import { EVERY_PAGE, hydrated, linkOf } from './support';

/** Waits for scripts, except on the first page, which has none. */
const ready = (page: Page, path: string) => (path === '' ? Promise.resolve() : hydrated(page));

/** Smallest side of anything tapped, px. WCAG 2.2, 2.5.5 (AAA) asks for it. */
const LEAST_PX = 44;

/**
 * What is smaller than a thumb. A radio button or checkbox is as large as its label; a link within a sentence is as high as the line (WCAG
 * 2.2, 2.5.8, the exception for inline targets).
 */
async function smallTargets(page: Page): Promise<string[]> {
	return page.evaluate((least) => {
		const found: string[] = [];
		const all = document.querySelectorAll<HTMLElement>(
			'a[href], button, input, select, textarea, summary, [role=slider]'
		);
		for (const element of all) {
			const isHidden = element.matches('.sr-only, .sr-only *, [type=hidden], [tabindex="-1"], .skip');
			if (isHidden || !element.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
			const inSentence =
				element.matches('a') &&
				getComputedStyle(element).display === 'inline' &&
				[...(element.parentElement?.childNodes ?? [])].some(
					(node) => node.nodeType === Node.TEXT_NODE && (node.textContent ?? '').trim() !== ''
				);
			if (inSentence) continue;
			const target = element.matches('input[type=radio], input[type=checkbox]')
				? (element.closest('label') ?? element)
				: element;
			const { width, height } = target.getBoundingClientRect();
			if (width === 0 && height === 0) continue;
			if (Math.min(width, height) < least - 0.5)
				found.push(`${Math.round(width)}x${Math.round(height)} ${element.outerHTML.slice(0, 120)}`);
		}
		return found;
	}, LEAST_PX);
}

const overflow = (page: Page) =>
	page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

test('everything that is tapped is as large as a thumb, and the largest text fits a window of 320 px', async ({
	page,
	browser
}) => {
	const link = await linkOf(page, 'Mirela Oakhanger');
	const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
	const phone = await context.newPage();
	const small: string[] = [];
	for (const path of EVERY_PAGE) {
		await phone.goto(`${link}${path}`);
		await ready(phone, path);
		small.push(...(await smallTargets(phone)).map((target) => `${path} ${target}`));
	}
	expect(small).toEqual([]);
	await phone.getByRole('button', { name: 'larger' }).click();
	await phone.setViewportSize({ width: 320, height: 568 });
	for (const path of EVERY_PAGE) {
		await phone.goto(`${link}${path}`);
		await ready(phone, path);
		await expect(phone.locator('html')).toHaveAttribute('data-text', 'larger');
		expect(await overflow(phone), path).toBeLessThanOrEqual(0);
	}
	await context.close();
});

/** A browser that identifies itself as a phone's: the server then sends drawings at the size a phone shows. */
const PHONE = { viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true, userAgent: 'Mobile' };

/** Adds up how far the page's content shifts by itself: 0 is not at all, 0.1 is noticeable. */
const WATCH = `
	window.moved = 0;
	new PerformanceObserver((list) => {
		for (const entry of list.getEntries()) if (!entry.hadRecentInput) window.moved += entry.value;
	}).observe({ type: 'layout-shift', buffered: true });`;

test('nothing moves as scripts take a page over on a phone; a drawing that need not change stays as it came until it has to', async ({
	page,
	browser
}) => {
	const link = await linkOf(page, 'Mirela Oakhanger');
	const context = await browser.newContext(PHONE);
	await context.addInitScript(WATCH);
	const phone = await context.newPage();
	for (const path of ['/discomfort', '/house', '/plan', '/hands?at=sittingElbow']) {
		await phone.goto(`${link}${path}`);
		await hydrated(phone);
		expect(await phone.evaluate<number>('window.moved'), path).toBeLessThan(0.01);
	}
	const drawing = phone.locator('.drawing svg').first();
	await drawing.evaluate((svg) => svg.setAttribute('data-came', 'from the server'));
	const field = phone.locator('#sittingElbow');
	const typed = (await field.inputValue()) === '23.1' ? '23.2' : '23.1';
	await expect(drawing).toHaveAttribute('data-came', 'from the server');
	await field.fill(typed);
	await expect(phone.locator('.drawing .asked text')).toHaveText(`${typed} cm`);
	await expect(drawing).not.toHaveAttribute('data-came');
	await context.close();
});
