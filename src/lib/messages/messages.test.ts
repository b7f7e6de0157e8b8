import { describe, expect, it } from 'vitest';
import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
import type { RegionReport } from '$lib/core/cases/discomfort/report';
import { REASON_CODES } from '$lib/core/cases/case-assessment/vocabulary';
import type { AssessmentResult, TriageReason } from '$lib/core/cases/case-assessment/assessment-result';
import { policyFrom, SHIPPED_SETTINGS, type PolicySettings } from '$lib/core/cases/triage/policy-settings';
import { TRIAGE_LEVELS, type TriageLevel } from '$lib/core/cases/triage/policy';
import { filledText, ROUND_FIELDS } from './emails';
import { replyWords } from './desk/reply-words';
import { reasonWords } from './desk/triage-words';
import { deskWords } from './desk';

const report: RegionReport = {
	region: 'shoulder',
	side: 'right',
	worst: 6,
	days: 4,
	hinders: 'a-little',
	kinds: ['ache']
};

const on = '2026-03-02' as CivilDate;
const hurts: RegionReport = { ...report, side: 'both', hinders: 'much' };

/** What the reasons below are based on. */
const grounds: AssessmentResult = {
	format: 'easy-corner.judgement/2',
	level: 'emergency',
	reasons: [],
	actions: [],
	findings: [],
	carriedOut: null,
	actBy: null,
	checkIn: null,
	recheck: null,
	first: [],
	standing: [],
	versions: { core: 'x', checklist: 1, policy: 1 },
	evidence: {
		'reported-weakness': [{ ...report, kinds: ['weakness'] }],
		'reported-tingling': [{ ...report, kinds: ['tingling-or-numbness'], days: 7 }],
		severe: [{ ...report, worst: 8 }],
		'not-better': [report],
		moderate: [report],
		'hinders-much': [hurts],
		'back-again': [report],
		unclosable: [report]
	},
	unclosable: [{ check: 'elbow', side: 'low' }],
	worsts: [{ on, worst: 6 }],
	plan: { on, of: 3, done: 0, carriedOut: null, remindOn: null },
	changesOn: null
};

/** A reason of every kind. */
const REASONS: readonly TriageReason[] = [
	{ code: 'emergency-sign', level: 'emergency', on, sign: 'chest-pain' },
	{ code: 'urgent-sign', level: 'urgent', on, sign: 'one-calf-swollen' },
	{ code: 'professional-sign', level: 'clinician', on, sign: 'wakes-at-night' },
	{ code: 'reported-weakness', level: 'urgent', on },
	{ code: 'reported-tingling', level: 'clinician', on },
	{ code: 'severe', level: 'clinician', on },
	{ code: 'not-better', level: 'clinician', on },
	{ code: 'moderate', level: 'soon', on },
	{ code: 'hinders-much', level: 'soon', on },
	{ code: 'back-again', level: 'soon', on },
	{ code: 'unclosable', level: 'soon', on },
	{ code: 'hazard', level: 'soon', on, finding: 'chained-strips' },
	{ code: 'request', level: 'help', on, what: 'silent' },
	{ code: 'stuck', level: 'help', on },
	{ code: 'open-plan', level: 'home', on },
	{ code: 'findings', level: 'home', on },
	{ code: 'nothing-open', level: 'done', on }
];

const replyTo = (...reasons: TriageReason[]) => replyWords('Ada Example', { ...grounds, reasons });

describe('filledText', () => {
	const fields = { name: 'Ada', until: '30 March', organisation: 'Lanterns', contact: 'Oriel' };

	it('fills every field, as often as it occurs, and leaves what is none', () => {
		expect(filledText('{name}, {name}: until {until} {else} {NAME}', fields)).toBe(
			'Ada, Ada: until 30 March {else} {NAME}'
		);
		expect(filledText(ROUND_FIELDS.join(' '), fields)).toBe('Ada 30 March Lanterns Oriel');
	});

	it('takes a name as it is, whatever stands in it', () => {
		for (const name of ['{until}', 'A$&B', '$1', '$$', 'back\\slash'])
			expect(filledText('Hello {name}.', { ...fields, name })).toBe(`Hello ${name}.`);
	});
});

