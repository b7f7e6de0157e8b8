import { describe, expect, it } from 'vitest';
import { REGIONS, type RegionReport } from '$lib/core/discomfort';
import { DEFAULT_POLICY, LEVELS, type Reason } from '$lib/core/triage';
import { messagesFor } from './index';
import {
	accountLetter,
	filledText,
	invitationLetter,
	messageLetter,
	reminderLetter,
	ROUND_FIELDS
} from './letters';
import { replyEn } from './replies-en';
import { levelEn, reasonEn, regionsEn, signsEn } from './triage-en';

const report: RegionReport = {
	region: 'shoulder',
	side: 'right',
	worst: 6,
	days: 4,
	hinders: 'a-little',
	kinds: ['ache']
};

/** A reason of every kind. */
const REASONS: readonly Reason[] = [
	{ code: 'emergency-sign', level: 'now', sign: 'chest-pain' },
	{ code: 'professional-sign', level: 'clinician', sign: 'wakes-at-night' },
	{ code: 'severe', level: 'clinician', report: { ...report, worst: 8 } },
	{ code: 'not-better', level: 'clinician', first: 6, now: 6 },
	{ code: 'moderate', level: 'soon', report },
	{ code: 'hinders-much', level: 'soon', report: { ...report, side: 'both', hinders: 'much' } },
	{ code: 'unclosable', level: 'soon', finding: 'keys-too-high', region: 'shoulder' },
	{ code: 'request', level: 'help', request: 'question' },
	{ code: 'open-plan', level: 'home' },
	{ code: 'nothing-open', level: 'settled' }
];

describe('letters', () => {
	const t = messagesFor('en');
	const letters = [
		invitationLetter({ name: 'Ada Example', expiresAt: new Date('2026-03-30T12:00:00Z') }),
		messageLetter({ name: 'Ada Example' }),
		reminderLetter({ name: 'Ada Example', subject: t.letter.subject }),
		accountLetter({ name: 'Ada Example', kind: 'invitation' }),
		accountLetter({ name: 'Ada Example', kind: 'reset' })
	];

	it('hold no health data: no place of the body, no sign, no score', () => {
		const words = [
			...REGIONS.map((region) => regionsEn[region]),
			...Object.values(signsEn),
			'pain',
			'discomfort'
		];
		for (const { subject, body } of letters) {
			const text = `${subject}\n${body}`.toLowerCase();
			for (const word of words) expect(text).not.toMatch(new RegExp(`\\b${word}\\b`));
			expect(text).not.toMatch(/\d+ of 10/);
		}
	});

	it('greet by name and leave no field open', () => {
		for (const { subject, body } of letters) {
			expect(body).toContain('Ada Example');
			expect(`${subject}${body}`).not.toMatch(/undefined|\{|\}/);
		}
	});

	it('say until when the link works, in the day order of the language', () => {
		expect(letters[0]?.body).toContain('30 March 2026');
	});
});

describe('filledText', () => {
	const fields = { name: 'Ada', until: '30 March' };

	it('fills every field, as often as it stands there, and leaves what is none', () => {
		expect(filledText('{name}, {name}: until {until} {else} {NAME}', fields)).toBe(
			'Ada, Ada: until 30 March {else} {NAME}'
		);
		expect(filledText(ROUND_FIELDS.join(' '), fields)).toBe('Ada 30 March');
	});

	it('takes a name as it is, whatever stands in it', () => {
		for (const name of ['{until}', 'A$&B', '$1', '$$', 'back\\slash'])
			expect(filledText('Hello {name}.', { ...fields, name })).toBe(`Hello ${name}.`);
	});
});

describe('the reply that is offered', () => {
	it('fits the first reason and speaks to the person by the first name', () => {
		const replies = REASONS.map((reason) => replyEn('Ada Example', [reason, ...REASONS]));
		for (const reply of replies) {
			expect(reply).toMatch(/^Hello Ada, /);
			expect(reply).not.toMatch(/undefined|Example/);
		}
		expect(new Set(replies).size).toBe(REASONS.length);
		expect(replyEn('Ada Example', [])).toBe(replies.at(-1));
		expect(replies[4]).toContain('Your shoulder should have it easier');
	});

	it('sends nobody to the table who should see a clinician first, and to the phone whom it is urgent for', () => {
		const of = (code: Reason['code']) =>
			replyEn(
				'Ada',
				REASONS.filter((reason) => reason.code === code)
			);
		expect(of('emergency-sign')).toContain('call your emergency number');
		for (const code of ['professional-sign', 'severe', 'not-better'] as const)
			expect(of(code)).toContain('clinician');
	});
});

describe('the words of the triage', () => {
	it('has words for every reason, with side and score where they are told', () => {
		const words = REASONS.map(reasonEn);
		expect(new Set(words).size).toBe(REASONS.length);
		for (const text of words) expect(text).not.toMatch(/undefined|NaN/);
		expect(words[4]).toBe('right shoulder at 6 of 10');
		expect(words[5]).toBe('shoulder, both sides hinders work much');
	});

	it('tells the rules by the numbers that decide', () => {
		const { clinicianFrom, soonFrom, notBetter, workingDaysToAct } = DEFAULT_POLICY;
		expect(levelEn.clinician.rule).toContain(`a score of ${clinicianFrom} or more`);
		expect(levelEn.clinician.rule).toContain(`${notBetter.days} days after the plan`);
		expect(levelEn.soon.rule).toContain(`a score of ${soonFrom} to ${clinicianFrom - 1}`);
		for (const level of LEVELS) {
			const days = workingDaysToAct[level];
			if (days) expect(levelEn[level].rule).toContain(`Within ${days} working days.`);
			else expect(levelEn[level].rule).not.toContain('Within');
		}
	});
});
