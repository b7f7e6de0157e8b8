import type { Page } from '@playwright/test';

/**
 * Turns a page into a pseudo-language: each word 40 % longer, with accents on its letters, read from right to left. Numbers, names and
 * drawings stay as they are.
 */
export async function pretend(page: Page): Promise<void> {
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
			if (!currentNode.parentElement?.closest('svg, script, style, .rail, [translate="no"]'))
				currentNode.nodeValue = longer(currentNode.nodeValue ?? '');
		}
	});
}

/** Words that don't fit their box, and elements that reach beyond the window. */
export async function clippedOn(page: Page): Promise<string[]> {
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
			// A line that is cut on purpose says the whole of it in its title, and to screen readers.
			if (element.closest('[title]')) continue;
			if ((overflowX === 'hidden' || overflowX === 'clip') && element.scrollWidth > element.clientWidth + 1)
				found.push(`${element.tagName}.${element.className} cuts “${says}”`);
		}
		return found;
	});
}
