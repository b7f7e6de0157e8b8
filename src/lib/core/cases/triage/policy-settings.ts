import { TRIAGE_POLICIES, type TriagePolicy } from './policy';

/** What a setting counts: points of a discomfort score, calendar days, working days of the person's place, or how often. */
export type PolicyUnit = 'score' | 'days' | 'working-days' | 'times';

/** Parts of the settings, in the order of the page. */
export const POLICY_PARTS = ['levels', 'deadlines', 'reminders', 'check-ins', 'rechecks'] as const;

/** One part; see {@link POLICY_PARTS}. */
export type PolicyPart = (typeof POLICY_PARTS)[number];

/** Safe limits of one setting; `least` and `most` hold for each entry of a list. */
export interface PolicyFieldRule {
	readonly part: PolicyPart;
	readonly unit: PolicyUnit;
	readonly least: number;
	readonly most: number;
	/** For an ascending list: its shortest and longest length, and how far apart neighbours are at least. */
	readonly list?: { readonly fewest: number; readonly longest: number; readonly apart: number };
}

/** The list of {@link PolicyFieldRule} for days at which something is sent. */
const list = (fewest: number, longest: number, apart: number) => ({ fewest, longest, apart });

/**
 * What an organisation may set in its triage policy, with safe limits. What isn't listed can't be set: warning signs keep their level, an
 * emergency and an urgent sign stay for the same day, and reported weakness stays urgent at any score. Every limit on what is for a
 * clinician is the shipped number or stricter, so no setting silences or lowers a sign. The other limits are our working assumptions.
 */
const POLICY_FIELDS = {
	clinicianFrom: { part: 'levels', unit: 'score', least: 2, most: 7 },
	soonFrom: { part: 'levels', unit: 'score', least: 1, most: 4 },
	tinglingDays: { part: 'levels', unit: 'days', least: 1, most: 4 },
	tinglingFrom: { part: 'levels', unit: 'score', least: 1, most: 4 },
	unclosableFrom: { part: 'levels', unit: 'score', least: 1, most: 4 },
	notBetterDays: { part: 'levels', unit: 'days', least: 14, most: 42 },
	notBetterFrom: { part: 'levels', unit: 'score', least: 1, most: 4 },
	clinicianDays: { part: 'deadlines', unit: 'working-days', least: 0, most: 3 },
	soonDays: { part: 'deadlines', unit: 'working-days', least: 1, most: 10 },
	helpDays: { part: 'deadlines', unit: 'working-days', least: 1, most: 20 },
	homeDays: { part: 'deadlines', unit: 'working-days', least: 5, most: 60 },
	answerDays: { part: 'deadlines', unit: 'working-days', least: 0, most: 5 },
	reminderDays: { part: 'reminders', unit: 'working-days', least: 1, most: 30, list: list(1, 5, 1) },
	notBegunRemindDays: { part: 'reminders', unit: 'working-days', least: 3, most: 40 },
	notBegunStuckDays: { part: 'reminders', unit: 'working-days', least: 5, most: 60 },
	checkInDays: { part: 'check-ins', unit: 'days', least: 7, most: 180, list: list(1, 4, 14) },
	unfinishedDays: { part: 'check-ins', unit: 'days', least: 14, most: 90 },
	unfinishedTimes: { part: 'check-ins', unit: 'times', least: 1, most: 6 },
	recheckDays: { part: 'rechecks', unit: 'days', least: 90, most: 730 },
	recheckSoonerDays: { part: 'rechecks', unit: 'days', least: 30, most: 365 },
	recheckSoonerFrom: { part: 'rechecks', unit: 'score', least: 1, most: 7 }
} as const satisfies Readonly<Record<string, PolicyFieldRule>>;

/** One setting of the policy. */
export type PolicyField = keyof typeof POLICY_FIELDS;

/** Every setting, in the order of the page. */
export const POLICY_FIELD_NAMES = Object.keys(POLICY_FIELDS) as readonly PolicyField[];

/** What an organisation has set: a number each, or an ascending list of days. */
export type PolicySettings = {
	readonly [Field in PolicyField]: (typeof POLICY_FIELDS)[Field] extends { list: object }
		? readonly number[]
		: number;
};

/** The limits of a setting. */
export const policyFieldRule = (field: PolicyField): PolicyFieldRule => POLICY_FIELDS[field];

const [SHIPPED] = TRIAGE_POLICIES;

/** The settings of a policy. */
export function policySettingsOf(policy: TriagePolicy): PolicySettings {
	return {
		clinicianFrom: policy.clinicianFrom,
		soonFrom: policy.soonFrom,
		tinglingDays: policy.tingling.days,
		tinglingFrom: policy.tingling.from,
		unclosableFrom: policy.unclosableFrom,
		notBetterDays: policy.notBetter.days,
		notBetterFrom: policy.notBetter.from,
		clinicianDays: policy.workingDaysToAct.clinician ?? 0,
		soonDays: policy.workingDaysToAct.soon ?? 0,
		helpDays: policy.workingDaysToAct.help ?? 0,
		homeDays: policy.workingDaysToAct.home ?? 0,
		answerDays: policy.workingDaysToAnswer,
		reminderDays: policy.reminderWorkingDays,
		notBegunRemindDays: policy.notBegun.remindWorkingDays,
		notBegunStuckDays: policy.notBegun.stuckWorkingDays,
		checkInDays: policy.checkInDays,
		unfinishedDays: policy.checkInUnfinished.days,
		unfinishedTimes: policy.checkInUnfinished.most,
		recheckDays: policy.recheckDays,
		recheckSoonerDays: policy.recheckSooner.days,
		recheckSoonerFrom: policy.recheckSooner.from
	};
}

