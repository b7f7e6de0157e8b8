import { expect, type Page } from '@playwright/test';
import { LANGUAGE_NAMES, TRANSLATED_LANGUAGES } from '../src/lib/messages/languages';
import { answeredLike, EVERY_PAGE, hydrated, deskTest as test } from './support';

/** Words that nearly every English sentence here contains and that none of the other languages has. */
const ENGLISH = /(?<![\p{L}’'-])(?:the|your|you|and|with|is|are|this|what|of|to|please|if)(?![\p{L}’'-])/iu;

/** The texts of a page as the server sends it, without those left in English on purpose. */
function textsIn(html: string): string[] {
	const body = html
		.slice(html.indexOf('<body'))
		.replace(/<(script|style|template)\b[\s\S]*?<\/\1>/g, ' ')
		.replace(/<(\w+)[^>]*\slang="en"[^>]*>[\s\S]*?<\/\1>/g, ' ');
	const attributes = [...body.matchAll(/\s(?:aria-label|placeholder|alt|title)="([^"]*)"/g)].map(
		(m) => m[1] ?? ''
	);
	return [...attributes, ...body.replace(/<[^>]*>/g, '\n').split('\n')]
		.map((text) => text.trim())
		.filter((text) => text !== '');
}

/**
 * Turns a page into a pseudo-language: each word 40 % longer, with accents on its letters, read from right to left. Numbers and drawings
 * stay as they are.
 */
async function pretend(page: Page): Promise<void> {
	await page.evaluate(() => {
		document.documentElement.dir = 'rtl';
		const longer = (text: string) =>
			text.replace(
				/\p{L}{2,}/gu,
				(word) =>
					`${word.replace(/[aeiou]/g, (letter) => `${letter}\u0301`)}${'ö'.repeat(Math.ceil(word.length * 0.4))}`
			);
		const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
		while (texts.nextNode()) {
			const { currentNode } = texts;
			if (!currentNode.parentElement?.closest('svg, script, style, .rail'))
				currentNode.nodeValue = longer(currentNode.nodeValue ?? '');
		}
	});
}

/** Words that don't fit their box, and elements that reach beyond the window. */
async function clippedOn(page: Page): Promise<string[]> {
	return page.evaluate(() => {
		const found: string[] = [];
		const isWide = document.documentElement.scrollWidth > window.innerWidth;
		for (const element of document.body.querySelectorAll<HTMLElement>('*')) {
			if (element.closest('.sr-only, svg, [hidden], input, textarea, select') || element.clientWidth === 0)
				continue;
			const { overflowX, position } = getComputedStyle(element);
			const says = element.textContent?.trim().slice(0, 40) ?? '';
			if (says === '' || position === 'fixed') continue;
			const { left, right } = element.getBoundingClientRect();
			if (isWide && (left < -1 || right > window.innerWidth + 1))
				found.push(`${element.tagName}.${element.className} reaches beyond the window: “${says}”`);
			if ((overflowX === 'hidden' || overflowX === 'clip') && element.scrollWidth > element.clientWidth + 1)
				found.push(`${element.tagName}.${element.className} cuts “${says}”`);
		}
		return found;
	});
}

test('no page of someone who reads another language has English in it', async ({ page, baseURL }) => {
	const { link } = await answeredLike(page, 'Ines Idioma', 'Mirela Oakhanger');
	const english = textsIn(await (await page.request.get(`${link}/plan`)).text()).filter((text) =>
		ENGLISH.test(text)
	);
	expect(english.length).toBeGreaterThan(20);
	for (const language of TRANSLATED_LANGUAGES) {
		const chosen = await page.request.post(`${link}/language`, {
			form: { language, back: link },
			headers: { origin: baseURL ?? '' }
		});
		expect(chosen.ok()).toBe(true);
		for (const path of EVERY_PAGE) {
			const response = await page.request.get(`${link}${path}`);
			const english = textsIn(await response.text()).filter((text) => ENGLISH.test(text));
			expect(english, `${path} in ${LANGUAGE_NAMES[language]}`).toEqual([]);
		}
	}
});

test('words that are longer by two fifths and read from right to left fit every page of a phone', async ({
	page
}) => {
	const { link } = await answeredLike(page, 'Paz Pretendida', 'Mirela Oakhanger');
	await page.setViewportSize({ width: 390, height: 844 });
	for (const path of EVERY_PAGE) {
		await page.goto(`${link}${path}`);
		if (path !== '') await hydrated(page);
		await pretend(page);
		expect(await clippedOn(page), path).toEqual([]);
	}
	// What comes first stands on the right, and the drawing is not mirrored.
	await page.goto(`${link}/hands`);
	await hydrated(page);
	await pretend(page);
	const middle = (name: string) =>
		page.locator(name).evaluate((element) => {
			const { left, right } = element.getBoundingClientRect();
			return (left + right) / 2;
		});
	expect(await middle('#station')).toBeGreaterThan(195);
	expect(
		await page
			.locator('svg')
			.first()
			.evaluate((svg) => getComputedStyle(svg).direction)
	).toBe('ltr');
});
