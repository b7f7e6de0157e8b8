import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { dayWords, momentWords, timeWords } from './dates';
import { loadDeskLanguage } from './desk';
import { ENGLISH_READER, findDeskReaderBy } from './desk-language';
import { countryWords, formatOf, languageWords, readersDateLocale } from './reader-formats';

const readGerman = () => findDeskReaderBy(() => ({ language: 'de', areSignsReviewed: true, ownNames: {} }));

beforeAll(() => loadDeskLanguage('de'));
afterEach(() => findDeskReaderBy(() => ENGLISH_READER));

describe('a format', () => {
	it('is made once for each language, at its first use', () => {
		const asked: string[] = [];
		const make = (locale: string) => {
			asked.push(locale);
			return { locale };
		};
		expect(formatOf('once', make)).toBe(formatOf('once', make));
		readGerman();
		expect(formatOf('once', make)).toEqual({ locale: 'de' });
		formatOf('once', make);
		formatOf('once', make, 'fr');
		expect(asked).toEqual(['en-GB', 'de', 'fr']);
		expect(formatOf('another', make)).not.toBe(formatOf('once', make));
	});
});

describe('the reader’s words', () => {
	it('for days, in every style, also after someone else has read', () => {
		const said = () =>
			(['today', 'weekday', 'long', 'medium', 'short', 'month', 'long-month', 'day-name'] as const).map(
				(style) => dayWords('2026-03-29', style)
			);
		const english = [
			'Sunday 29 March',
			'Sun 29 Mar',
			'29 March 2026',
			'29 Mar 2026',
			'29 Mar',
			'Mar 2026',
			'March 2026',
			'Sun'
		];
		expect(said().map((words) => words.replace(',', ''))).toEqual(english);
		readGerman();
		expect(said()).toEqual([
			'Sonntag, 29. März',
			'So., 29. März',
			'29. März 2026',
			'29. März 2026',
			'29. März',
			'März 2026',
			'März 2026',
			'So'
		]);
		findDeskReaderBy(() => ENGLISH_READER);
		expect(said().map((words) => words.replace(',', ''))).toEqual(english);
	});

	it('for a moment, in the time zone that is meant and not that of the machine', () => {
		const at = '2026-03-28T23:30:00Z';
		expect(momentWords(at, 'UTC')).toBe('28 Mar 2026, 23:30');
		expect(momentWords(at, 'Europe/Lisbon')).toBe('28 Mar 2026, 23:30');
		expect(momentWords(at, 'Asia/Tokyo')).toBe('29 Mar 2026, 08:30');
		expect(momentWords(at, 'UTC', 'fr')).toBe('28 mars 2026, 23:30');
		expect(timeWords(at, 'Asia/Tokyo')).toBe('08:30');
	});

	it('for countries and languages; a code that is none stays as it is', () => {
		expect([countryWords('AT'), languageWords('fr')]).toEqual(['Austria', 'French']);
		readGerman();
		expect([countryWords('AT'), languageWords('fr')]).toEqual(['Österreich', 'Französisch']);
		expect(readersDateLocale()).toBe('de');
		for (const code of ['', 'X', 'no country', '??']) expect(countryWords(code)).toBe(code);
	});
});
