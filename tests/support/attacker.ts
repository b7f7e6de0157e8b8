/**
 * An attacker who reads every figure that is shown and asks, for each small group of people, between which bounds it must lie: a linear
 * program over all that could be, for HiGHS.
 */
import highsLoader, { type Highs } from 'highs';

/** One person as the tables see them: a place in each dimension, and what is so of them. */
export interface Counted {
	readonly place: readonly number[];
	readonly is: ReadonlySet<string>;
}

/** Some people who are counted together: a code ('' is everybody, `a&b` who has both) and, for some dimensions, a place. */
export interface Cell {
	readonly code: string;
	readonly at: ReadonlyMap<number, number>;
}

/** Everything that someone could be. */
interface Kind extends Counted {
	readonly name: string;
}

const isIn = ({ place, is }: Counted, { code, at }: Cell) =>
	(code === '' || code.split('&').every((one) => is.has(one))) &&
	[...at].every(([dimension, where]) => place[dimension] === where);

/** How many people a cell has. */
export const sizeOf = (people: readonly Counted[], cell: Cell) =>
	people.filter((person) => isIn(person, cell)).length;

let highs: Promise<Highs> | null = null;

/** All kinds of people there can be, of some places and states. */
function kindsOf(sizes: readonly number[], states: readonly ReadonlySet<string>[]): Kind[] {
	const places = sizes.reduce<number[][]>(
		(all, size) => all.flatMap((place) => Array.from({ length: size }, (_, at) => [...place, at])),
		[[]]
	);
	return places
		.flatMap((place) => states.map((is) => ({ place, is })))
		.map((kind, i) => ({ ...kind, name: `k${i}` }));
}

/** Bounds of how many people a cell has, from shown figures alone. */
export async function boundsOf(
	cell: Cell,
	shown: readonly { readonly cell: Cell; readonly n: number }[],
	sizes: readonly number[],
	states: readonly ReadonlySet<string>[]
): Promise<{ low: number; high: number }> {
	highs ??= highsLoader();
	const solver = await highs;
	const kinds = kindsOf(sizes, states);
	const sumOf = (of: Cell) => {
		const names = kinds.filter((kind) => isIn(kind, of)).map(({ name }) => name);
		return names.length > 0 ? names.join(' + ') : '0 k0';
	};
	const rows = shown.map(({ cell: of, n }, i) => ` r${i}: ${sumOf(of)} = ${n}`).join('\n');
	const most = (sense: 'Minimize' | 'Maximize') => {
		const { Status, ObjectiveValue } = solver.solve(
			`${sense}\n obj: ${sumOf(cell)}\nSubject To\n${rows}\nBounds\n${kinds.map(({ name }) => ` 0 <= ${name} <= 100000`).join('\n')}\nEnd\n`
		);
		if (Status !== 'Optimal') throw new Error(`What is shown can't be: ${Status}`);
		return ObjectiveValue;
	};
	return { low: Math.ceil(most('Minimize') - 1e-6), high: Math.floor(most('Maximize') + 1e-6) };
}
