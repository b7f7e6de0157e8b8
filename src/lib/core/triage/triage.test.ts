import { describe, expect, it } from 'vitest';
import { reasonEn } from '$lib/messages/triage-en';
import { civilDate, workCalendar, type CivilDate } from '../calendar';
import type { RegionReport } from '../discomfort';
import {
	actBy,
	checkInsAfter,
	DEFAULT_POLICY,
	LEVELS,
	recheckOn,
	remindersFor,
	triage,
	type CaseFacts
} from './index';

const quiet: CaseFacts = {
	signs: [],
	discomfort: [],
	unclosable: [],
	requests: [],
	hasOpenPlan: false,
	afterPlan: null
};
const sore = (worst: number, over: Partial<RegionReport> = {}): RegionReport => ({
	region: 'neck',
	side: null,
	worst,
	days: 3,
	hinders: 'no',
	kinds: ['ache'],
	...over
});
const levelOf = (over: Partial<CaseFacts>) => triage({ ...quiet, ...over }, DEFAULT_POLICY).level;

describe('triage', () => {
	it('has a rule for every level', () => {
		expect(levelOf({ signs: ['chest-pain'] })).toBe('now');
		expect(levelOf({ signs: ['wakes-at-night'] })).toBe('clinician');
		expect(levelOf({ discomfort: [sore(7)] })).toBe('clinician');
		expect(levelOf({ discomfort: [sore(6)] })).toBe('soon');
		expect(levelOf({ discomfort: [sore(4)] })).toBe('soon');
		expect(levelOf({ discomfort: [sore(3)] })).toBe('settled');
		expect(levelOf({ discomfort: [sore(1, { hinders: 'much' })] })).toBe('soon');
		expect(levelOf({ requests: ['equipment'] })).toBe('help');
		expect(levelOf({ hasOpenPlan: true })).toBe('home');
		expect(levelOf({})).toBe('settled');
	});

	it('makes a check that no plan closes urgent only with discomfort in a region tied to it', () => {
		const unclosable = ['screen-too-low'] as const;
		expect(levelOf({ unclosable, discomfort: [sore(2)] })).toBe('soon');
		expect(levelOf({ unclosable, discomfort: [sore(2, { region: 'knee', side: 'left' })] })).toBe('settled');
		expect(levelOf({ unclosable, discomfort: [sore(0, { days: 0 })] })).toBe('settled');
		expect(levelOf({ unclosable })).toBe('settled');
	});

	it('sends to a clinician who is not noticeably better 42 days after the plan', () => {
		const after = (days: number, first: number, now: number) =>
			levelOf({ discomfort: [sore(now)], afterPlan: { days, first: [sore(first)] } });
		expect(after(42, 5, 5)).toBe('clinician');
		expect(after(41, 5, 5)).toBe('soon');
		expect(after(42, 6, 4)).toBe('soon');
		expect(after(42, 4, 3)).toBe('settled');
	});

	it('tells every reason, the most urgent first and the sorest first within, and says each in words', () => {
		const { reasons } = triage(
			{
				signs: ['numbness-stays', 'sudden-loss-of-sight'],
				discomfort: [sore(5), sore(9, { region: 'shoulder', side: 'right' }), sore(6, { region: 'head' })],
				unclosable: ['keys-too-high'],
				requests: ['question'],
				hasOpenPlan: true,
				afterPlan: { days: 50, first: [sore(9)] }
			},
			DEFAULT_POLICY
		);
		const ranks = reasons.map(({ level }) => LEVELS.indexOf(level));
		expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
		expect(reasons.map(({ code }) => code)).toEqual([
			'emergency-sign',
			'professional-sign',
			'severe',
			'not-better',
			'moderate',
			'moderate',
			'unclosable',
			'request',
			'open-plan'
		]);
		expect(reasons.map(reasonEn)).toEqual([
			'Emergency sign: sudden loss of sight, or double sight',
			'For a clinician: numbness or tingling that stays',
			'For a clinician: right shoulder at 9 of 10',
			'For a clinician: worst was 9 and is 9 of 10 in spite of the changes',
			'head at 6 of 10',
			'neck at 5 of 10',
			'The keys are too high, which nothing at home closes, and a sore neck',
			'asked a question',
			'has a plan to carry out at home'
		]);
	});

	it('follows the policy that it is given', () => {
		const strict = { ...DEFAULT_POLICY, clinicianFrom: 5 };
		expect(triage({ ...quiet, discomfort: [sore(5)] }, strict).level).toBe('clinician');
	});
});

describe('dates', () => {
	const day = (text: string): CivilDate =>
		civilDate(text) ??
		(() => {
			throw new RangeError(text);
		})();
	const calendar = workCalendar('GB', (date) => date === '2026-05-04');
	const friday = day('2026-05-01');

	it('act by working days of the level, over a weekend and a holiday', () => {
		expect(LEVELS.map((level) => actBy(level, friday, DEFAULT_POLICY, calendar))).toEqual([
			'2026-05-01',
			'2026-05-07',
			'2026-05-11',
			'2026-05-18',
			'2026-06-01',
			null
		]);
	});

	it('look again after a year, or half of one where it hurts', () => {
		expect(recheckOn(friday, [sore(3)], DEFAULT_POLICY, calendar)).toBe('2027-05-03');
		expect(recheckOn(friday, [sore(4)], DEFAULT_POLICY, calendar)).toBe('2026-10-28');
	});

	it('check in after 14 and 42 days, and remind after 3, 7 and 14 working days before the call list', () => {
		expect(checkInsAfter(friday, DEFAULT_POLICY, calendar)).toEqual(['2026-05-15', '2026-06-12']);
		// The 14th day after a Monday holiday's Monday moves on to the next day that is worked.
		expect(checkInsAfter(day('2026-04-20'), DEFAULT_POLICY, calendar)[0]).toBe('2026-05-05');
		expect(remindersFor(friday, DEFAULT_POLICY, calendar)).toEqual([
			{ on: '2026-05-07', kind: 'letter' },
			{ on: '2026-05-13', kind: 'letter' },
			{ on: '2026-05-22', kind: 'letter' },
			{ on: '2026-05-27', kind: 'call-list' }
		]);
	});
});
