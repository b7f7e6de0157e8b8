/** One option for a person: its cost and worth, both whole and above 0. */
export interface PricedOption {
	readonly cents: number;
	readonly worth: number;
}

/** The option chosen for each person, by index; -1 for none. */
export interface BudgetChoice {
	readonly chosen: readonly number[];
	readonly cost: number;
	readonly worth: number;
	/** No choice is worth more than this: as much as {@link worth}, unless the search was ended before that was proven. */
	readonly mostWorth: number;
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

const at = (list: readonly number[], i: number) => list[i] ?? 0;

const perCost = ({ cost, worth }: Pick<Step, 'cost' | 'worth'>) => worth / cost;

function lineOf(options: readonly PricedOption[]): Line {
	const [costs, worths, places, hull] = [[0], [0], [-1], [0]];
	const sorted =
		options.length < 2 ? options : [...options].sort((a, b) => a.cents - b.cents || b.worth - a.worth);
	for (const option of sorted) {
		const { cents, worth } = option;
		if (worth <= at(worths, worths.length - 1)) continue;
		const isBelow = () => {
			const [a, b] = [hull.at(-2), hull.at(-1)];
			if (a === undefined || b === undefined) return false;
			return (
				(at(worths, b) - at(worths, a)) * (cents - at(costs, b)) <=
				(worth - at(worths, b)) * (at(costs, b) - at(costs, a))
			);
		};
		while (isBelow()) hull.pop();
		hull.push(costs.length);
		costs.push(cents);
		worths.push(worth);
		places.push(options.indexOf(option));
	}
	return { costs, worths, places, hull };
}

function stepsOf(lines: readonly Line[]): Step[] {
	const steps: (Step & { readonly perCost: number })[] = [];
	lines.forEach(({ costs, worths, hull }, line) => {
		for (let i = 1; i < hull.length; i += 1) {
			const [from, to] = [at(hull, i - 1), at(hull, i)];
			const step = { cost: at(costs, to) - at(costs, from), worth: at(worths, to) - at(worths, from) };
			steps.push({ line, ...step, perCost: perCost(step) });
		}
	});
	return steps.sort((a, b) => b.perCost - a.perCost || a.line - b.line);
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

/** What choosing an option of a line adds to every state. */
interface Shift {
	readonly option: number;
	readonly cost: number;
	readonly worth: number;
}

/** Of states by cost, each worth more than the one before: the place of the last that is still within the money once it is shifted; -1 for none. */
function lastWithin(states: readonly State[], { cost }: Shift, money: number): number {
	let [low, high] = [0, states.length];
	while (low < high) {
		const middle = (low + high) >> 1;
		if ((states[middle]?.cost ?? 0) + cost <= money) low = middle + 1;
		else high = middle;
	}
	return low - 1;
}

/** A state with a line's option chosen in it; one whose option is the base's stays as it is. */
const shifted = (before: State, line: number, { option, cost, worth }: Shift): State =>
	cost === 0 && worth === 0
		? before
		: { cost: before.cost + cost, worth: before.worth + worth, line, option, before };

/**
 * States with each option of a line chosen in turn, by cost, without those that another beats or equals. Each option's are in order already,
 * so they are merged, and only what is kept is made.
 */
function merged(
	states: readonly State[],
	line: number,
	shifts: readonly Shift[],
	isKept: (cost: number, worth: number) => boolean
): State[] {
	const places = shifts.map(() => 0);
	const kept: State[] = [];
	let most = -Infinity;
	for (;;) {
		let next = -1;
		let cost = Infinity;
		let worth = -Infinity;
		for (let k = 0; k < shifts.length; k += 1) {
			const state = states[places[k] ?? 0];
			const shift = shifts[k];
			if (!state || !shift) continue;
			const ofCost = state.cost + shift.cost;
			const ofWorth = state.worth + shift.worth;
			if (ofCost > cost || (ofCost === cost && ofWorth <= worth)) continue;
			next = k;
			cost = ofCost;
			worth = ofWorth;
		}
		const shift = shifts[next];
		if (!shift) return kept;
		const place = places[next] ?? 0;
		places[next] = place + 1;
		const state = states[place];
		if (!state || worth <= most || !isKept(cost, worth)) continue;
		most = worth;
		kept.push(shifted(state, line, shift));
	}
}

/** A line to open next; and, once it is open, the best worth per unit of money still to gain and the least to lose. */
interface Opened {
	readonly line: number;
	readonly gain: number;
	readonly loss: number;
}

/**
 * The order in which lines are opened, alternating between the one to change first with a little more money and the one to change first
 * with a little less; worked out as far as it is asked for.
 */
function* opening(steps: readonly Step[], split: number): Generator<Opened> {
	const isOpen = new Set<number>();
	let [up, down] = [split, split - 1];
	const skip = () => {
		while (up < steps.length && isOpen.has(steps[up]?.line ?? -1)) up += 1;
		while (down >= 0 && isOpen.has(steps[down]?.line ?? -1)) down -= 1;
	};
	while (up < steps.length || down >= 0) {
		const isUp = down < 0 || (up < steps.length && isOpen.size % 2 === 0);
		const line = steps[isUp ? up : down]?.line ?? -1;
		isOpen.add(line);
		skip();
		const [more, less] = [steps[up], steps[down]];
		yield { line, gain: more ? perCost(more) : 0, loss: less ? perCost(less) : Infinity };
	}
}

/** The error of a quotient of whole numbers, far below the smallest difference of two worths. */
const ROUNDING = 1e-6;

/**
 * The highest total worth within a budget, choosing at most one option per person; exact, unless it says otherwise. Starts from filling by
 * worth per cost and changes lines from the last one that fitted outwards, keeping every way of filling that the untouched lines could
 * still lift above the best known; ends when there is none, or after so many. Cost: sorting all options; then lines times states kept,
 * which is small unless very many options have exactly the same worth per cost.
 * @param budget whole, 0 or more; what is beyond a multiple of all costs leaves more to search
 * @param mostStates states looked at before the search is ended
 */
export function searchChoices(
	options: readonly (readonly PricedOption[])[],
	budget: number,
	mostStates: number
): BudgetChoice {
	const lines = options.map(lineOf);
	const steps = stepsOf(lines);
	const { level, cost, worth, split, greedy } = fill(lines, steps, budget);
	let best: State | null = null;
	let bestWorth = greedy.worth;
	let states: State[] = [{ cost, worth, line: -1, option: 0, before: null }];
	let looked = 0;
	let mostWorth = 0;
	for (const { line: index, gain, loss } of opening(steps, split)) {
		const line = lines[index];
		if (!line || states.length === 0) break;
		const base = at(line.hull, level[index] ?? 0);
		const shifts = line.costs.map((each, option) => ({
			option,
			cost: each - at(line.costs, base),
			worth: at(line.worths, option) - at(line.worths, base)
		}));
		for (const shift of shifts) {
			const state = states[lastWithin(states, shift, budget)];
			if (state && state.worth + shift.worth > bestWorth)
				[best, bestWorth] = [shifted(state, index, shift), state.worth + shift.worth];
		}
		const mostOf = (ofCost: number, ofWorth: number) => {
			const left = budget - ofCost;
			return ofWorth + (left >= 0 ? left * gain : left * loss);
		};
		const aim = bestWorth + 1 - ROUNDING;
		states = merged(states, index, shifts, (ofCost, ofWorth) => mostOf(ofCost, ofWorth) >= aim);
		looked += states.length * shifts.length;
		if (looked > mostStates) {
			mostWorth = states.reduce(
				(most, state) => Math.max(most, Math.floor(mostOf(state.cost, state.worth) + ROUNDING)),
				0
			);
			break;
		}
	}
	const chosen = lines.map(({ hull }, i) => at(hull, (best ? level : greedy.level)[i] ?? 0));
	for (let state: State | null = best; state && state.line >= 0; state = (state as State).before)
		chosen[state.line] = state.option;
	return {
		chosen: chosen.map((option, i) => lines[i]?.places[option] ?? -1),
		cost: chosen.reduce((sum, option, i) => sum + at(lines[i]?.costs ?? [], option), 0),
		worth: bestWorth,
		mostWorth: Math.max(bestWorth, mostWorth)
	};
}
