import { describe, expect, it } from 'vitest';
import { railTicks } from './rail-ticks';

describe('the rail', () => {
	it('counts up from the floor in the unit that is typed, a number on every second tick', () => {
		const numbers = (unit: 'cm' | 'mm' | 'in', to: number) =>
			railTicks(to, unit).flatMap(({ label }) => label ?? []);
		expect(numbers('cm', 320)).toEqual(['0', '10', '20', '30']);
		expect(numbers('mm', 320)).toEqual(['0', '100', '200', '300']);
		expect(numbers('in', 320)).toEqual(['0', '4', '8', '12']);
	});

	it('has its numbers at their heights, and none over the highest', () => {
		for (const [unit, perUnit] of [
			['cm', 10],
			['mm', 1],
			['in', 25.4]
		] as const)
			for (const highest of [0, 49, 733, 2100]) {
				const ticks = railTicks(highest, unit);
				for (const { mm, label } of ticks) {
					expect(mm).toBeLessThanOrEqual(highest);
					if (label !== null) expect(Number(label) * perUnit).toBeCloseTo(mm, 6);
				}
				const steps = ticks.slice(1).map(({ mm }, i) => mm - (ticks[i]?.mm ?? 0));
				for (const step of steps) expect(step).toBeCloseTo(steps[0] ?? 0, 6);
			}
	});
});
