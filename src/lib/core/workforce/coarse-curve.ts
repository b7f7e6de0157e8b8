import { kaplanMeier, medianTime, survivalInterval, type Interval, type TimeToEvent } from '../statistics';
import { MIN_GROUP_SIZE } from './group-size-limit';

/** In which steps time is told, and how far. */
export interface TimeSteps {
	/** Days of a step: 1, or 7 for weeks. */
	readonly stepDays: number;
	/** Steps that are looked at; who has not had it by then has not. */
	readonly steps: number;
}

/** The first three months in days. */
export const BY_DAYS: TimeSteps = { stepDays: 1, steps: 90 };

/** The first year in weeks. */
export const BY_WEEKS: TimeSteps = { stepDays: 7, steps: 52 };

/** How many have not yet had something by the end of some steps. */
export interface CoarseCurve {
	readonly pace: TimeSteps;
	readonly n: number;
	/** How many of them had it, and how many have not yet. */
	readonly events: number;
	readonly open: number;
	readonly points: readonly {
		readonly at: number;
		readonly share: number;
		readonly interval: Interval | null;
	}[];
	/** Steps by which half have had it; null where fewer have. */
	readonly median: number | null;
}

/** A step that ends with enough people: how many had it in it, and how many were looked at the last time. */
interface Ended {
	readonly at: number;
	events: number;
	open: number;
}

/**
 * Steps put together until each is of enough people. Who was looked at the last time in between is counted with the next step that has
 * enough of them: for that long they count as still looked at.
 */
function endedSteps(spells: readonly TimeToEvent[]): Ended[] {
	const bySteps = new Map<number, Ended>();
	for (const { time, event, count = 1 } of spells) {
		const of = bySteps.get(time) ?? { at: time, events: 0, open: 0 };
		of[event ? 'events' : 'open'] += count;
		bySteps.set(time, of);
	}
	const ended: Ended[] = [];
	let [events, open] = [0, 0];
	for (const step of [...bySteps.values()].sort((a, b) => a.at - b.at)) {
		events += step.events;
		open += step.open;
		if (events < MIN_GROUP_SIZE) continue;
		const told = open >= MIN_GROUP_SIZE ? open : 0;
		ended.push({ at: step.at, events, open: told });
		events = 0;
		open -= told;
	}
	// What is left over goes with the last step: alone it would be of a few.
	const last = ended.at(-1);
	if (last) {
		last.events += events;
		if (open >= MIN_GROUP_SIZE) ended.push({ at: Math.max(last.at, ...bySteps.keys()), events: 0, open });
		else last.open += open;
	}
	return ended;
}

/**
 * A curve of how long something takes that shows no step of fewer than {@link MIN_GROUP_SIZE} people: steps are put together until each is of enough.
 *
 * Cost: in proportion to the spells.
 *
 * @param spells times in days
 * @returns null where there are too few for any step
 */
export function coarsenCurve(spells: readonly TimeToEvent[], pace: TimeSteps): CoarseCurve | null {
	const told = spells.map(({ time, event, count = 1 }) => {
		const at = Math.max(1, Math.ceil(time / pace.stepDays));
		return at > pace.steps ? { time: pace.steps, event: false, count } : { time: at, event, count };
	});
	const n = told.reduce((sum, { count }) => sum + count, 0);
	const events = told.reduce((sum, { event, count }) => sum + (event ? count : 0), 0);
	const open = n - events;
	if (events < MIN_GROUP_SIZE || (open > 0 && open < MIN_GROUP_SIZE)) return null;
	const coarse = endedSteps(told).flatMap(({ at, events: happened, open: left }) => [
		{ time: at, event: true, count: happened },
		{ time: at, event: false, count: left }
	]);
	const points = kaplanMeier(coarse);
	return {
		pace,
		n,
		events,
		open,
		points: points.map((point) => ({
			at: point.time,
			share: point.survival,
			interval: survivalInterval(point)
		})),
		median: medianTime(points)
	};
}
