import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type CivilDate } from '../../platform/calendar/civil-date';
import { ANSWER_FIELDS } from './answer-fields';
import {
	betterDay,
	comfortFields,
	dayTrialOf,
	EVENING_FROM_MINUTE,
	noTrialFields,
	styleTrialOf,
	trialFields,
	trialStage,
	type DayTrial,
	type Tried
} from './day-trial';

const today = '2026-03-02' as CivilDate;
const STYLE: Tried = { kind: 'style', way: 'open' };
const PLAN: Tried = { kind: 'plan', plan: 2, planId: '0b0e8c1e-2f58-4d0e-9a3a-5a1d6d1f2c3b' };

const trialAfter = (...fields: readonly Record<string, string>[]): DayTrial =>
	dayTrialOf(Object.assign({}, ...fields) as Record<string, string>)!;

describe('a day each', () => {
	it('is kept as answers, for a sitting style as for a plan, and a new one replaces what was before', () => {
		for (const tried of [STYLE, PLAN]) {
			const fields = trialFields(tried, today);
			for (const field of Object.keys(fields)) expect(ANSWER_FIELDS.has(field)).toBe(true);
			expect(dayTrialOf(fields)).toEqual({
				tried,
				since: today,
				comfort: null,
				ownOn: null,
				ownComfort: null
			});
		}
		expect(styleTrialOf(trialFields(STYLE, today))).toEqual({ way: 'open', since: today });
		expect(styleTrialOf(trialFields(PLAN, today))).toBeNull();
		expect(dayTrialOf({ ...trialFields(STYLE, today), ...trialFields(PLAN, today) })?.tried).toEqual(PLAN);
		expect(dayTrialOf({ ...trialFields(PLAN, today), ...noTrialFields() })).toBeNull();
	});

	it('asks in the evening, then for a day of what the person has, and then leaves them the choice', () => {
		const start = trialFields(STYLE, today);
		const first = trialAfter(start);
		expect(trialStage(first, { today, minute: 600 })).toEqual({ day: 'tried', part: 'day' });
		expect(trialStage(first, { today, minute: EVENING_FROM_MINUTE })).toEqual({
			day: 'tried',
			part: 'evening'
		});
		expect(trialStage(first, { today: addDays(today, 3), minute: 0 })).toEqual({
			day: 'tried',
			part: 'evening'
		});

		const answered = comfortFields(first, 7, addDays(today, 1));
		const second = trialAfter(start, answered);
		expect(trialStage(second, { today, minute: 1200 })).toEqual({ day: 'own', part: 'later' });
		expect(trialStage(second, { today: addDays(today, 1), minute: 600 })).toEqual({
			day: 'own',
			part: 'day'
		});
		expect(betterDay(second)).toBeNull();

		const both = trialAfter(start, answered, comfortFields(second, 4, addDays(today, 1)));
		expect(trialStage(both, { today: addDays(today, 1), minute: 1200 })).toBeNull();
		expect(both).toMatchObject({ comfort: 7, ownComfort: 4 });
		expect(betterDay(both)).toBe('tried');
	});

	it('moves a day on which it was not done to the next one', () => {
		const start = trialFields(STYLE, today);
		const moved = trialAfter(start, comfortFields(trialAfter(start), null, addDays(today, 1)));
		expect(moved.since).toBe(addDays(today, 1));
		expect(trialStage(moved, { today, minute: 1200 })).toEqual({ day: 'tried', part: 'later' });
		const first = { ...start, ...comfortFields(trialAfter(start), 5, addDays(today, 1)) };
		const own = trialAfter(first, comfortFields(trialAfter(first), null, addDays(today, 2)));
		expect(own).toMatchObject({ comfort: 5, ownOn: addDays(today, 2), ownComfort: null });
	});

	it('has no better day under two points, and the same one whichever is read first', () => {
		const score = fc.integer({ min: 0, max: 10 });
		fc.assert(
			fc.property(score, score, (comfort, ownComfort) => {
				const trial = { tried: STYLE, since: today, comfort, ownOn: today, ownComfort };
				const better = betterDay(trial);
				const other = betterDay({ ...trial, comfort: ownComfort, ownComfort: comfort });
				expect(better === 'same').toBe(Math.abs(comfort - ownComfort) < 2);
				if (better !== 'same') expect(other).toBe(better === 'tried' ? 'own' : 'tried');
			})
		);
	});

	it('reads nothing from answers that are none', () => {
		const none: readonly Readonly<Record<string, string>>[] = [
			{ 'style.way': 'lying', 'style.since': today },
			{ 'style.way': 'open' },
			{ 'try.plan': '12', 'try.of': 'x', 'style.since': today },
			{ 'try.plan': '1', 'style.since': today }
		];
		for (const broken of none) expect(dayTrialOf(broken)).toBeNull();
		expect(trialAfter(trialFields(STYLE, today), { 'try.comfort': '11' }).comfort).toBeNull();
	});
});
