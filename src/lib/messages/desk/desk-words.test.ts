import { countryWords } from '../reader-formats';
import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { MOST_COUNTED } from '$lib/core/cases/day-sheet';
import { RED_FLAGS } from '$lib/core/cases/discomfort/red-flags';
import { REPLY_KINDS, REPLY_REASONS } from '$lib/core/platform/sending/own-texts';
import { TRIAGE_LEVELS } from '$lib/core/cases/triage/policy';
import { SHIPPED_SETTINGS } from '$lib/core/cases/triage/policy-settings';
import type { TriageReason } from '$lib/core/cases/case-assessment/assessment-result';
import { dayWords, momentWords } from '../dates';
import {
	DESK_LANGUAGES,
	deskLanguageOf,
	ENGLISH_READER,
	findDeskReaderBy,
	type DeskReader
} from '../desk-language';
import { errorText } from '../error-text';
import { actSentence } from './act-sentence';
import { detailWords } from './audit-details';
import { deskTexts as german } from './de/index';
import { deskTexts as english } from './en/index';
import { helpSentence, timesSentence } from './help-words';
import { deskCatalogue, deskWords, loadDeskLanguage } from './index';
import { leftOutWords } from './left-out-words';
import { recordActWords } from './record-words';
import { replyWithFields, replyWords } from './reply-words';
import { hazardWords, reasonWords, regionScoreWords, regionWithin, signWords } from './triage-words';
import { between, groupWords, money, pValueText, peopleWords, signedNumber } from './workforce-words';

const reads = (reader: Partial<DeskReader>) => findDeskReaderBy(() => ({ ...ENGLISH_READER, ...reader }));

beforeAll(() => Promise.all(DESK_LANGUAGES.map(loadDeskLanguage)).then(() => undefined));
afterEach(() => reads({}));

/** Names of all texts in a catalogue, at any depth. */
const keysOf = (value: unknown, path = ''): string[] =>
	value !== null && typeof value === 'object' && !Array.isArray(value)
		? Object.entries(value).flatMap(([key, one]) => keysOf(one, `${path}.${key}`))
		: [path];

describe('the language of the desk', () => {
	it('is the nearest that the desk has; English otherwise', () => {
		expect(['de', 'de-AT', 'DE', 'en-US', 'fr', ''].map(deskLanguageOf)).toEqual([
			'de',
			'de',
			'de',
			'en',
			'en',
			'en'
		]);
	});

	it('has every text: none is missing, and none is left from an older version', () => {
		expect(keysOf(german).sort()).toEqual(keysOf(english).sort());
		expect(keysOf(english).length).toBeGreaterThan(1200);
	});

	it('is looked up when a text is read, not when a module is loaded', () => {
		const label = () => deskWords.frame.people;
		expect(label()).toBe('People');
		reads({ language: 'de' });
		expect(label()).toBe('Personen');
		expect(deskCatalogue().locale).toBe('de');
		reads({ language: 'en' });
		expect(label()).toBe('People');
	});

	it('is also that of dates, numbers, money, countries and refusals', () => {
		const noon = '2026-03-05T12:00:00Z';
		const said = () => [
			dayWords('2026-03-05'),
			momentWords(noon, 'UTC'),
			money(12990, 'EUR').replaceAll(/\s/g, ' '),
			between({ low: 0.412, high: 0.588 }),
			peopleWords(1234),
			signedNumber(-1.25),
			pValueText(0.0421),
			pValueText(0.00004),
			countryWords('AT'),
			groupWords('country', '', {}),
			errorText('noPerson')
		];
		expect(said()).toEqual([
			'5 March 2026',
			'5 Mar 2026, 12:00',
			'€129.90',
			'41% to 59%',
			'1,234 people',
			'−1.3',
			'0.042',
			'less than 0.001',
			'Austria',
			'Unknown country',
			'We can’t find this person. Their data may have been deleted.'
		]);
		reads({ language: 'de' });
		expect(said()).toEqual([
			'5. März 2026',
			'05.03.2026, 12:00',
			'129,90 €',
			'41 % bis 59 %',
			'1.234 Personen',
			'−1,3',
			'0,042',
			'kleiner als 0,001',
			'Österreich',
			'Land unbekannt',
			'Wir finden diese Person nicht. Vielleicht wurden ihre Daten gelöscht.'
		]);
	});
});

