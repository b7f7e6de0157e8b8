import { describe, expect, it } from 'vitest';
import { at, PROFILE, quiet, visitOf } from '../../../../tests/support/moving-visit';
import { MemoryStorage } from '../../../../tests/support/memory-storage';
import { EXERCISE_RULES } from '$lib/core/breaks/exercise';
import { BreakRun } from './break-run.svelte';
import { storeDay, readStoredDay, DEFAULT_DAY } from './stored-day';
import { mondayOf, BreaksDay } from './breaks-day.svelte';

describe('a day that is kept on a device', () => {
	it('comes back as it was kept, for the link that it is of', () => {
		const device = new MemoryStorage();
		storeDay(device, 'abc', { ...DEFAULT_DAY, from: 600, dropped: ['walk'] });
		expect(readStoredDay(device, 'abc')).toMatchObject({ from: 600, dropped: ['walk'] });
		// A further spot is the same person's day.
		expect(readStoredDay(device, 'abc-2').from).toBe(600);
		expect(readStoredDay(device, 'other')).toEqual(DEFAULT_DAY);
	});

	it('is the usual one where it is broken, of another version, or nowhere', () => {
		const of = (text: string) => {
			const device = new MemoryStorage();
			device.setItem('easy-corner day /c/abc', text);
			return readStoredDay(device, 'abc');
		};
		expect(readStoredDay(null, 'abc')).toEqual(DEFAULT_DAY);
		for (const text of [
			'{',
			'1',
			'null',
			'[]',
			'{"from":"nine","lunch":-3,"busy":[null],"dropped":["jump"],"week":4,"other":1}'
		])
			expect(of(text)).toEqual(DEFAULT_DAY);
		expect(of('{"from":900,"to":600}')).toEqual(DEFAULT_DAY);
		expect(of('{"lunch":null}').lunch).toBeNull();
	});

	it('keeps meetings of its own day only, and those of a typical one on any', () => {
		const visit = visitOf();
		const busy = [{ from: 600, to: 660, isCall: false, title: 'x' }];
		visit.change({ busy, busyOn: '2026-11-25' });
		expect([visit.meetingsOn('2026-11-25').length, visit.meetingsOn('2026-11-26').length]).toEqual([1, 0]);
		visit.change({ busy, busyOn: '' });
		expect(visit.meetingsOn('2026-11-26')).toHaveLength(1);
		// A day that ends before it begins is none.
		visit.change({ to: 300 });
		expect(visit.day.to).toBe(DEFAULT_DAY.to);
	});

	it('counts what was taken by day and by week', () => {
		const visit = visitOf();
		visit.took('up', ['walk'], 1);
		visit.took('eyes', ['far-look'], 2);
		expect(visit.day).toMatchObject({ taken: 1, week: { of: '2026-11-23', taken: 1, days: ['2026-11-25'] } });
		const planned = visit.day.week.planned;
		expect(planned).toBe(visit.real.length);
		visit.today = '2026-11-26';
		visit.took('up', ['palms-out'], 3);
		expect(visit.day).toMatchObject({ taken: 1, week: { taken: 2, planned: 2 * planned } });
		visit.today = '2026-11-30';
		visit.took('up', ['walk'], 4);
		expect(visit.day.week).toMatchObject({ of: '2026-11-30', taken: 1 });
		expect(['2026-11-29', '2026-11-30', '2026-12-06'].map(mondayOf)).toEqual([
			'2026-11-23',
			'2026-11-30',
			'2026-11-30'
		]);
	});
});

