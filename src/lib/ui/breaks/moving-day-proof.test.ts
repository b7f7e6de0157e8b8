import { expect, it } from 'vitest';
import { Dice } from '../../../../seed/random';
import { casesOf } from '../../../../tests/support/rotation';
import { EXERCISES } from '$lib/core/breaks/exercise';
import { BreakRun } from './break-run.svelte';
import { at, PROFILE, quiet, visitOf } from '../../../../tests/support/moving-visit';

it('a break ends in any order of acts, is counted once, and offers nothing again that hurt', () => {
	for (const seed of casesOf(60, 6)) {
		const dice = new Dice(seed);
		const visit = visitOf();
		let took = 0;
		const run = new BreakRun(visit, () => PROFILE, { ...quiet, took: () => (took += 1) });
		let clock = at('08:00:00').getTime();
		run.tick(new Date(clock));
		run.choose(dice.pick(['up', 'micro', 'eyes'] as const));
		const hurt: string[] = [];
		for (let n = 0; n < 40; n += 1) {
			clock += dice.int(0, 20_000);
			const now = new Date(clock);
			const act = dice.pick(['begin', 'pause', 'skip', 'shorter', 'hurts', 'tick', 'tick', 'again'] as const);
			if (act === 'begin' && run.state !== 'done' && run.exercises.length > 0) run.begin(now);
			else if (act === 'again' && run.state === 'done') run.again();
			else if (act === 'tick') run.tick(now);
			else if (run.state === 'runs' || run.state === 'paused') {
				if (act === 'pause') run.pause(now);
				else if (act === 'skip') run.skip(now);
				else if (act === 'shorter') run.shorter(now);
				else if (act === 'hurts') {
					const here = run.place.step?.exercise;
					run.hurts(now);
					if (here) hurt.push(here);
				}
			}
			if (run.state === 'runs') expect(run.place.leftS).toBeGreaterThanOrEqual(0);
			expect(run.exercises.filter((id) => hurt.includes(id))).toEqual([]);
		}
		expect([...visit.day.dropped].sort()).toEqual([...new Set(hurt)].sort());
		expect(visit.day.dropped.every((id) => EXERCISES.includes(id))).toBe(true);
		const ended = took;
		if (run.state === 'runs') {
			run.tick(new Date(clock + 3_600_000));
			expect([run.state, took]).toEqual(['done', ended + 1]);
			run.tick(new Date(clock + 3_601_000));
			expect(took).toBe(ended + 1);
		}
	}
});
