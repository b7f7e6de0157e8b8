import type { ReasonCode } from '../case-assessment/vocabulary';
import { isMoreUrgent, type TriageLevel } from '../triage';

/** Parts of the day sheet, in the order in which they are worked off: by level, whatever is late. */
export const DAY_SHEET_GROUPS = [
	'emergency',
	'urgent',
	'clinician',
	'soon',
	'help',
	'look',
	'home',
	'referred',
	'done',
	'later'
] as const;

/** One of {@link DAY_SHEET_GROUPS}. */
export type DaySheetGroup = (typeof DAY_SHEET_GROUPS)[number];

/** What decides where a case stands on the day sheet; days are ISO dates. */
export interface DaySheetCase {
	readonly level: TriageLevel;
	/** Since when something waits; null where only a follow-up is due. */
	readonly openSince: string | null;
	readonly actBy: string | null;
	readonly followUpOn: string | null;
	/** Whether a clinician has been asked and has not answered yet. */
	readonly isReferred: boolean;
	/** Whether the person wrote something that nobody has read. */
	readonly hasMessage: boolean;
	/** Rules that give the case its place now. */
	readonly reasons: readonly ReasonCode[];
	/** Until when it was put off, and the rules that had given it its place then. */
	readonly laterOn: string | null;
	readonly laterFor: readonly ReasonCode[];
	/** Worst score of the newest report, 0 to 10: for the order within a day. */
	readonly worst: number;
	readonly personId: string;
}

/** Whether the day by which someone should have acted is past. */
export const isOverdue = (
	{ openSince, actBy, followUpOn }: Pick<DaySheetCase, 'openSince' | 'actBy' | 'followUpOn'>,
	today: string
) => (openSince !== null && actBy !== null && actBy < today) || (followUpOn !== null && followUpOn < today);

/** Whether a case may be put off: nothing that wants an outcome or has to be read first. */
export const mayBePostponed = ({ level, hasMessage }: Pick<DaySheetCase, 'level' | 'hasMessage'>) =>
	!isMoreUrgent(level, 'soon') && !hasMessage;

/** Whether a case that was put off still is: not past its day, and with nothing new to it. */
const isPutOff = (of: DaySheetCase, today: string) =>
	of.laterOn !== null &&
	of.laterOn > today &&
	mayBePostponed(of) &&
	of.reasons.every((code) => of.laterFor.includes(code));

/**
 * Where a case stands on the day sheet. An emergency is never moved away from the top; what a clinician has been asked stands apart unless the
 * person has written since.
 */
export function daySheetGroup(of: DaySheetCase, today: string): DaySheetGroup {
	if (of.openSince !== null && of.level === 'emergency') return 'emergency';
	if (isPutOff(of, today)) return 'later';
	if (of.isReferred && !of.hasMessage) return 'referred';
	if (of.openSince !== null && of.level === 'clinician') return 'clinician';
	return of.openSince === null ? 'look' : of.level;
}

/**
 * The order of the day: by group; within one the overdue first, then by the day to act by, then by the worst score. Ids decide the rest. A look
 * that is late so never stands before someone who hurts.
 */
export function compareDaySheetCases(today: string): (a: DaySheetCase, b: DaySheetCase) => number {
	const rank = (of: DaySheetCase) => DAY_SHEET_GROUPS.indexOf(daySheetGroup(of, today));
	const late = (of: DaySheetCase) => Number(isOverdue(of, today));
	const day = (of: DaySheetCase) =>
		[of.openSince ? of.actBy : null, of.followUpOn].filter((one) => one !== null).sort()[0] ?? '9999';
	return (a, b) =>
		rank(a) - rank(b) ||
		late(b) - late(a) ||
		(day(a) < day(b) ? -1 : day(a) > day(b) ? 1 : 0) ||
		b.worst - a.worst ||
		(a.personId < b.personId ? -1 : 1);
}

/** Whether a case asks something of a coordinator today: neither postponed, nor with a clinician, nor only to be looked at. */
export function needsCoordinator(of: DaySheetCase, today: string): boolean {
	return !['later', 'referred', 'done'].includes(daySheetGroup(of, today));
}