/** The settings as the software comes. */
export const SHIPPED_SETTINGS: PolicySettings = policySettingsOf(SHIPPED);

/** Settings as they were stored, with what a later version of the software has added as it comes. */
export const completeSettings = (stored: Partial<PolicySettings>): PolicySettings => ({
	...SHIPPED_SETTINGS,
	...stored
});

/** The policy with an organisation's settings; everything that can't be set is as the software comes. */
export function policyFrom(set: PolicySettings, version: number): TriagePolicy {
	return {
		...SHIPPED,
		version,
		clinicianFrom: set.clinicianFrom,
		soonFrom: set.soonFrom,
		tingling: { days: set.tinglingDays, from: set.tinglingFrom },
		unclosableFrom: set.unclosableFrom,
		notBetter: { days: set.notBetterDays, from: set.notBetterFrom },
		workingDaysToAct: {
			...SHIPPED.workingDaysToAct,
			clinician: set.clinicianDays,
			soon: set.soonDays,
			help: set.helpDays,
			home: set.homeDays
		},
		workingDaysToAnswer: set.answerDays,
		reminderWorkingDays: set.reminderDays,
		notBegun: { remindWorkingDays: set.notBegunRemindDays, stuckWorkingDays: set.notBegunStuckDays },
		checkInDays: set.checkInDays,
		checkInUnfinished: { days: set.unfinishedDays, most: set.unfinishedTimes },
		recheckDays: set.recheckDays,
		recheckSooner: { days: set.recheckSoonerDays, from: set.recheckSoonerFrom }
	};
}

/** What is wrong with a setting: outside its limits, not an ascending list, or in conflict with another one. */
export type PolicyFault =
	| { readonly field: PolicyField; readonly fault: 'limits' | 'list' }
	| { readonly field: PolicyField; readonly fault: 'below' | 'at-most'; readonly other: PolicyField };

const valuesOf = (value: number | readonly number[]): readonly number[] =>
	typeof value === 'number' ? [value] : value;

function faultOfField(field: PolicyField, value: number | readonly number[]): PolicyFault | null {
	const { least, most, list: wanted } = policyFieldRule(field);
	const values = valuesOf(value);
	if (!values.every((one) => Number.isInteger(one) && one >= least && one <= most))
		return { field, fault: 'limits' };
	if (!wanted) return null;
	const { fewest, longest, apart } = wanted;
	const isAscending = values.every((one, i) => i === 0 || one - (values[i - 1] ?? 0) >= apart);
	return values.length >= fewest && values.length <= longest && isAscending ? null : { field, fault: 'list' };
}

/** Pairs of settings in which the first must be below the second, or at most as much. For a list, its last entry counts. */
const PAIRS: readonly (readonly [PolicyField, 'below' | 'at-most', PolicyField])[] = [
	['soonFrom', 'below', 'clinicianFrom'],
	['clinicianDays', 'at-most', 'soonDays'],
	['soonDays', 'at-most', 'helpDays'],
	['helpDays', 'at-most', 'homeDays'],
	['notBegunRemindDays', 'below', 'notBegunStuckDays'],
	// Nobody could be found to be no better if nobody was asked after that long.
	['notBetterDays', 'at-most', 'checkInDays'],
	['recheckSoonerDays', 'at-most', 'recheckDays']
];

/** Everything that is wrong with settings; empty where they may be published. */
export function policyFaults(set: PolicySettings): PolicyFault[] {
	const own = POLICY_FIELD_NAMES.flatMap((field) => faultOfField(field, set[field]) ?? []);
	const last = (field: PolicyField) => valuesOf(set[field]).at(-1) ?? 0;
	const pairs = PAIRS.flatMap(([field, fault, other]): PolicyFault[] => {
		const isFine = fault === 'below' ? last(field) < last(other) : last(field) <= last(other);
		return isFine ? [] : [{ field, fault, other }];
	});
	return [...own, ...pairs];
}

/** A setting that differs between two versions. */
export interface PolicyChange {
	readonly field: PolicyField;
	readonly before: number | readonly number[];
	readonly after: number | readonly number[];
}

/** The settings in which two versions differ, in the order of the page. */
export function policyChanges(before: PolicySettings, after: PolicySettings): PolicyChange[] {
	return POLICY_FIELD_NAMES.filter(
		(field) => valuesOf(before[field]).join() !== valuesOf(after[field]).join()
	).map((field) => ({ field, before: before[field], after: after[field] }));
}
