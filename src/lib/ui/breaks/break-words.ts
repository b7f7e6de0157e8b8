import type { BreakKind, BreakSchedule } from '$lib/core/breaks/break-schedules';
import type { BreakTexts } from '$lib/messages/breaks';

/** The name of a kind of break, for someone who stays seated or gets up. */
export function breakKindWords(texts: BreakTexts, kind: BreakKind, isSeated: boolean): string {
	const seated: Partial<Record<BreakKind, string>> = texts.seatedKinds;
	return (isSeated && seated[kind]) || texts.kinds[kind];
}

/** The same, short. */
export function shortBreakKindWords(texts: BreakTexts, kind: BreakKind, isSeated: boolean): string {
	const seated: Partial<Record<BreakKind, string>> = texts.shortSeatedKinds;
	return (isSeated && seated[kind]) || texts.shortKinds[kind];
}

/** The name of a schedule, and why to choose it. */
export function breakScheduleWords(texts: BreakTexts, breakSchedule: BreakSchedule, isSeated: boolean) {
	const seated: Partial<BreakTexts['breakSchedules']> = texts.seatedBreakSchedules;
	return (isSeated && seated[breakSchedule]) || texts.breakSchedules[breakSchedule];
}
