/** One option for a person: its cost and worth, both whole and above 0. */
export interface PricedOption {
	readonly cost: number;
	readonly worth: number;
}

/** The option chosen for each person, by index; -1 for none. */
export interface BudgetChoice {
	readonly chosen: readonly number[];
	readonly cost: number;
	readonly worth: number;
}

/** A person's options, cheapest first, starting with none; no option costs as much as one that is worth more. */
interface Line {
	readonly costs: readonly number[];
	readonly worths: readonly number[];
	/** Index of each in the given list; -1 for none. */
	readonly places: readonly number[];
	/** Options that no mixture of two others beats, in order; worth per cost falls from one to the next. */
	readonly hull: readonly number[];
}

/** A way to fill the budget: the base with some lines changed. */
interface State {
	readonly cost: number;
	readonly worth: number;
	readonly line: number;
	readonly option: number;
	readonly before: State | null;
}

/** A step from one point of a hull to the next. */
interface Step {
	readonly line: number;
	readonly cost: number;
	readonly worth: number;
}

const perCost = ({ cost, worth }: Pick<Step, 'cost' | 'worth'>) => worth / cost;

function lineOf(options: readonly PricedOption[]): Line {
	const sorted = options
		.map((option, place) => ({ ...option, place }))
		.sort((a, b) => a.cost - b.cost || b.worth - a.worth);
	const kept = [{ cost: 0, worth: 0, place: -1 }];
	for (const option of sorted) if (option.worth > (kept.at(-1)?.worth ?? 0)) kept.push(option);
	const hull: number[] = [];
	kept.forEach((option, at) => {
		const isBelow = () => {
			const [a, b] = hull.slice(-2).map((one) => kept[one]);
			if (!a || !b) return false;
			return (b.worth - a.worth) * (option.cost - b.cost) <= (option.worth - b.worth) * (b.cost - a.cost);
		};
		while (isBelow()) hull.pop();
		hull.push(at);
	});
	return {
		costs: kept.map(({ cost }) => cost),
		worths: kept.map(({ worth }) => worth),
		places: kept.map(({ place }) => place),
		hull
	};
}

const at = (list: readonly number[], i: number) => list[i] ?? 0;

function stepsOf(lines: readonly Line[]): Step[] {
	return lines
		.flatMap(({ costs, worths, hull }, line) =>
			hull.slice(1).map((to, i) => ({
				line,
				cost: at(costs, to) - at(costs, at(hull, i)),
				worth: at(worths, to) - at(worths, at(hull, i))
			}))
		)
		.sort((a, b) => perCost(b) - perCost(a) || a.line - b.line);
}

/**
 * The base: steps by worth per cost as long as they fit; and the same plus any smaller steps that still fit after the first that does not.
 */
function fill(lines: readonly Line[], steps: readonly Step[], budget: number) {
	const level = lines.map(() => 0);
	let cost = 0;
	let worth = 0;
	let split = 0;
	for (let step = steps[split]; step && cost + step.cost <= budget; step = steps[(split += 1)]) {
		level[step.line] = (level[step.line] ?? 0) + 1;
		cost += step.cost;
		worth += step.worth;
	}
	const greedy = { level: [...level], cost, worth };
	const stopped = new Set<number>();
	for (const step of steps.slice(split)) {
		if (stopped.has(step.line)) continue;
		if (greedy.cost + step.cost > budget) stopped.add(step.line);
		else {
			greedy.level[step.line] = (greedy.level[step.line] ?? 0) + 1;
			greedy.cost += step.cost;
			greedy.worth += step.worth;
		}
	}
	return { level, cost, worth, split, greedy };
}

/** Two lists of states merged by cost, without states that another beats or equals. */
function merged(lists: readonly (readonly State[])[], isKept: (state: State) => boolean): State[] {
	const all = lists.flat().filter(isKept);
	all.sort((a, b) => a.cost - b.cost || b.worth - a.worth);
	const kept: State[] = [];
	for (const state of all) if (state.worth > (kept.at(-1)?.worth ?? -Infinity)) kept.push(state);
	return kept;
}

