import jstat from 'jstat';
import { chiSquaredTail } from './interval';
import { kaplanMeier, type TimeToEvent } from './kaplan-meier';

/** Whether groups differ in the time to an event. */
export interface LogRank {
	readonly chiSquared: number;
	readonly p: number;
}

/** A time to event with its group. */
export interface GroupedTimeToEvent extends TimeToEvent {
	readonly group: string;
}

/**
 * The log-rank test of two or more groups (Mantel 1966). Cost: number of event times times the square of the number of groups.
 * @returns null for fewer than two groups, or where nothing happened while more than one was observed
 */
export function logRank(spells: readonly GroupedTimeToEvent[]): LogRank | null {
	const groups = [...new Set(spells.map(({ group }) => group))].sort();
	// One group fewer: the last follows from the others.
	const free = groups.slice(0, -1);
	if (free.length === 0) return null;
	const curves = groups.map((group) => kaplanMeier(spells.filter((one) => one.group === group)));
	const excess = free.map(() => 0);
	const variance = free.map(() => free.map(() => 0));
	for (const { time, atRisk, events } of kaplanMeier(spells)) {
		if (events === 0 || atRisk < 2) continue;
		const left = curves.map((curve) => curve.find((point) => point.time >= time)?.atRisk ?? 0);
		const happened = curves.map((curve) => curve.find((point) => point.time === time)?.events ?? 0);
		const spread = (events * (atRisk - events)) / (atRisk - 1);
		free.forEach((_, i) => {
			const share = (left[i] ?? 0) / atRisk;
			excess[i] = (excess[i] ?? 0) + (happened[i] ?? 0) - events * share;
			free.forEach((_, j) => {
				const row = variance[i] ?? [];
				row[j] = (row[j] ?? 0) + spread * share * ((i === j ? 1 : 0) - (left[j] ?? 0) / atRisk);
			});
		});
	}
	if (variance.some((row, i) => !((row[i] ?? 0) > 0))) return null;
	const inverse = jstat.inv(variance);
	const chiSquared = excess.reduce(
		(sum, a, i) => sum + excess.reduce((part, b, j) => part + a * b * (inverse[i]?.[j] ?? 0), 0),
		0
	);
	return { chiSquared, p: chiSquaredTail(chiSquared, free.length) };
}
