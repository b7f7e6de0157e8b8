import { beforeAll, describe, expect, it } from 'vitest';
import { REGIONS } from '$lib/core/cases/discomfort/regions';
import { causeSentences } from './en/questionnaire/findings';
import { messagesFor } from './index';
import { LOCALES } from './languages';
import { loadLanguage } from './language-packs';
import { regionWithin, regionWords } from './region-words';

beforeAll(() => Promise.all(LOCALES.map(loadLanguage)).then(() => undefined));

describe('a body region within a sentence', () => {
	it('is written as the language has it there: small but in German, with its side', () => {
		for (const locale of LOCALES) {
			const t = messagesFor(locale);
			for (const region of REGIONS) {
				const label = regionWords({ region, side: 'right' }, t);
				const within = regionWithin({ region, side: 'right' }, t);
				expect(within.toLowerCase()).toBe(label.toLowerCase());
				const isSmall = within.charAt(0) === within.charAt(0).toLowerCase();
				expect(isSmall, `${locale} ${within}`).toBe(!locale.startsWith('de'));
			}
		}
	});

	it('reads on in the sentence that says why a problem comes first', () => {
		const t = messagesFor('en');
		const neck = regionWithin({ region: 'neck', side: null }, t);
		expect(causeSentences.neck(neck)).toMatch(/^First, because of your neck: /);
		const shoulder = regionWithin({ region: 'shoulder', side: 'right' }, t);
		expect(causeSentences['pointing-arm'](shoulder)).toContain('(shoulder, right)');
	});
});
