import { MIN_CLOSING_GROUP_SIZE } from '../src/lib/core/workforce/group-size-limit';
import { peopleToRenew, type CountedState } from '../src/lib/core/workforce/people-to-renew';
import { Dice } from '../seed/random';
import { print, rounded } from './measure';

/** Sizes of the teams looked at, and how many there are of each. */
const SIZES = [5, 8, 15, 30, 100] as const;
const TEAMS_OF_EACH = 3;

/** Countries, rounds and sitting styles: the dimensions in which people are counted besides teams. */
const OTHER_DIMENSIONS = [4, 5, 4] as const;

const MONTHS = 60;

/** Share of people whose state changes within a month: a quiet workforce, and one in a round. */
const SHARES = [0.1, 0.3] as const;

/**
 * How old the figures of teams are at month ends, in months, where so many people change each month: the price of singling nobody out.
 * Teams below the smallest size that is shown have no figures of their own.
 */
export function benchFiguresAge(): void {
	for (const share of SHARES) {
		const dice = new Dice(20_261_129);
		const people = SIZES.flatMap((size) =>
			Array.from({ length: TEAMS_OF_EACH }, (_, team) =>
				Array.from({ length: size }, () => ({
					size,
					groups: [`${size}/${team}`, ...OTHER_DIMENSIONS.map((n) => String(dice.int(0, n - 1)))]
				}))
			).flat()
		);
		const states = people.map(({ groups }): CountedState => ({ groups, codes: [] }));
		const isChanged = people.map(() => false);
		const renewedIn = new Map<string, number>();
		const ages = new Map<number, number[]>(SIZES.map((size) => [size, []]));
		for (let month = 1; month <= MONTHS; month += 1) {
			for (const i of people.keys()) isChanged[i] ||= dice.chance(share);
			const waiting = [...people.keys()].filter((i) => isChanged[i]);
			const renewed = peopleToRenew(
				waiting.map((i) => ({ before: states[i] ?? null, after: states[i] ?? null }))
			);
			for (const [at, i] of waiting.entries()) {
				if (!renewed.has(at)) continue;
				isChanged[i] = false;
				renewedIn.set(people[i]?.groups[0] ?? '', month);
			}
			for (const { size, groups } of people) {
				const team = groups[0] ?? '';
				ages.get(size)?.push(month - (renewedIn.get(team) ?? 0));
			}
		}
		for (const [size, all] of ages) {
			const sorted = [...all].sort((a, b) => a - b);
			const at = (p: number) => sorted[Math.floor(p * (sorted.length - 1))] ?? NaN;
			print({
				bench: 'figures-age',
				changesAMonth: share,
				team: size,
				isShown: size >= MIN_CLOSING_GROUP_SIZE,
				meanMonths: rounded(all.reduce((sum, age) => sum + age, 0) / all.length),
				medianMonths: at(0.5),
				p95Months: at(0.95)
			});
		}
	}
}
