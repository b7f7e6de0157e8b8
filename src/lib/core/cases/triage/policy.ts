/** Levels of the coordinator's day, most urgent first. */
export const TRIAGE_LEVELS = ['emergency', 'urgent', 'clinician', 'soon', 'help', 'home', 'done'] as const;

/** One level; see {@link TRIAGE_LEVELS}. */
export type TriageLevel = (typeof TRIAGE_LEVELS)[number];

/** Whether one level is more urgent than another. */
export function isMoreUrgent(a: TriageLevel, than: TriageLevel): boolean {
	return TRIAGE_LEVELS.indexOf(a) < TRIAGE_LEVELS.indexOf(than);
}

/** Every number that decides who is seen when. A change is a new version; an assessment records which one it used. */
export interface TriagePolicy {
	readonly version: number;
	/** Worst score from which a region is for a clinician, and from which it is *soon*. */
	readonly clinicianFrom: number;
	readonly soonFrom: number;
	/** A report of weakness is for a clinician from this score. */
	readonly weaknessFrom: number;
	/** Tingling or numbness is for a clinician from this many days of seven, or from this score. */
	readonly tingling: { readonly days: number; readonly from: number };
	/** A check that no plan closes is *soon* with this score in a region tied to it. */
	readonly unclosableFrom: number;
	/** Working days to act at each level; null where nothing is to be done. */
	readonly workingDaysToAct: Readonly<Record<TriageLevel, number | null>>;
	/** Working days to answer a message. */
	readonly workingDaysToAnswer: number;
	/** Days to the next self-assessment, and the shorter time after a report with a score from `from` on. */
	readonly recheckDays: number;
	readonly recheckSooner: { readonly days: number; readonly from: number };
	/** Days after a plan was carried out at which a check-in is sent. */
	readonly checkInDays: readonly number[];
	/**
	 * Days after answers or a check-in at which someone with open steps is asked what is in the way, and how often after the same answers.
	 */
	readonly checkInUnfinished: { readonly days: number; readonly most: number };
	/** A check-in counts for one of those days from this many days before it. */
	readonly checkInEarlyDays: number;
	/** This many days after the plan, someone without noticeable improvement and with this much discomfort is for a clinician. */
	readonly notBetter: { readonly days: number; readonly from: number };
	/** Working days after an invitation at which people who have not answered are reminded; then they are called. */
	readonly reminderWorkingDays: readonly number[];
	/** Working days after which a person is reminded of a plan they have not started, and after which it counts as stuck. */
	readonly notBegun: { readonly remindWorkingDays: number; readonly stuckWorkingDays: number };
}

/**
 * The policies. Version 1 had other levels; assessments made by it are read by `readAssessmentResult`. Common practice for the order of the
 * levels, and for weakness and tingling; the numbers are our working assumptions.
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