describe.each(DESK_LANGUAGES)('the sentences of the desk in %s', (language) => {
	const regions = [
		{ region: 'neck', side: null, worst: 5, days: 7 },
		{ region: 'shoulder', side: 'left', worst: 4, days: 3 }
	];
	const grounds = {
		evidence: Object.fromEntries(Object.keys(english.triage.reasons).map((code) => [code, regions])),
		unclosable: [{ check: 'elbow', side: 'low' }]
	} as unknown as Parameters<typeof reasonWords>[1];

	it('say why a case is where it is, for every kind of reason', () => {
		reads({ language });
		const codes = Object.keys(english.triage.reasons) as TriageReason['code'][];
		const said = codes.map((code) =>
			reasonWords(
				{ code, sign: 'chest-pain', finding: 'chained-strips', what: 'message' } as TriageReason,
				grounds
			)
		);
		expect(new Set(said).size).toBe(codes.length);
		for (const words of said) {
			expect(words).toMatch(/^\p{Lu}/u);
			expect(words).not.toMatch(/undefined|null|\[object/);
		}
		expect(reasonWords({ code: 'moderate' } as TriageReason, grounds)).toBe(
			language === 'en'
				? 'Neck 5 of 10, every day and left shoulder 4 of 10, 3 of 7 days'
				: 'Nacken 5 von 10, jeden Tag und Schulter links 4 von 10, an 3 von 7 Tagen'
		);
	});

	it('name every level, with its rule in whole sentences', () => {
		reads({ language });
		const names = TRIAGE_LEVELS.map((level) => deskWords.triage.levels[level].name);
		expect(new Set(names).size).toBe(names.length);
		for (const level of TRIAGE_LEVELS)
			expect(deskWords.triage.levels[level].rule(SHIPPED_SETTINGS)).toMatch(/\.$/);
	});

	it('agree in number', () => {
		reads({ language });
		const { sheet, waitingEmails, people } = deskWords;
		for (const text of [
			sheet.held,
			sheet.bounced,
			sheet.rejudging,
			sheet.onTheWay,
			waitingEmails.release,
			waitingEmails.cancelled,
			waitingEmails.undeliveredHeading,
			people.problemsInFile
		]) {
			const [one, many] = [text(1), text(3)];
			expect(many).toContain('3');
			expect(one.replaceAll(/\d/g, '')).not.toBe(many.replaceAll(/\d/g, ''));
		}
		// Counted up to a point, also where a sentence begins with the number.
		const refused = (n: number) => sheet.refusedEmails({ n, words: '' });
		for (const text of [sheet.held, refused, sheet.bounced, sheet.rejudging, sheet.onTheWay]) {
			expect(text(MOST_COUNTED + 1)).toMatch(/more than 1,000|mehr als 1\.000/i);
			expect(text(MOST_COUNTED + 1)).toMatch(/^\p{Lu}/u);
		}
		expect(sheet.summary({ total: 0, toAcknowledge: 0, waiting: 0 })).not.toMatch(/\d/);
		expect(actSentence({ settled: { settled: ['a', 'b'], leftOut: ['c'] } })).toContain('2');
		expect(actSentence({ undone: true })).toBe(sheet.undone);
		expect(actSentence({})).toBe('');
	});

	it('say what is in the audit log in words, and keep a code that they don’t know', () => {
		reads({ language });
		expect(recordActWords('case-read')).not.toBe('case-read');
		expect(recordActWords('an-act-of-later')).toBe('an-act-of-later');
		expect(recordActWords('toString')).toBe('toString');
		const said = detailWords({
			list: 'people',
			due: '2026-03-05',
			kind: 'check-in',
			purchase: 'chair',
			to: 'approved',
			role: 'reader',
			language: 'fr',
			unknown: 'code-1',
			why: ''
		});
		expect(said).toHaveLength(8);
		expect(said.join(' ')).not.toMatch(/2026-03-05|check-in(?!\w)\b.*kind|\bpurchase\b|\breader\b/);
		expect(said).toContain('unknown: code-1');
		expect(said.some((words) => words.includes('Français'))).toBe(true);
	});

	it('say that too few have reported, rather than a number', () => {
		reads({ language });
		expect(helpSentence([])).toBe(deskWords.effect.tooFew);
		expect(timesSentence({ act: null, fix: null })).toBe(deskWords.effect.noTimes);
	});

	it('name five of those who are left out, and count the rest', () => {
		reads({ language });
		const names = ['Ada', 'Bo', 'Cy', 'Di', 'Ed', 'Flo', 'Gus'];
		const words = leftOutWords({ why: 'grave', n: 7, names });
		expect(words).toContain('Ed');
		expect(words).not.toContain('Flo');
		expect(words).toContain('2');
		expect(leftOutWords({ why: 'grave', n: 2, names: ['Ada', 'Bo'] })).not.toMatch(/\d/);
	});

	it('offer a reply that asks nobody with an emergency to move anything', () => {
		reads({ language });
		const assessmentResult = {
			reasons: [{ code: 'emergency-sign', sign: 'chest-pain' }],
			evidence: {},
			worsts: [],
			plan: null
		} as unknown as Parameters<typeof replyWords>[1];
		const words = replyWords('Ada Example', assessmentResult);
		expect(words).toContain('Ada');
		expect(words).not.toContain('Example');
		expect(words).toMatch(
			language === 'en' ? /leave your desk as it is/ : /lassen Sie Ihren Arbeitsplatz, wie er ist/
		);
		expect(replyWords('Ada Example', null)).toBe('');
	});

	it('offer a reply in the organisation’s words for the person’s language, and never to a warning sign', () => {
		reads({ language });
		const judged = (code: string, what?: string) =>
			({
				reasons: [{ code, ...(what && { what }) }],
				evidence: {},
				worsts: [],
				plan: null
			}) as unknown as Parameters<typeof replyWords>[1];
		const own = Object.fromEntries(REPLY_KINDS.map((kind) => [kind, `Salut {name} (${kind})`]));
		const reader = { language: 'fr', own };
		for (const kind of REPLY_REASONS)
			expect(replyWords('Ada Example', judged(kind), reader)).toBe(`Salut Ada (${kind})`);
		expect(replyWords('Ada Example', judged('request', 'silent'), reader)).toBe('Salut Ada (silent)');
		for (const sign of ['emergency-sign', 'urgent-sign', 'professional-sign', 'reported-weakness'])
			expect(replyWords('Ada Example', judged(sign), reader)).not.toContain('Salut');
		// In the person's language, whatever the writer reads; in English where there is no reply in it.
		const unworded = (of: string) => replyWords('Ada Example', judged('stuck'), { language: of, own: {} });
		expect(unworded('de')).toBe(german.replies.reasons.stuck?.('Ada', {} as never));
		expect(unworded('es')).toBe(english.replies.reasons.stuck?.('Ada', {} as never));
		for (const kind of REPLY_KINDS) expect(replyWithFields(kind, language)).toContain('{name}');
	});

	it('name a hazard that the organisation has added, and say what it is where it has no name', () => {
		reads({ language, ownNames: { 'own-safety-1-safety': 'A shelf above' } });
		expect(hazardWords('own-safety-1-safety')).toContain('A shelf above');
		expect(hazardWords('own-safety-2-safety')).toBe((language === 'en' ? english : german).triage.ownHazard);
		expect(hazardWords('own-light-1')).toBeNull();
		expect(hazardWords('stack-wobbles')).not.toContain('stack-wobbles');
	});
});

describe('a warning sign on the desk', () => {
	it('has the English words beside a translation that nobody has confirmed', () => {
		for (const sign of RED_FLAGS) {
			reads({ language: 'de', areSignsReviewed: false });
			expect(signWords(sign)).toContain(english.triage.signs[sign]);
			expect(signWords(sign)).toContain(german.triage.signs[sign]);
			reads({ language: 'de', areSignsReviewed: true });
			expect(signWords(sign)).toBe(german.triage.signs[sign]);
			reads({});
			expect(signWords(sign)).toBe(english.triage.signs[sign]);
		}
	});

	it('has its side where it has one', () => {
		const report = { region: 'shoulder', side: 'both', worst: 3, days: 1 } as const;
		expect(regionWithin(report)).toBe('shoulder, both sides');
		reads({ language: 'de' });
		expect(regionWithin(report)).toBe('Schulter, beide Seiten');
		expect(regionScoreWords(report as unknown as Parameters<typeof regionScoreWords>[0])).toBe(
			'Schulter, beide Seiten 3 von 10, an 1 von 7 Tagen'
		);
	});
});
