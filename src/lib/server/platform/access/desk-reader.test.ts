import { describe, expect, it } from 'vitest';
import { deskLocale } from '../../../messages/desk-language';
import { acceptedLanguage, forReader } from './desk-reader';

describe('the language that a browser asks for', () => {
	it.each([
		['de-AT,de;q=0.9,en;q=0.8', 'de'],
		['en-GB,en;q=0.9,de;q=0.8', 'en'],
		['fr-FR,fr;q=0.9,de;q=0.5', 'de'],
		['en;q=0.2, de;q=0.7', 'de'],
		['de;q=0', 'en'],
		['fr, es', 'en'],
		['*', 'en'],
		['', 'en'],
		[';;;,,q=', 'en'],
		[null, 'en']
	] as const)('%s is answered in %s', (accepted, language) => {
		expect(acceptedLanguage(accepted)).toBe(language);
	});
});

describe('the reader of a request', () => {
	it('is the request’s own, whatever is answered beside it, and English outside of any', async () => {
		const ask = (language: 'en' | 'de') =>
			forReader({ language, areSignsReviewed: true, ownNames: {} }, async () => {
				const seen = [deskLocale()];
				for (let i = 0; i < 5; i += 1) {
					await new Promise((resolve) => setImmediate(resolve));
					seen.push(deskLocale());
				}
				return seen;
			});
		const all = await Promise.all(Array.from({ length: 40 }, (_, i) => ask(i % 2 === 0 ? 'de' : 'en')));
		all.forEach((seen, i) => expect(new Set(seen)).toEqual(new Set([i % 2 === 0 ? 'de' : 'en'])));
		expect(deskLocale()).toBe('en');
	});
});