/**
 * The order in which lines are opened, alternating between the one to change first with a little more money and the one to change first
 * with a little less; with the best worth per unit of money still to gain and the least to lose once that many are open.
 */
function opening(steps: readonly Step[], split: number, lines: number) {
	const ups = steps.slice(split);
	const downs = steps.slice(0, split).reverse();
	const order: number[] = [];
	const isOpen = new Set<number>();
	const bounds: { gain: number; loss: number }[] = [];
	let [up, down] = [0, 0];
	const skip = () => {
		while (up < ups.length && isOpen.has(ups[up]?.line ?? -1)) up += 1;
		while (down < downs.length && isOpen.has(downs[down]?.line ?? -1)) down += 1;
		const [more, less] = [ups[up], downs[down]];
		bounds.push({ gain: more ? perCost(more) : 0, loss: less ? perCost(less) : Infinity });
	};
	skip();
	while (order.length < lines && (up < ups.length || down < downs.length)) {
		const isUp = down >= downs.length || (up < ups.length && order.length % 2 === 0);
		const line = (isUp ? ups[up] : downs[down])?.line ?? -1;
		order.push(line);
		isOpen.add(line);
		skip();
	}
	return { order, bounds };
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** The part of a budget that can be spent at all: where every cost is a multiple of 50, the last 49 can't be. */
function spendable(lines: readonly Line[], budget: number): number {
	const unit = lines.flatMap(({ costs }) => costs).reduce(gcd, 0);
	return unit === 0 ? 0 : budget - (budget % unit);
}

/** The error of a quotient of whole numbers, far below the smallest difference of two worths. */
const ROUNDING = 1e-6;

/**
 * The highest total worth within a budget, choosing at most one option per person; exact. Starts from filling by worth per cost and changes
 * lines from the last one that fitted outwards, keeping every way of filling that the untouched lines could still lift above the best
 * known; ends when there is none. Cost: sorting all options; then lines times states kept, which is small unless very many options have
 * exactly the same worth per cost.
 * @param options for each person, what can be done; costs and worths whole and above 0
 * @param money the budget, whole, 0 or more
 */
export function chooseWithinBudget(
	options: readonly (readonly PricedOption[])[],
	money: number
): BudgetChoice {
	const lines = options.map(lineOf);
	const budget = spendable(lines, money);
	const steps = stepsOf(lines);
	const { level, cost, worth, split, greedy } = fill(lines, steps, budget);
	const { order, bounds } = opening(steps, split, lines.length);
	let best: State | null = null;
	let bestWorth = greedy.worth;
	let states: State[] = [{ cost, worth, line: -1, option: 0, before: null }];
	order.forEach((index, opened) => {
		const line = lines[index];
		const bound = bounds[opened + 1];
		if (!line || !bound || states.length === 0) return;
		const base = at(line.hull, level[index] ?? 0);
		const lists = line.costs.map((_, option) =>
			option === base
				? states
				: states.map((before) => ({
						cost: before.cost + at(line.costs, option) - at(line.costs, base),
						worth: before.worth + at(line.worths, option) - at(line.worths, base),
						line: index,
						option,
						before
					}))
		);
		for (const state of lists.flat())
			if (state.cost <= budget && state.worth > bestWorth) [best, bestWorth] = [state, state.worth];
		states = merged(lists, (state) => {
			const left = budget - state.cost;
			const most = state.worth + (left >= 0 ? left * bound.gain : left * bound.loss);
			return most >= bestWorth + 1 - ROUNDING;
		});
	});
	const chosen = lines.map(({ hull }, i) => at(hull, (best ? level : greedy.level)[i] ?? 0));
	for (let state: State | null = best; state && state.line >= 0; state = (state as State).before)
		chosen[state.line] = state.option;
	return {
		chosen: chosen.map((option, i) => lines[i]?.places[option] ?? -1),
		cost: chosen.reduce((sum, option, i) => sum + at(lines[i]?.costs ?? [], option), 0),
		worth: bestWorth
	};
}
