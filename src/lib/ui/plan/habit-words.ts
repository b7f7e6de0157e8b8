import type { Habit } from '$lib/core/questionnaire/checklist/habits';
import type { AdvisedViewingDistance } from '$lib/core/plan/advice/advised-viewing-distance';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Catalogue } from '$lib/messages/shapes';

/** The viewing distance someone is told, in words. */
export function distanceWords(told: AdvisedViewingDistance, t: Catalogue, unit: LengthUnit): string {
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	if (told.by === 'band') return t.habits.distance.band(length(told.low), length(told.high));
	return t.habits.distance[told.by](length(told.mm));
}

/** A habit as told to one person. */
export function habitWords(
	{ id, question }: Habit,
	told: AdvisedViewingDistance,
	t: Catalogue,
	unit: LengthUnit
): string {
	if (id === 'screen-distance') return distanceWords(told, t, unit);
	return id === 'up-and-about' && question?.item === 'weight-shift' ? t.habits.shifting : t.habits.names[id];
}