describe('the day of someone who has chosen nothing', () => {
	const minuteOf = (from: number) =>
		at(`${String(Math.floor(from / 60)).padStart(2, '0')}:${String(from % 60).padStart(2, '0')}:01`);

	/** The minutes before and at which each break begins, one after the other. */
	const goThrough = (run: BreakRun, visit: BreaksDay) => {
		for (const { from } of visit.plan.breaks)
			for (const minute of [from - 1, from]) run.tick(minuteOf(minute));
	};

	it('has four to six real breaks, and nobody is called for more', () => {
		for (const { hurts, isLaptopAlone, hours } of [
			{ hurts: [], isLaptopAlone: false, hours: 7 },
			{ hurts: ['neck', 'eyes'], isLaptopAlone: false, hours: 8 },
			{ hurts: [], isLaptopAlone: true, hours: 8 },
			{ hurts: ['neck'], isLaptopAlone: true, hours: 9 }
		] as const) {
			const profile = { ...PROFILE, hurts, isLaptopAlone };
			const visit = visitOf(profile);
			visit.change({ to: DEFAULT_DAY.from + hours * 60 });
			expect(visit.real.length).toBeGreaterThanOrEqual(4);
			expect(visit.real.length).toBeLessThanOrEqual(6);
			// Nobody sits for longer than half an hour without a moment up.
			expect(visit.plan.longestMin).toBeLessThanOrEqual(30);
			let called = 0;
			const run = new BreakRun(visit, () => profile, { ...quiet, due: () => (called += 1) });
			goThrough(run, visit);
			expect(called).toBe(visit.real.length);
		}
	});

	it('calls for the small ones too where that is wanted', () => {
		const visit = visitOf();
		visit.change({ callsSmall: true });
		let called = 0;
		const run = new BreakRun(visit, () => PROFILE, { ...quiet, due: () => (called += 1) });
		goThrough(run, visit);
		expect(called).toBe(visit.plan.breaks.length);
		expect(called).toBeGreaterThan(visit.real.length);
	});

	it('calls again ten minutes after a break was postponed, once', () => {
		const visit = visitOf();
		const due: number[] = [];
		const run = new BreakRun(visit, () => PROFILE, { ...quiet, due: ({ from }) => void due.push(from) });
		const [first] = visit.real;
		const from = first?.from ?? 0;
		run.tick(minuteOf(from - 1));
		run.tick(minuteOf(from));
		run.snooze();
		expect([run.due, run.snoozed?.at]).toEqual([null, from + 10]);
		for (let minute = from + 1; minute <= from + 20; minute += 1) run.tick(minuteOf(minute));
		expect(due).toEqual([from, from]);
		expect(run.due).toEqual(first);
		// Begun, it is not called any more.
		run.snooze();
		run.begin(minuteOf(from + 20));
		expect(run.snoozed).toBeNull();
	});

	it('has nothing on one’s feet for who stays seated', () => {
		const visit = visitOf();
		visit.change({ staysSeated: true });
		const run = new BreakRun(visit, () => PROFILE, quiet);
		for (const kind of ['up', 'stand', 'micro'] as const) {
			run.choose(kind);
			expect(run.exercises.length).toBeGreaterThan(0);
			expect(run.exercises.filter((id) => EXERCISE_RULES[id].isOnFeet)).toEqual([]);
		}
	});
});

describe('a break that is gone through', () => {
	it('tells what is due as its minute goes by, also over a gap', () => {
		const due: string[] = [];
		const visit = visitOf();
		const run = new BreakRun(visit, () => PROFILE, {
			...quiet,
			due: ({ kind, from }) => void due.push(`${kind} ${from}`)
		});
		run.tick(at('09:00:00'));
		const next = run.next?.next;
		expect(run.next?.inS).toBe(((next?.from ?? 0) - 540) * 60);
		run.tick(at('09:00:30'));
		expect(due).toEqual([]);
		const minute = (n: number) =>
			`${String(Math.floor(n / 60)).padStart(2, '0')}:${String(n % 60).padStart(2, '0')}:01`;
		run.tick(at(minute(next?.from ?? 0)));
		expect(due).toEqual([`${next?.kind} ${next?.from}`]);
		expect(run.due).toEqual(next);
		// A break that runs is not interrupted by the next one.
		run.begin(at(minute(next?.from ?? 0)));
		expect(run.due).toBeNull();
	});

	it('that was only skipped through is none, and what was skipped is offered again', () => {
		const visit = visitOf();
		const run = new BreakRun(visit, () => PROFILE, quiet);
		run.tick(at('08:00:00'));
		run.begin(at('08:00:01'));
		const offered = run.exercises.length;
		for (let n = 0; n < offered; n += 1) run.skip(at('08:00:02'));
		expect([run.state, run.wasTaken, visit.day.taken, visit.day.doneAt]).toEqual(['done', false, 0, {}]);
		run.again();
		run.begin(at('08:01:00'));
		run.skip(at('08:01:01'));
		run.tick(at('09:00:00'));
		expect([run.wasTaken, visit.day.taken]).toEqual([true, 1]);
		expect(Object.keys(visit.day.doneAt)).toHaveLength(offered - 1);
	});
});
