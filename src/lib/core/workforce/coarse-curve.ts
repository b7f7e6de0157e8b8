import { kaplanMeier, medianTime, survivalInterval, type TimeToEvent } from './statistics/kaplan-meier';
import type { Interval } from './statistics/interval';
import { MIN_GROUP_SIZE } from './group-size-limit';

/** Time steps, and how many. */
export interface TimeSteps {
	/** Length of a step, days: 1, or 7 for weeks. */
	readonly stepDays: number;
	/** Number of steps; later events count as not having happened. */
	readonly steps: number;
}

/** The first three months in days, from the same day on. */
export const BY_DAYS: TimeSteps = { stepDays: 1, steps: 90 };

/** The first year in weeks. */
export const BY_WEEKS: TimeSteps = { stepDays: 7, steps: 52 };

/** Number of people without an event by the end of each step. */
export interface CoarseCurve {
	readonly pace: TimeSteps;
	readonly n: number;
	/** Number with the event, and number without it so far. */
	readonly events: number;
	readonly open: number;
	readonly points: readonly {
		readonly at: number;
		readonly share: number;
		readonly interval: Interval | null;
	}[];
	/** The step by which half had the event; null where fewer did. */
	readonly median: number | null;
}

/** A step of enough people: the number with the event, and the number last observed in it. */
interface Ended {
	readonly at: number;
	events: number;
	open: number;
}

/**
 * Merges steps until each has enough people. Someone last observed in between is counted with the next step that has enough, and counts as
 * observed until then.
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
	// The rest joins the last step: alone it would be only a few people.
	const last = ended.at(-1);
	if (last) {
		last.events += events;
		if (open >= MIN_GROUP_SIZE) ended.push({ at: Math.max(last.at, ...bySteps.keys()), events: 0, open });
		else last.open += open;
	}
	return ended;
}

/**
 * A curve of times that shows no step of fewer than {@link MIN_GROUP_SIZE} people: steps are merged until each has enough. Cost:
 * proportional to the number of times.
 * @param spells times in days
 * @returns null where there are too few people for any step
 */
export function coarsenCurve(spells: readonly TimeToEvent[], pace: TimeSteps): CoarseCurve | null {
	const told = spells.map(({ time, event, count = 1 }) => {
		// The same day is a day of its own; a week has no such beginning.
		const at = pace.stepDays === 1 ? time : Math.max(1, Math.ceil(time / pace.stepDays));
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
