import { beforeAll, describe, expect, it } from 'vitest';
import { errorText } from './error-text';
import { emailTextsFor } from './emails';
import { messagesFor } from './index';
import { loadLanguage } from './language-packs';
import { LANGUAGES, languageOf, LOCALES, LOCALE_NAMES, localeOf } from './languages';
import { stopTextsFor } from './stop';

beforeAll(() => Promise.all(LOCALES.map(loadLanguage)).then(() => undefined));

describe('the choice that a tag means', () => {
	it.each([
		['en-US', 'en-US'],
		['EN-us', 'en-US'],
		['en-GB', 'en'],
		['en', 'en'],
		['de-AT', 'de'],
		['fr-CA', 'fr'],
		['pt', 'en'],
		['', 'en'],
		['not a tag', 'en']
	] as const)('%s is %s', (tag, locale) => expect(localeOf(tag)).toBe(locale));

	it('is a language, or a country’s way of writing it', () => {
		for (const locale of LOCALES) {
			expect(LANGUAGES).toContain(languageOf(locale));
			expect(localeOf(locale)).toBe(locale);
			expect(messagesFor(locale).locale).toBe(locale);
		}
		expect(new Set(Object.values(LOCALE_NAMES)).size).toBe(LOCALES.length);
	});
});

describe('American English', () => {
	it('has the English texts, with dates, times and numbers of its own', () => {
		const [british, american] = [messagesFor('en'), messagesFor('en-US')];
		expect(american.first.signs).toBe(british.first.signs);
		expect(stopTextsFor('en-US')).toBe(stopTextsFor('en'));
		expect(emailTextsFor('en-US')).toBe(emailTextsFor('en'));
		expect(errorText('noPerson', 'en-US')).toBe(errorText('noPerson', 'en'));
		const afternoon = new Date('2026-11-29T15:04:00Z');
		expect(british.dates.day(afternoon)).toBe('29 November 2026');
		expect(american.dates.day(afternoon)).toBe('November 29, 2026');
		expect(british.dates.minutes(904)).toBe('15:04');
		expect(american.dates.minutes(904)).toBe('3:04 PM');
		expect(american.dates.minutes(0)).toBe('12:00 AM');
		expect(american.dates.minutes(720)).toBe('12:00 PM');
		expect(new Intl.DateTimeFormat(american.dateLocale, { timeZone: 'UTC' }).format(afternoon)).toBe(
			'11/29/2026'
		);
	});
});
