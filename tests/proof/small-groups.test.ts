import { describe, expect, it } from 'vitest';
import { associations } from '../../src/lib/core/workforce/associations';
import { publishedCrossTable, type CrossTable } from '../../src/lib/core/workforce/cross-tables';
import {
	MIN_GROUP_SIZE,
	publishedCounts,
	publishedGroups,
	type GroupCounts,
	type PublishedCells
} from '../../src/lib/core/workforce/group-size-limit';
import { Dice } from '../../seed/random';
import { casesOf } from '../support/rotation';
import { boundsOf, sizeOf, type Cell, type Counted } from '../support/attacker';

/** Codes, each with the one that it is counted among. */
const AMONG = { sore: '', neck: 'sore', ache: 'neck', eyes: 'sore' } as const;
type Code = keyof typeof AMONG;
const CODES = Object.keys(AMONG) as Code[];

/** Codes that are looked at together, as findings and complaints are. */
const PAIRS = [
	['neck', 'eyes'],
	['ache', 'eyes']
] as const satisfies readonly (readonly [Code, Code])[];

/** What can be so of someone at once. */
const STATES = [
	[],
	['sore'],
	['sore', 'neck'],
	['sore', 'neck', 'ache'],
	['sore', 'eyes'],
	['sore', 'neck', 'eyes'],
	['sore', 'neck', 'ache', 'eyes']
].map((codes) => new Set<string>(codes));

interface Workforce {
	readonly sizes: readonly number[];
	readonly people: readonly Counted[];
}

function randomWorkforce(seed: number): Workforce {
	const dice = new Dice(seed + 1);
	const sizes = [dice.int(2, 5), dice.int(2, 3), 2];
	const crowd = [8, 15, 30, 60, 120, 250, 600][seed % 7] ?? 30;
	// Some teams are all but empty, and some are all but free of trouble.
	const usual = dice.int(0, 100);
	const people = Array.from({ length: crowd }, () => {
		const place = sizes.map((size) => Math.min(dice.int(0, size - 1), dice.int(0, size - 1)));
		const isSore = dice.int(0, 99) < (usual + 30 * (place[0] ?? 0)) % 101;
		return { place, is: (isSore ? STATES[dice.int(1, STATES.length - 1)] : STATES[0]) ?? new Set<string>() };
	});
	return { sizes, people };
}

/** How it is decided what is shown. */
interface Rule {
	readonly groups: (people: readonly number[]) => PublishedCells;
	readonly counts: (counts: GroupCounts, mayBeShown: readonly boolean[]) => PublishedCells;
	/** Figures of two dimensions together: whether one is shown, of the code in the cell. */
	readonly cells: (grid: CrossTable, row: number) => (code: string, column: number) => boolean;
	/** Pairs of codes of which it is told how many have both. @param of gives how many people have a code, or two */
	readonly pairs: (of: (code: string) => number) => readonly (readonly [string, string])[];
}

const RULES = CODES.map((code) => ({ code, among: AMONG[code] }));

const OURS: Rule = {
	pairs: (of) =>
		associations({
			n: of(''),
			withAnyFinding: of('sore'),
			withAnyRegion: of('sore'),
			pairs: PAIRS.map(([region, finding]) => ({
				region,
				finding,
				both: of(`${region}&${finding}`),
				withFinding: of(finding),
				withRegion: of(region)
			}))
		}).map(({ region, finding }) => [region, finding]),
	groups: publishedGroups,
	counts: publishedCounts,
	cells: (grid, row) => {
		const { people, figures } = publishedCrossTable(grid, RULES, row);
		const byCode = new Map(figures.map(({ code, groups }) => [code, groups]));
		return (code, column) => ((code === '' ? people.groups : byCode.get(code))?.[column] ?? null) !== null;
	}
};

/** As many do it: what is small is left out, and nothing else. */
const SMALL_LEFT_OUT: Rule = {
	pairs: () => [],
	groups: (people) => ({ all: true, groups: people.map((n) => n === 0 || n >= MIN_GROUP_SIZE) }),
	counts: ({ among, count }) => ({
		all: true,
		groups: count.map((x, i) => x >= MIN_GROUP_SIZE && (among[i] ?? 0) - x >= MIN_GROUP_SIZE)
	}),
	cells:
		({ people, counts }, row) =>
		(code, column) => {
			const among = (AMONG[code as Code] ? counts[AMONG[code as Code]] : people)?.[row]?.[column] ?? 0;
			const x = (code === '' ? people : counts[code])?.[row]?.[column] ?? 0;
			return x >= MIN_GROUP_SIZE && (code === '' || among - x >= MIN_GROUP_SIZE);
		}
};

