import { describe, expect, it } from 'vitest';
import { Dice } from '../../../../../seed/random';
import { REASON_CODES } from '../case-assessment/vocabulary';
import { isMoreUrgent, TRIAGE_LEVELS } from '../triage/policy';
import {
	mayBePostponed,
	needsCoordinator,
	DAY_SHEET_GROUPS,
	daySheetGroup,
	compareDaySheetCases,
	type DaySheetCase
} from './index';

const TODAY = '2026-03-04';

const plain: DaySheetCase = {
	personId: 'a',
	level: 'home',
	openSince: '2026-03-01',
	actBy: '2026-03-20',
	followUpOn: null,
	isReferred: false,
	hasMessage: false,
	reasons: ['open-plan'],
	laterOn: null,
	laterFor: [],
	worst: 0
};

const days = ['2026-02-20', '2026-03-03', '2026-03-04', '2026-03-05', '2026-04-01'];

function anybody(dice: Dice, i: number): DaySheetCase {
	const maybe = <T>(value: T): T | null => (dice.int(0, 1) === 0 ? null : value);
	const day = () => days[dice.int(0, days.length - 1)] ?? TODAY;
	const codes = REASON_CODES.filter(() => dice.int(0, 4) === 0);
	return {
		personId: String(i),
		level: TRIAGE_LEVELS[dice.int(0, TRIAGE_LEVELS.length - 1)] ?? 'home',
		openSince: maybe(day()),
		actBy: maybe(day()),
		followUpOn: maybe(day()),
		isReferred: dice.int(0, 2) === 0,
		hasMessage: dice.int(0, 3) === 0,
		reasons: codes,
		laterOn: maybe(day()),
		laterFor: dice.int(0, 1) === 0 ? codes : codes.slice(1),
		worst: dice.int(0, 10)
	};
}

describe('where a case stands on the day sheet', () => {
	it('is by level where nothing else is so', () => {
		for (const level of TRIAGE_LEVELS) expect(daySheetGroup({ ...plain, level }, TODAY)).toBe(level);
	});

	it('stays by its level where a day is past, and apart where a clinician has it', () => {
		expect(daySheetGroup({ ...plain, actBy: '2026-03-03' }, TODAY)).toBe('home');
		expect(daySheetGroup({ ...plain, openSince: null, followUpOn: '2026-02-20' }, TODAY)).toBe('look');
		expect(daySheetGroup({ ...plain, openSince: null, followUpOn: TODAY }, TODAY)).toBe('look');
		expect(daySheetGroup({ ...plain, level: 'clinician', isReferred: true }, TODAY)).toBe('referred');
		// What they write since is read whoever else has it.
		expect(daySheetGroup({ ...plain, level: 'clinician', isReferred: true, hasMessage: true }, TODAY)).toBe(
			'clinician'
		);
	});

	it('is later until its day, and only while nothing is new', () => {
		const later = { ...plain, laterOn: '2026-03-10', laterFor: ['open-plan'] as const };
		expect(daySheetGroup(later, TODAY)).toBe('later');
		expect(daySheetGroup(later, '2026-03-10')).toBe('home');
		expect(daySheetGroup({ ...later, reasons: ['open-plan', 'request'], level: 'help' }, TODAY)).toBe('help');
		expect(daySheetGroup({ ...later, hasMessage: true }, TODAY)).toBe('home');
		expect(daySheetGroup({ ...later, level: 'clinician' }, TODAY)).toBe('clinician');
	});

	it('never hides an emergency, a sign or a message, whatever was postponed: 2,000 cases', () => {
		const dice = new Dice(5);
		for (let i = 0; i < 2000; i += 1) {
			const one = anybody(dice, i);
			const group = daySheetGroup(one, TODAY);
			if (one.openSince !== null && one.level === 'emergency') expect(group).toBe('emergency');
			if (isMoreUrgent(one.level, 'soon') || one.hasMessage) expect(group).not.toBe('later');
			if (one.hasMessage) expect(group).not.toBe('referred');
			if (group === 'later') expect(mayBePostponed(one)).toBe(true);
		}
	});

	it('gives one order, however the cases come', () => {
		const dice = new Dice(7);
		const all = Array.from({ length: 300 }, (_, i) => anybody(dice, i));
		const ordered = [...all].sort(compareDaySheetCases(TODAY));
		expect([...all].reverse().sort(compareDaySheetCases(TODAY))).toEqual(ordered);
		const ranks = ordered.map((one) => DAY_SHEET_GROUPS.indexOf(daySheetGroup(one, TODAY)));
		expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
	});

	it('has the overdue first within a level, then the day, then the worst score; never a late look before someone who hurts', () => {
		const late = { ...plain, personId: 'late', actBy: '2026-03-02' };
		const soonest = { ...plain, personId: 'soonest', actBy: '2026-03-05' };
		const sorest = { ...plain, personId: 'sorest', worst: 6 };
		const usual = { ...plain, personId: 'usual' };
		const look = { ...plain, personId: 'look', openSince: null, actBy: null, followUpOn: '2026-01-05' };
		const hurts = { ...plain, personId: 'hurts', level: 'soon' as const, worst: 6 };
		const order = [usual, look, sorest, soonest, hurts, late].sort(compareDaySheetCases(TODAY));
		expect(order.map(({ personId }) => personId)).toEqual([
			'hurts',
			'look',
			'late',
			'soonest',
			'sorest',
			'usual'
		]);
	});

	it('goes by the earlier of the day to act by and the follow-up, and has a case without a day last', () => {
		const none = { ...plain, personId: 'none', actBy: null };
		const acted = { ...plain, personId: 'acted', actBy: '2026-03-06', followUpOn: '2026-03-30' };
		const looked = { ...plain, personId: 'looked', actBy: '2026-03-30', followUpOn: '2026-03-05' };
		// Of a case that isn't open, nothing is to be acted on.
		const closed = { ...plain, openSince: null, actBy: '2026-03-04' };
		const later = { ...closed, personId: 'later', followUpOn: '2026-03-12' };
		const sooner = { ...closed, personId: 'sooner', actBy: '2026-03-09', followUpOn: '2026-03-11' };
		const order = [none, later, acted, sooner, looked].sort(compareDaySheetCases(TODAY));
		expect(order.map(({ personId }) => personId)).toEqual(['sooner', 'later', 'looked', 'acted', 'none']);
	});

	it('counts who needs a coordinator without those who are postponed or with a clinician', () => {
		expect(needsCoordinator(plain, TODAY)).toBe(true);
		const postponed = { ...plain, laterOn: '2026-03-10', laterFor: ['open-plan'] as const };
		expect(needsCoordinator(postponed, TODAY)).toBe(false);
		expect(needsCoordinator({ ...plain, level: 'clinician', isReferred: true }, TODAY)).toBe(false);
		expect(needsCoordinator({ ...plain, level: 'done' }, TODAY)).toBe(false);
	});
});
