import { describe, expect, it } from 'vitest';
import { Dice } from '../../../../seed/random';
import { FIGURE_CODES, publishedRules, type PublishedOf } from './codes';
import { figureTable, type FigureTable } from './figures';
import { teamsToVisit } from './teams-to-visit';

const TEAMS = ['Design', 'Law', 'Press', 'Sales', 'Support', 'Web shop'];
const OF_CODE = {
	answers: [FIGURE_CODES.answered],
	findings: [FIGURE_CODES.problem],
	discomfort: [FIGURE_CODES.hurts],
	help: [FIGURE_CODES.settled, FIGURE_CODES.stands]
} as const;

/** Figures of teams of so many people. @param countOf how many in a team have a code */
function tables(
	size: number,
	countOf: (code: string, team: string) => number
): (of: PublishedOf) => FigureTable {
	return (of) => {
		const codes: readonly string[] = of in OF_CODE ? OF_CODE[of as keyof typeof OF_CODE] : [];
		const counts = Object.fromEntries(codes.map((code) => [code, TEAMS.map((team) => countOf(code, team))]));
		return figureTable({ groups: TEAMS, people: TEAMS.map(() => size), counts }, publishedRules(of, 'team'));
	};
}

describe('teams to visit', () => {
	it('names the team in which fewer answer and the one with more discomfort, the clearest first', () => {
		const found = teamsToVisit(
			tables(40, (code, team) => {
				if (code === FIGURE_CODES.answered) return team === 'Web shop' ? 12 : 34;
				if (code === FIGURE_CODES.hurts) return team === 'Press' ? 34 : 18;
				return 20;
			})
		);
		expect(found.map(({ team, signal }) => [team, signal])).toEqual([
			['Web shop', 'answered'],
			['Press', 'hurts']
		]);
	});

	it('names nobody for being better off', () => {
		const better = (code: string, team: string) => {
			const isGood = code === FIGURE_CODES.answered || code === FIGURE_CODES.stands;
			if (code === FIGURE_CODES.settled) return 39;
			return team === 'Law' ? (isGood ? 36 : 6) : 20;
		};
		expect(teamsToVisit(tables(40, better))).toEqual([]);
	});

	it('names a team by chance in at most one of twenty workforces that are all alike', () => {
		const dice = new Dice(20_261);
		const rounds = 400;
		let alarms = 0;
		for (let round = 0; round < rounds; round += 1) {
			const chances = [dice.int(20, 80), dice.int(20, 80), dice.int(20, 80), dice.int(20, 80)];
			const counted = new Map<string, number>();
			const draw = (code: string, team: string) => {
				const key = `${code} ${team}`;
				if (code === FIGURE_CODES.settled) return 30;
				const chance = chances[[...Object.values(FIGURE_CODES)].indexOf(code as never) % 4] ?? 50;
				const n = code === FIGURE_CODES.stands ? 30 : 40;
				const known = counted.get(key);
				if (known !== undefined) return known;
				const x = Array.from({ length: n }, () => dice.int(0, 99) < chance).filter(Boolean).length;
				counted.set(key, x);
				return x;
			};
			if (teamsToVisit(tables(40, draw)).length > 0) alarms += 1;
		}
		// Three standard deviations above one in twenty.
		expect(alarms / rounds).toBeLessThanOrEqual(0.05 + 3 * Math.sqrt((0.05 * 0.95) / rounds));
	});
});
