/** Levels of the coordinator's day, most urgent first. */
export const TRIAGE_LEVELS = ['emergency', 'urgent', 'clinician', 'soon', 'help', 'home', 'done'] as const;

/** One level; see {@link TRIAGE_LEVELS}. */
export type TriageLevel = (typeof TRIAGE_LEVELS)[number];

/** Whether one level is graver than another. */
export function isMoreUrgent(a: TriageLevel, than: TriageLevel): boolean {
	return TRIAGE_LEVELS.indexOf(a) < TRIAGE_LEVELS.indexOf(than);
}

/** Every number that decides who is seen when. A change is a new version; a judgement keeps the one it was made by. */
export interface TriagePolicy {
	readonly version: number;
	/** Worst score from which a region is for a clinician, and from which it is soon. */
	readonly clinicianFrom: number;
	readonly soonFrom: number;
	/** A report of weakness is for a clinician from this score on. */
	readonly weaknessFrom: number;
	/** Tingling or numbness is for a clinician from so many days of seven on, or from this score on. */
	readonly tingling: { readonly days: number; readonly from: number };
	/** A check that no plan closes is soon with this score in a region tied to it. */
	readonly unclosableFrom: number;
	/** Working days to act in at each level; null where nothing is to be done. */
	readonly workingDaysToAct: Readonly<Record<TriageLevel, number | null>>;
	/** Working days to answer a message in. */
	readonly workingDaysToAnswer: number;
	/** Days to the next full look, and where the last report had a score from `from` on. */
	readonly recheckDays: number;
	readonly recheckSooner: { readonly days: number; readonly from: number };
	/** Days after a plan is carried out at which the person is asked how it holds. */
	readonly checkInDays: readonly number[];
	/** Days after answers or a check-in at which someone with things left to do is asked what is in the way, and how often after the same answers. */
	readonly checkInUnfinished: { readonly days: number; readonly most: number };
	/** A check-in counts for one of those days from so many days before it on. */
	readonly checkInEarlyDays: number;
	/** From this many days after the plan, who is not noticeably better with so much left is for a clinician. */
	readonly notBetter: { readonly days: number; readonly from: number };
	/** Working days after an invitation at which the silent are reminded; then they are called. */
	readonly reminderWorkingDays: readonly number[];
	/** Working days after which a plan that was not begun is recalled to the person, and after which it is stuck. */
	readonly notBegun: { readonly remindWorkingDays: number; readonly stuckWorkingDays: number };
}

/**
 * The policies that there are. Version 1 had other levels; what was judged by it is read by `readAssessmentResult`. Common practice for the order
 * of the levels, and for weakness and tingling; the numbers are our working assumptions.
 */
export const TRIAGE_POLICIES: readonly [TriagePolicy, ...TriagePolicy[]] = [
	{
		version: 2,
		clinicianFrom: 7,
		soonFrom: 4,
		weaknessFrom: 1,
		tingling: { days: 4, from: 4 },
		unclosableFrom: 4,
		workingDaysToAct: { emergency: 0, urgent: 0, clinician: 3, soon: 5, help: 10, home: 20, done: null },
		workingDaysToAnswer: 1,
		recheckDays: 365,
		recheckSooner: { days: 180, from: 4 },
		checkInDays: [14, 42],
		checkInUnfinished: { days: 28, most: 3 },
		checkInEarlyDays: 7,
		notBetter: { days: 42, from: 4 },
		reminderWorkingDays: [3, 7, 14],
		notBegun: { remindWorkingDays: 10, stuckWorkingDays: 20 }
	}
];