describe('the reply that is offered', () => {
	it('fits the first reason and speaks to the person by the first name', () => {
		expect(REASONS.map(({ code }) => code)).toEqual(REASON_CODES);
		const replies = REASONS.map((reason) => replyTo(reason, ...REASONS));
		for (const reply of replies) {
			expect(reply).toMatch(/^Hello Ada, /);
			expect(reply).not.toMatch(/undefined|Example/);
		}
		expect(new Set(replies).size).toBe(REASONS.length);
		expect(replyTo({ code: 'moderate', level: 'soon', on })).toContain('help your shoulder');
	});

	it('knows nothing to say to a message that nobody has read, nor before any assessment result', () => {
		for (const what of ['message', 'equipment', 'stuck-step'] as const)
			expect(replyTo({ code: 'request', level: 'help', on, what }), what).toBe('');
		expect(replyWords('Ada', null)).toBe('');
		expect(replyTo()).toBe('');
	});

	it('sends nobody to the table who should see a doctor first, and everyone to the phone for whatever is urgent', () => {
		const of = (code: TriageReason['code']) => replyTo(...REASONS.filter((reason) => reason.code === code));
		expect(of('emergency-sign')).toContain('call the emergency number at once');
		for (const code of [
			'urgent-sign',
			'professional-sign',
			'reported-weakness',
			'reported-tingling',
			'severe',
			'not-better'
		] as const)
			expect(of(code)).toContain('doctor');
	});

	it('speaks of the steps of a plan only while there are any to do', () => {
		const done: AssessmentResult = { ...grounds, plan: { ...grounds.plan!, done: 3, carriedOut: on } };
		for (const code of ['moderate', 'hinders-much'] as const)
			for (const assessmentResult of [done, { ...grounds, plan: null }]) {
				const reply = replyWords('Ada', { ...assessmentResult, reasons: [{ code, level: 'soon', on }] });
				expect(reply).not.toContain('plan');
			}
	});
});

describe('the words of the triage', () => {
	it('has words for every reason, with side and score where they are known', () => {
		const words = REASONS.map((reason) => reasonWords(reason, grounds));
		expect(new Set(words).size).toBe(REASONS.length);
		for (const text of words) expect(text).not.toMatch(/undefined|NaN/);
		expect(words).toContain('Right shoulder 6 of 10, 4 of 7 days');
		expect(words).toContain('Needs a clinician: tingling or numbness, right shoulder 6 of 10, every day');
		expect(words).toContain('Shoulder, both sides hinders work a lot');
		expect(words).toContain('Keyboard too high, and nothing at home fixes it. Discomfort: right shoulder');
	});

	it('tells the rules by the numbers that decide', () => {
		// The shipped policy, and one in which every number is another.
		const stricter: PolicySettings = {
			...SHIPPED_SETTINGS,
			clinicianFrom: 6,
			soonFrom: 3,
			notBetterDays: 28,
			clinicianDays: 2,
			soonDays: 4,
			helpDays: 7,
			homeDays: 11
		};
		for (const settings of [SHIPPED_SETTINGS, stricter]) {
			const { clinicianFrom, soonFrom, notBetter, workingDaysToAct } = policyFrom(settings, 1001);
			const rule = (level: TriageLevel) => deskWords.triage.levels[level].rule(settings);
			expect(rule('clinician')).toContain(`a score of ${clinicianFrom} or more`);
			expect(rule('clinician')).toContain(`${notBetter.days} days after the plan`);
			expect(rule('soon').toLowerCase()).toContain(`a score of ${soonFrom} to ${clinicianFrom - 1}`);
			for (const level of TRIAGE_LEVELS) {
				const days = workingDaysToAct[level];
				if (days) expect(rule(level)).toContain(`ithin ${days} working days`);
				else expect(rule(level)).not.toMatch(/[Ww]ithin/);
			}
		}
	});
});
