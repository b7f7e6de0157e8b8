/** Levels of the coordinator's day, most urgent first. */
export const LEVELS = ['now', 'clinician', 'soon', 'help', 'home', 'settled'] as const;

/** One level; see {@link LEVELS}. */
export type Level = (typeof LEVELS)[number];

/** Every number that decides who is seen when. The coordinator may change it; an answer keeps the one it was judged by. */
export interface Policy {
	/** Worst score from which a region is for a clinician, and from which it is soon. */
	readonly clinicianFrom: number;
	readonly soonFrom: number;
	/** Working days to act in at each level; null where nothing is to be done. */
	readonly workingDaysToAct: Readonly<Record<Level, number | null>>;
	/** Days to the next full look, and where the last report had a score from `sooner.from` on. */
	readonly recheckDays: number;
	readonly recheckSooner: { readonly days: number; readonly from: number };
	/** Days after a plan is done at which the person is asked how it holds. */
	readonly checkInDays: readonly number[];
	/** At this check-in, who is not noticeably better with so much left is for a clinician. */
	readonly notBetter: { readonly days: number; readonly from: number };
	/** Working days after an invitation at which the silent are reminded; then they are called. */
	readonly reminderWorkingDays: readonly number[];
}

/** The policy that comes with the program. Common practice for the order; the numbers are ours. */
export const DEFAULT_POLICY: Policy = {
	clinicianFrom: 7,
	soonFrom: 4,
	workingDaysToAct: { now: 0, clinician: 3, soon: 5, help: 10, home: 20, settled: null },
	recheckDays: 365,
	recheckSooner: { days: 180, from: 4 },
	checkInDays: [14, 42],
	notBetter: { days: 42, from: 4 },
	reminderWorkingDays: [3, 7, 14]
};
