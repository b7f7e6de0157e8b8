import { describe, expect, it } from 'vitest';
import {
	CellsOfBefore,
	changesOfDimension,
	type PendingCell
} from '../../src/lib/core/workforce/cells-before';
import {
	changesByGroup,
	peopleToRenew,
	type CountedState
} from '../../src/lib/core/workforce/people-to-renew';
import { closingTables, type HiddenSums } from '../../src/lib/core/workforce/closing-table';
import { MIN_GROUP_SIZE } from '../../src/lib/core/workforce/group-size-limit';
import type { CodeRule, FigureTable, Tally } from '../../src/lib/core/workforce/figures';
import { Dice } from '../../seed/random';
import { LinearSystem } from '../support/linear-system';
import { casesOf } from '../support/rotation';

/** What is counted: a place that hurts, and one kind of it; everyone has `in`. */
const RULES: readonly CodeRule[] = [
	{ code: 'sore', among: '' },
	{ code: 'neck', among: 'sore' }
];
const CODES = ['sore', 'neck'] as const;

const CLOSINGS = 24;

/** A published state of a person, until the next one. */
interface Version {
	readonly person: number;
	readonly state: CountedState;
}

/** Everything that is published of a closing: a table for everyone and one for each dimension. */
interface Closing {
	readonly tables: readonly {
		readonly table: FigureTable;
		readonly pending: readonly PendingCell[];
		readonly sums: HiddenSums;
		readonly renewedOn: Readonly<Record<string, string>>;
	}[];
	/** Index of each person's version; people without one are not counted. */
	readonly versions: ReadonlyMap<number, number>;
	/** The versions that begin, and those that end. */
	readonly begun: readonly number[];
	readonly ended: readonly number[];
}

function randomState(dice: Dice, sizes: readonly number[], usual: number): CountedState {
	const groups = sizes.map((size) => String(Math.min(dice.int(0, size - 1), dice.int(0, size - 1))));
	const isSore = dice.int(0, 99) < (usual + 25 * Number(groups[0])) % 101;
	const codes = ['in', ...(isSore ? ['sore'] : []), ...(isSore && dice.int(0, 2) > 0 ? ['neck'] : [])];
	return { groups, codes };
}

/** People of a workforce from month to month: they join, leave, move to another team, and answer anew. */
class Lives {
	private readonly now = new Map<number, CountedState>();
	private joined = 0;
	private readonly sizes: readonly number[];
	private readonly usual: number;

	constructor(private readonly dice: Dice) {
		this.sizes = [dice.int(2, 6), dice.int(2, 3)];
		this.usual = dice.int(0, 100);
		this.join(dice.int(20, 160));
	}

	private join(n: number): void {
		for (let i = 0; i < n; i += 1, this.joined += 1)
			this.now.set(this.joined, randomState(this.dice, this.sizes, this.usual));
	}

	/** Lets a month pass: some are quiet, in some much happens. */
	next(): ReadonlyMap<number, CountedState> {
		const stir = this.dice.pick([0, 0, 2, 5, 20, 60]);
		for (const [person, state] of this.now) {
			const fate = this.dice.int(0, 199);
			if (fate < 3) this.now.delete(person);
			else if (fate < 3 + stir) {
				const anew = randomState(this.dice, this.sizes, this.usual);
				this.now.set(person, this.dice.int(0, 9) === 0 ? anew : { ...anew, groups: state.groups });
			}
		}
		this.join(this.dice.pick([0, 0, 1, 2, 7, 15]));
		return new Map(this.now);
	}

	get dimensions(): number {
		return this.sizes.length;
	}
}

function tallyOf(states: readonly CountedState[], dimension: number): Tally {
	const keyOf = (state: CountedState) => (dimension === 0 ? '' : (state.groups[dimension - 1] ?? ''));
	const groups = [...new Set(states.map(keyOf))].sort();
	const count = (is: (state: CountedState) => boolean) =>
		groups.map((group) => states.filter((state) => keyOf(state) === group && is(state)).length);
	return {
		groups,
		people: count(() => true),
		counts: Object.fromEntries(CODES.map((code) => [code, count(({ codes }) => codes.includes(code))]))
	};
}

