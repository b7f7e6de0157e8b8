import { expect } from '@playwright/test';
import { LANGUAGE_NAMES, TRANSLATED_LANGUAGES } from '../src/lib/messages/languages';
import { clippedOn, pretend } from './pseudo-language';
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
