import type { ReasonCode } from '../case-assessment/vocabulary';
import { isMoreUrgent, type TriageLevel } from '../triage/policy';

/**
 * Cases, answers and emails are counted to here: where there are more, the exact number changes nothing that a coordinator does today, and
 * counting them would take longer than all the rest of the page. A count above it means "more than that".
 */
export const MOST_COUNTED = 1000;

/** Groups of the day sheet, in working order: by level, overdue or not. */
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

/** What decides a case's place on the day sheet; days are ISO dates. */
export interface DaySheetCase {
	readonly level: TriageLevel;
	/** Day since which something waits; null where only a follow-up is due. */
	readonly openSince: string | null;
	readonly actBy: string | null;
	readonly followUpOn: string | null;
	/** Whether a clinician has been asked and has not answered yet. */
	readonly isReferred: boolean;
	/** Whether there is an unread message from the person. */
	readonly hasMessage: boolean;
	/** Rules that set the case's present level. */
	readonly reasons: readonly ReasonCode[];
	/** The day it was postponed to, and the rules that had set its level then. */
	readonly laterOn: string | null;
	readonly laterFor: readonly ReasonCode[];
	/** Worst score of the newest report, 0 to 10, for the order within a day. */
	readonly worst: number;
	readonly personId: string;
}

/** Whether the day to act by has passed. */
const isOverdue = (
	{ openSince, actBy, followUpOn }: Pick<DaySheetCase, 'openSince' | 'actBy' | 'followUpOn'>,
	today: string
) => (openSince !== null && actBy !== null && actBy < today) || (followUpOn !== null && followUpOn < today);

/** Whether a case may be postponed: not if it needs an outcome or has an unread message. */
export const mayBePostponed = ({ level, hasMessage }: Pick<DaySheetCase, 'level' | 'hasMessage'>) =>
	!isMoreUrgent(level, 'soon') && !hasMessage;

/** Whether a case is still postponed: its day has not passed and it has no new reason. */
const isPutOff = (of: DaySheetCase, today: string) =>
	of.laterOn !== null &&
	of.laterOn > today &&
	mayBePostponed(of) &&
	of.reasons.every((code) => of.laterFor.includes(code));

/**
 * A case's group on the day sheet. An emergency always stays at the top; a case with a clinician is listed apart unless the person has
 * written since.
 */
export function daySheetGroup(of: DaySheetCase, today: string): DaySheetGroup {
	if (of.openSince !== null && of.level === 'emergency') return 'emergency';
	if (isPutOff(of, today)) return 'later';
	if (of.isReferred && !of.hasMessage) return 'referred';
	if (of.openSince !== null && of.level === 'clinician') return 'clinician';
	return of.openSince === null ? 'look' : of.level;
}

/** The earlier of the day to act by and the day of the follow-up; where there is neither, after all days. */
function dayOf({ openSince, actBy, followUpOn }: DaySheetCase): string {
	const acting = openSince === null ? null : actBy;
	if (acting === null) return followUpOn ?? '9999';
	return followUpOn === null || acting < followUpOn ? acting : followUpOn;
}

/**
 * The order of the day sheet: by group; within a group overdue cases first, then by the day to act by, then by the worst score; ids break
 * ties. An overdue follow-up thus never comes before someone with discomfort.
 */
export function compareDaySheetCases(today: string): (a: DaySheetCase, b: DaySheetCase) => number {
	const rank = (of: DaySheetCase) => DAY_SHEET_GROUPS.indexOf(daySheetGroup(of, today));
	const late = (of: DaySheetCase) => Number(isOverdue(of, today));
	return (a, b) =>
		rank(a) - rank(b) ||
		late(b) - late(a) ||
		(dayOf(a) < dayOf(b) ? -1 : dayOf(a) > dayOf(b) ? 1 : 0) ||
		b.worst - a.worst ||
		(a.personId < b.personId ? -1 : 1);
}

/** Whether a case needs a coordinator today: not postponed, not with a clinician, not merely to be reviewed. */
export function needsCoordinator(of: DaySheetCase, today: string): boolean {
	return !['later', 'referred', 'done'].includes(daySheetGroup(of, today));
}
