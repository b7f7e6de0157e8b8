import { expect, test, type Page } from '@playwright/test';
import { EVERY_PAGE, hydrated, linkOf } from './support';

/** Waits for scripts, but on the first page, which has none. */
const ready = (page: Page, path: string) => (path === '' ? Promise.resolve() : hydrated(page));

/** Least side of what is tapped, px. WCAG 2.2, 2.5.5 (AAA) asks for it. */
const LEAST_PX = 44;

/**
 * What is smaller than a thumb. A radio button or a box is as large as its label; a link within a sentence is as high as the sentence (WCAG
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