/** Every figure that all filters show together. */
function everyFigure({ sizes, people }: Workforce, rule: Rule): { cell: Cell; n: number }[] {
	const figures = new Map<string, { cell: Cell; n: number }>();
	const show = (code: string, at: ReadonlyMap<number, number>) =>
		figures.set(`${code} ${[...at].join()}`, { cell: { code, at }, n: sizeOf(people, { code, at }) });
	sizes.forEach((size, dimension) => {
		const cells = (code: string) =>
			Array.from({ length: size }, (_, where) => sizeOf(people, { code, at: new Map([[dimension, where]]) }));
		const shown = new Map<string, PublishedCells>([['', rule.groups(cells(''))]]);
		for (const code of CODES) {
			const parent = shown.get(AMONG[code]);
			if (!parent?.all) continue;
			shown.set(code, rule.counts({ among: cells(AMONG[code]), count: cells(code) }, parent.groups));
		}
		for (const [code, { all, groups }] of shown) {
			if (all) show(code, new Map());
			groups.forEach((isShown, where) => {
				if (isShown) show(code, new Map([[dimension, where]]));
			});
		}
	});
	// Problems and discomfort, of everybody: a ratio and two shares tell how many have both.
	const of = (code: string) => sizeOf(people, { code, at: new Map() });
	for (const [region, finding] of rule.pairs(of)) show(`${region}&${finding}`, new Map());
	// Teams with each of the others: filters act together.
	for (const dimension of sizes.keys())
		if (dimension > 0)
			for (let row = 0; row < (sizes[0] ?? 0); row += 1) {
				const isShown = rule.cells(gridOf({ sizes, people }, dimension), row);
				for (let column = 0; column < (sizes[dimension] ?? 0); column += 1)
					for (const code of ['', ...CODES])
						if (isShown(code, column))
							show(
								code,
								new Map([
									[0, row],
									[dimension, column]
								])
							);
			}
	return [...figures.values()];
}

/** Teams by another dimension. */
function gridOf({ sizes, people }: Workforce, dimension: number): CrossTable {
	const count = (code: string) =>
		Array.from({ length: sizes[0] ?? 0 }, (_, row) =>
			Array.from({ length: sizes[dimension] ?? 0 }, (_, column) =>
				sizeOf(people, {
					code,
					at: new Map([
						[0, row],
						[dimension, column]
					])
				})
			)
		);
	const names = (size: number | undefined) => Array.from({ length: size ?? 0 }, (_, i) => String(i));
	return {
		rows: names(sizes[0]),
		columns: names(sizes[dimension]),
		people: count(''),
		counts: Object.fromEntries(CODES.map((code) => [code, count(code)]))
	};
}

/** Cells of one to four people, on one dimension and on two, of which the attacker tries some. */
function smallCells({ sizes, people }: Workforce, dice: Dice, most: number): Cell[] {
	const places = sizes.flatMap((size, dimension) =>
		Array.from({ length: size }, (_, where) => [dimension, where] as const)
	);
	const at = [
		...places.map((one) => new Map([one])),
		...places.flatMap((one) => places.flatMap((two) => (one[0] < two[0] ? [new Map([one, two])] : [])))
	];
	const small = ['', ...CODES, ...PAIRS.map((pair) => pair.join('&'))]
		.flatMap((code) => at.map((where) => ({ code, at: where })))
		.filter((cell) => {
			const n = sizeOf(people, cell);
			return n > 0 && n < MIN_GROUP_SIZE;
		});
	return Array.from(
		{ length: Math.min(most, small.length) },
		() => small.splice(dice.int(0, small.length - 1), 1)[0]
	).flatMap((cell) => cell ?? []);
}

async function givenAway(workforce: Workforce, rule: Rule, dice: Dice, most: number): Promise<number> {
	const shown = everyFigure(workforce, rule);
	let found = 0;
	for (const cell of smallCells(workforce, dice, most)) {
		const { low, high } = await boundsOf(cell, shown, workforce.sizes, STATES);
		expect(low).toBeLessThanOrEqual(sizeOf(workforce.people, cell));
		expect(high).toBeGreaterThanOrEqual(sizeOf(workforce.people, cell));
		if (high - low <= 4) found += 1;
	}
	return found;
}

describe('figures of small groups', () => {
	it('can’t be had from all that is shown together', async () => {
		const seeds = casesOf(1260, 12);
		let figures = 0;
		let crossed = 0;
		let together = 0;
		for (const seed of seeds) {
			const workforce = randomWorkforce(seed);
			const shown = everyFigure(workforce, OURS);
			figures += shown.length;
			together += shown.filter(({ cell }) => cell.code.includes('&')).length;
			crossed += shown.filter(({ cell }) => cell.at.size > 1).length;
			expect(await givenAway(workforce, OURS, new Dice(seed), 8), `workforce ${seed}`).toBe(0);
		}
		// It is not for nothing being shown.
		expect(figures).toBeGreaterThan(5 * seeds.length);
		expect(crossed).toBeGreaterThan(seeds.length);
		expect(together).toBeGreaterThan(0);
	});

	it('hide one more where a team is small, and not all of them', () => {
		const people = [3, 40, 50, 60];
		const { groups } = publishedGroups(people);
		expect(groups).toEqual([false, false, true, true]);
		for (const count of [
			[3, 20, 25, 30],
			[0, 20, 25, 30],
			[1, 12, 25, 30]
		])
			expect(publishedCounts({ among: people, count }, groups)).toEqual({
				all: true,
				groups: [false, false, true, true]
			});
	});

	it('would be had, were only the small ones left out', async () => {
		let found = 0;
		for (let seed = 0; seed < 7; seed += 1)
			found += await givenAway(randomWorkforce(seed), SMALL_LEFT_OUT, new Dice(seed), 8);
		expect(found).toBeGreaterThan(4);
	});
});