/** Publishes the closings of a workforce, as the program does. */
function publishedClosings(seed: number): { closings: Closing[]; versions: Version[] } {
	const lives = new Lives(new Dice(seed + 1));
	const versions: Version[] = [];
	const current = new Map<number, number>();
	const closings: Closing[] = [];
	for (let month = 0; month < CLOSINGS; month += 1) {
		const now = lives.next();
		const people = [...new Set([...current.keys(), ...now.keys()])];
		const changed = people
			.map((person) => ({
				person,
				before: versions[current.get(person) ?? -1]?.state ?? null,
				after: now.get(person) ?? null
			}))
			.filter(({ before, after }) => before !== after);
		const chosen = [...peopleToRenew(changed)];
		const changes = changesByGroup(changed, chosen);
		const [begun, ended]: [number[], number[]] = [[], []];
		for (const index of chosen) {
			const { person = -1, after = null } = changed[index] ?? {};
			const old = current.get(person);
			if (old !== undefined) ended.push(old);
			current.delete(person);
			if (after) {
				current.set(person, versions.push({ person, state: after }) - 1);
				begun.push(versions.length - 1);
			}
		}
		const states = [...current.values()].flatMap((at) => versions[at]?.state ?? []);
		const dimensions = Array.from({ length: lives.dimensions + 1 }, (_, dimension) => {
			const before = closings.at(-1)?.tables[dimension] ?? null;
			const cells = new CellsOfBefore(before, changesOfDimension(changes, dimension), RULES, 'in');
			const versionOf = (group: string) =>
				changes[dimension]?.has(group) ? String(month) : (before?.renewedOn[group] ?? String(month));
			return { tally: tallyOf(states, dimension), rules: RULES, cells, sums: before?.sums ?? {}, versionOf };
		});
		const tables = closingTables(dimensions).map(({ table, sums }, dimension) => {
			const { cells, versionOf } = dimensions[dimension] ?? { cells: null, versionOf: String };
			const renewedOn = Object.fromEntries(table.groups.map((group) => [group, versionOf(group)]));
			return { table, sums, renewedOn, pending: cells?.pendingOf(table) ?? [] };
		});
		closings.push({ tables, versions: new Map(current), begun, ended });
	}
	return { closings, versions };
}

/** What an attacker knows who reads every closing, and knows who was in which group and renewed when. @param colluders who tell what they answered */
function attack(seed: number, colluders: number): string[] {
	const { closings, versions } = publishedClosings(seed);
	const all = [...versions.keys()];
	const found: string[] = [];
	for (const code of CODES) {
		const system = new LinearSystem(versions.length);
		const has = (at: number) => versions[at]?.state.codes.includes(code) ?? false;
		const inGroup = (at: number, dimension: number, group: string) =>
			dimension === 0 || versions[at]?.state.groups[dimension - 1] === group;
		const told = all.filter((at) => (versions[at]?.person ?? 0) < colluders);
		for (const at of told) system.add([at]);
		const hidden: { name: string; of: number[] }[] = [];
		for (const [month, { tables, versions: current, begun, ended }] of closings.entries())
			for (const [dimension, { table }] of tables.entries()) {
				const figure = table.figures.find((one) => one.code === code);
				if (figure?.all) system.add(current.values());
				for (const [i, group] of table.groups.entries()) {
					const name = `${code}, month ${month}, dimension ${dimension}, group ${group}`;
					const of = [...current.values()].filter((at) => inGroup(at, dimension, group));
					if (figure?.groups[i]) system.add(of);
					else hidden.push({ name, of });
					// Who joined a group together, or left it.
					const renewed = [begun, ended].map((some) => some.filter((at) => inGroup(at, dimension, group)));
					for (const some of renewed) hidden.push({ name: `${name}, renewed`, of: some });
				}
			}
		for (const at of all) if (!told.includes(at)) hidden.push({ name: `${code} of version ${at}`, of: [at] });
		for (const { name, of } of hidden) {
			const unknown = of.filter((at) => !told.includes(at));
			const x = unknown.filter(has).length;
			const isSmall = x < MIN_GROUP_SIZE - colluders || unknown.length - x < MIN_GROUP_SIZE - colluders;
			if (unknown.length > 0 && isSmall && system.tells(unknown))
				found.push(`${name}: ${x} of ${unknown.length}`);
		}
	}
	return found;
}

describe('figures over 24 closings', () => {
	it.each(casesOf(200, 10))('single nobody out of workforce %i', (seed) => {
		expect(attack(seed, 0)).toEqual([]);
	});

	it.each(casesOf(200, 5))('nor where two members tell what they answered, in workforce %i', (seed) => {
		expect(attack(seed, 2).filter((one) => one.includes('version'))).toEqual([]);
	});

	it('would, if a single person were renewed: the attack is real', () => {
		const system = new LinearSystem(4);
		system.add([0, 1, 2]);
		system.add([0, 1, 3]);
		expect(system.tells([3])).toBe(false);
		// Once it is known what the person answered before, it is known what they answer now.
		system.add([2]);
		expect(system.tells([3])).toBe(true);
	});

	it('are still there, in small and restless workforces too', () => {
		let [whole, shown, cells] = [0, 0, 0];
		for (let seed = 0; seed < 40; seed += 1)
			for (const { tables } of publishedClosings(seed).closings) {
				const [everyone, byTeam] = tables;
				if (everyone?.table.figures[0]?.all) whole += 1;
				for (const figure of byTeam?.table.figures[0]?.groups ?? []) {
					cells += 1;
					if (figure) shown += 1;
				}
			}
		expect(whole / (40 * CLOSINGS)).toBeGreaterThan(0.25);
		expect(shown / cells).toBeGreaterThan(0.1);
	});
});
