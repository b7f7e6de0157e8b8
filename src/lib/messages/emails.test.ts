import { describe, expect, it } from 'vitest';
import { REGIONS } from '$lib/core/cases/discomfort/regions';
import { UNSET_ORGANISATION, type Organisation } from '$lib/core/platform/organisation';
import { unknownPlaceholders } from '$lib/core/platform/sending';
import { EMAIL_KINDS, EMPLOYEE_EMAIL_KINDS, isEmployeeEmail } from '$lib/core/platform/sending/email-kinds';
import { fieldsOfText, hasSubject, OWN_TEXT_KINDS } from '$lib/core/platform/sending/own-texts';
import {
	emailButton,
	emailFrame,
	emailTextsFor,
	emailWithFields,
	emailWords,
	ownEmailWords,
	STOPPABLE_KINDS,
	subjectLine
} from './emails';
import { LANGUAGES } from './languages';
import { deskWords } from './desk';
import { CLUMSY } from '../../../tests/support/voice';

const organisation: Organisation = {
	...UNSET_ORGANISATION,
	name: 'Example Works',
	contactName: 'Oriel Example',
	contactRole: 'Coordinator',
	phone: '01632 960000',
	genuinePage: 'https://works.example/genuine',
	address: 'Example Works\n1 Example Lane'
};

const reader = { name: 'Ada Example' };
const details = { until: '30 March', subject: 'Check your desk', minutesLeft: 4 };

describe.each(LANGUAGES)('emails in %s', (language) => {
	const written = EMAIL_KINDS.flatMap((kind) => [
		emailWords(kind, { ...reader, language }, organisation, details),
		emailWords(kind, { ...reader, language })
	]);

	it('greet by name, and leave no field and no blank open', () => {
		for (const { kind, subject, body } of written) {
			expect(body, kind).toContain('Ada Example');
			expect(`${subject}\n${body}`, kind).not.toMatch(/undefined|null|NaN|\{|\}| {2}| [.,;]/);
		}
	});

	it('say on their button what it opens, in words that make sense alone', () => {
		for (const kind of EMAIL_KINDS) expect(emailButton(kind, language).split(' ').length).toBeGreaterThan(1);
		expect(new Set(EMAIL_KINDS.filter(isEmployeeEmail).map((kind) => emailButton(kind, language))).size).toBe(
			8
		);
	});

	it('are in English only where that is the language, from the subject to the small print', () => {
		const english =
			/(?<![\p{L}’'-])(?:the|your|you|and|with|is|are|this|what|of|to|please|if)(?![\p{L}’'-])/iu;
		for (const kind of EMAIL_KINDS) {
			const { subject, body } = emailWords(kind, { ...reader, language }, organisation, details);
			const { belowButton, signature, notes } = emailFrame(
				kind,
				organisation,
				language,
				'https://stop.example'
			);
			const all = [subject, body, emailButton(kind, language), belowButton, ...signature, ...notes]
				.join('\n')
				// The desk is in English, and its button is called as it is there.
				.replace('Forgot your password?', '')
				.replaceAll(details.subject, '');
			expect(english.test(all), kind).toBe(language === 'en');
		}
	});

	it('never use one subject for two kinds', () => {
		const subjects = EMAIL_KINDS.map(
			(kind) => emailWords(kind, { ...reader, language }, organisation, details).subject
		);
		expect(new Set(subjects).size).toBe(EMAIL_KINDS.length);
	});
});

describe('emails', () => {
	it('hold no health data: no place of the body, no sign, no score', () => {
		const words = [
			...REGIONS.map((region) => deskWords.triage.regions[region]),
			...Object.values(deskWords.triage.signs),
			'pain',
			'discomfort'
		];
		for (const kind of EMAIL_KINDS) {
			const { subject, body } = emailWords(kind, reader, organisation, details);
			const text = `${subject}\n${body}`.toLowerCase();
			for (const word of words) expect(text, kind).not.toMatch(new RegExp(`\\b${word}\\b`));
			expect(text).not.toMatch(/\d+ of 10/);
		}
	});

	it('speak of emails and workstations', () => {
		const all = JSON.stringify(
			EMAIL_KINDS.map((kind) => [emailWords(kind, reader, organisation, details), emailButton(kind)])
		).replaceAll('Easy Corner', '');
		expect(all).not.toMatch(/\b(?:letter|corner|post)\b/i);
		expect(all).not.toMatch(CLUMSY);
	});

	it('tell an employee who starts that nothing was entered, and anybody else how long it still takes', () => {
		const body = (minutesLeft: number | null) =>
			emailWords('reminder', reader, organisation, { minutesLeft }).body;
		expect(body(null)).toContain('haven’t started');
		expect(body(1)).toContain('about one more minute.');
		expect(body(6)).toContain('about 6 more minutes.');
		expect(body(6)).toContain('Everything you’ve entered is saved.');
	});

	it('name the organisation once in the subject', () => {
		expect(subjectLine('Check your desk', organisation)).toBe('Example Works: Check your desk');
		expect(subjectLine('Example Works asks', organisation)).toBe('Example Works asks');
		expect(subjectLine('Check your desk', UNSET_ORGANISATION)).toBe('Check your desk');
	});
});

describe('what stands around an email', () => {
	it('says who writes, how to reach them and how to tell that it is genuine', () => {
		for (const kind of EMAIL_KINDS) {
			const { signature, notes } = emailFrame(kind, organisation);
			expect(signature).toEqual([
				'Oriel Example',
				'Coordinator, Example Works',
				'Phone: 01632 960000',
				'Example Works',
				'1 Example Lane'
			]);
			expect(notes).toContain(
				'Is this email genuine? See https://works.example/genuine or call 01632 960000.'
			);
		}
	});

	it('says whether taking part is voluntary, and who sees the answers, just where answers are asked for', () => {
		const asking = EMAIL_KINDS.filter((kind) =>
			emailFrame(kind, organisation).notes.some((note) => note.includes('coordinator role at Example Works'))
		);
		expect(asking).toEqual(['invitation', 'reminder', 'recheck', 'recheck-reminder']);
		const duty = { ...organisation, participation: 'duty', dutyLaw: 'Screen Work Act' } as const;
		expect(emailFrame('invitation', organisation).notes[0]).toBe('Taking part is voluntary.');
		expect(emailFrame('invitation', duty).notes[0]).toContain('(Screen Work Act)');
	});

	it('makes up nothing of an organisation that nobody has set', () => {
		const { signature, notes } = emailFrame('invitation', UNSET_ORGANISATION);
		expect(signature).toEqual([]);
		expect(notes).toEqual([emailTextsFor().footer.product('')]);
	});

	it('offers to stop automatic emails, and nothing else', () => {
		const offered = EMAIL_KINDS.filter((kind) =>
			emailFrame(kind, organisation, 'en', 'https://x.example/c/t/reminders').notes.some((note) =>
				note.includes('/reminders')
			)
		);
		expect(offered).toEqual(EMAIL_KINDS.filter((kind) => STOPPABLE_KINDS.includes(kind)));
	});
});

describe('an email that the organisation words', () => {
	const from = { ...UNSET_ORGANISATION, name: 'Tarn Valley', contactName: 'Ida Marsh' };
	const reader = (language: string) => ({ name: 'Ada {contact}', language });

	it('begins with the words that people get, which come out the same when nothing is changed', () => {
		for (const language of LANGUAGES)
			for (const kind of EMPLOYEE_EMAIL_KINDS) {
				const start = emailWithFields(kind, language);
				const details = { subject: 'A look', minutesLeft: null };
				expect(unknownPlaceholders(`${start.subject} ${start.body}`, fieldsOfText(kind))).toEqual([]);
				expect(ownEmailWords(kind, reader(language), start, from, details)).toEqual(
					emailWords(kind, reader(language), from, details)
				);
			}
	});

	it('fills its fields once, with words of its language for what isn’t set, and keeps other braces', () => {
		const own = {
			subject: '{minutes} of {subject}',
			body: '{name}, {organisation}, {contact}, {x}, {constructor}'
		};
		expect(
			ownEmailWords('reminder', reader('en'), own, from, { subject: 'A look', minutesLeft: 3 })
		).toMatchObject({
			subject: '3 of A look',
			body: 'Ada {contact}, Tarn Valley, Ida Marsh, {x}, {constructor}'
		});
		const unset = ownEmailWords('message', reader('de'), own, UNSET_ORGANISATION);
		expect(unset.body).toContain(emailTextsFor('de').round.unknownOrganisation);
	});

	it('is an email to an employee or a reply, never one about an account, a clinician or a warning sign', () => {
		expect(OWN_TEXT_KINDS.filter((kind) => hasSubject(kind))).toEqual([...EMPLOYEE_EMAIL_KINDS, 'round']);
		for (const sign of [
			'emergency-sign',
			'urgent-sign',
			'professional-sign',
			'reported-weakness',
			'reported-tingling'
		])
			expect(OWN_TEXT_KINDS).not.toContain(`reply-${sign}`);
	});
});
