import { addDays, addWorkingDays, nextWorkingDay, type CivilDate, type WorkCalendar } from '../calendar';
import { checkCorner } from '../checks';
import type { Rules } from '../rules';
import { actByDay, checkInDaysAfter, TRIAGE_LEVELS, recheckDay, type TriagePolicy } from '../triage';
import { actionsOf } from './actions';
import { currentChecks } from './current-corner';
import { carriedOutOn } from './carried-out';
import { latestEntry, newestAnswers, newestCorner, type CaseRecord } from './case-record';
import type { AssessmentResult, TriageReason, UnclosableCheck } from './assessment-result';
import { openFindings, type OpenFinding } from './open-findings';
import { openDiscomfortChange, openNewestReport } from './open-reports';
import { openReportedReasons, openRedFlags, type ReasonWithRegions } from './open-red-flags';
import { planItemStates, type PlanItemState } from './plan-item-states';
import { discomfortReportsOf, type DiscomfortReport } from './discomfort-reports';
import { CORE_VERSION } from './versions';

/** What a file is judged with besides its own words. */
export interface AssessmentSettings {
	readonly rules: Rules;
	/** The working days of the person's place. */
	readonly calendar: WorkCalendar;
	/** What even the best that the home can do leaves off, in the newest corner. */
	readonly unclosable: readonly UnclosableCheck[];
}

const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

function byOrder(a: TriageReason, b: TriageReason): number {
	return (
		TRIAGE_LEVELS.indexOf(a.level) - TRIAGE_LEVELS.indexOf(b.level) ||
		compare(a.on, b.on) ||
		compare(a.code, b.code) ||
		compare(a.sign ?? a.finding ?? a.what ?? '', b.sign ?? b.finding ?? b.what ?? '')
	);
}

/** Days on which a plan that was not begun is recalled to the person, and counts as stuck; null where it was begun. */
function notBegunDays(
	file: CaseRecord,
	things: readonly PlanItemState[],
	policy: TriagePolicy,
	calendar: WorkCalendar
) {
	if (!file.plan || things.length === 0 || things.some(({ stands }) => stands)) return null;
	const { remindWorkingDays, stuckWorkingDays } = policy.notBegun;
	const cameUndone = things.flatMap(({ undone }) => undone ?? []).sort();
	return {
		remindOn: things.some(({ done }) => done !== null)
			? null
			: addWorkingDays(file.plan.on, remindWorkingDays, calendar),
		stuckOn: addWorkingDays(cameUndone.at(-1) ?? file.plan.on, stuckWorkingDays, calendar)
	};
}

/** Findings that are open: a reason for each hazard, and one for all others. */
function openToPutRight(file: CaseRecord, findings: readonly OpenFinding[]): TriageReason[] {
	const hazards = findings
		.filter(({ isHazard }) => isHazard)
		.map(({ id, on, isRefused }): TriageReason => ({
			code: 'hazard',
			level: 'soon',
			on,
			finding: id,
			...(isRefused && { refused: true })
		}));
	const on = newestAnswers(file)?.on;
	return on !== undefined && findings.length > hazards.length
		? [...hazards, { code: 'findings', level: 'home', on }]
		: hazards;
}

/** What waits, and the plan that is not carried out. */
function openWork(
	file: CaseRecord,
	things: readonly PlanItemState[],
	stuckOn: CivilDate | null
): TriageReason[] {
	const reasons = file.waiting.map(({ what, since }): TriageReason => ({
		code: 'request',
		level: 'help',
		on: since,
		what
	}));
	if (stuckOn !== null && stuckOn <= file.today) reasons.push({ code: 'stuck', level: 'help', on: stuckOn });
	if (file.plan && things.some(({ stands }) => !stands))
		reasons.push({ code: 'open-plan', level: 'home', on: file.plan.on });
	return reasons;
}

/** While something is left to do: some weeks after the last that was heard, what is in the way; a few times after the same answers. */
function unfinishedCheckIn(file: CaseRecord, policy: TriagePolicy, calendar: WorkCalendar): CivilDate | null {
	const answers = newestAnswers(file);
	const { days, most } = policy.checkInUnfinished;
	if (!answers || file.checkIns.filter(({ seq }) => seq > answers.seq).length >= most) return null;
	const last = latestEntry(file.checkIns)?.on ?? answers.on;
	return nextWorkingDay(addDays(last > answers.on ? last : answers.on, days), calendar);
}

/** The next day on which someone is asked how it holds; null where nobody is, and where there are no answers yet. */
function nextCheckIn(
	file: CaseRecord,
	carriedOut: CivilDate | null,
	policy: TriagePolicy,
	calendar: WorkCalendar
): CivilDate | null {
	if (!newestAnswers(file)) return null;
	if (carriedOut === null) return unfinishedCheckIn(file, policy, calendar);
	const next = policy.checkInDays.findIndex((days) => {
		const from = addDays(carriedOut, days - policy.checkInEarlyDays);
		return !file.checkIns.some(({ on }) => on >= from);
	});
	return checkInDaysAfter(carriedOut, policy, calendar)[next] ?? null;
}

/** The day by which a reason is acted on; a message has its own, since someone waits for words. */
function dayOf(
	{ level, on, what }: TriageReason,
	policy: TriagePolicy,
	calendar: WorkCalendar
): CivilDate | null {
	return what === 'message'
		? addWorkingDays(on, policy.workingDaysToAnswer, calendar)
		: actByDay(level, on, policy, calendar);
}

function earliestActBy(
	reasons: readonly TriageReason[],
	policy: TriagePolicy,
	calendar: WorkCalendar
): CivilDate | null {
	const days = reasons.flatMap((reason) => dayOf(reason, policy, calendar) ?? []);
	return days.sort(compare)[0] ?? null;
}

/** Everything that is open, with the regions that it rests on; the newest report speaks only while nobody has dealt with it. */
function everythingOpen(
	file: CaseRecord,
	reports: readonly DiscomfortReport[],
	{ rules: { policy }, unclosable }: AssessmentSettings,
	carriedOut: CivilDate | null
): ReasonWithRegions[] {
	const newest = reports.at(-1);
	return [
		...openRedFlags(file).map((reason) => ({ reason, regions: [] })),
		...openReportedReasons(file, reports, policy),
		...openDiscomfortChange(file, reports, carriedOut, policy),
		...(newest ? openNewestReport(newest, unclosable, policy) : [])
	];
}

/**
 * What is to be believed, done and shown of one person: one pure function of all that is known of them. The level is the gravest of
 * everything that is open, not of the newest answer. The tool guides and orders a day's work; it diagnoses nothing.
 *
 * Notes:
 * 1. Without a reason nothing is to be done: `nothing-open`, of today.
 * 2. `addWorkingDays` gives for 0 days the day itself or the next that is worked.
 * 3. A plan all of whose things have come undone is open like one that was not begun.
 *
 * Cost: some checks of one corner; nothing is solved here.
 */
export function assessCase(file: CaseRecord, judgedWith: AssessmentSettings): AssessmentResult {
	const { rules, calendar } = judgedWith;
	const { policy } = rules;
	const things = planItemStates(file);
	const findings = openFindings(file);
	const carriedOut = carriedOutOn(file);
	const reports = discomfortReportsOf(file);
	const corner = newestCorner(file);
	const standing = currentChecks(file, corner);
	const notBegun = notBegunDays(file, things, policy, calendar);
	const stuckOn = notBegun?.stuckOn ?? null;
	const grounded = everythingOpen(file, reports, judgedWith, carriedOut);
	const found = [
		...grounded.map(({ reason }) => reason),
		...openToPutRight(file, findings),
		...openWork(file, things, stuckOn)
	].sort(byOrder);
	const reasons: readonly TriageReason[] =
		found.length > 0 ? found : [{ code: 'nothing-open', level: 'done', on: file.today }];
	const answers = newestAnswers(file);
	return {
		format: 'easy-corner.judgement/2',
		level: reasons[0]?.level ?? 'done',
		reasons,
		actions: actionsOf({ findings, things, newest: reports.at(-1) ?? null, corner, standing }),
		actBy: earliestActBy(reasons, policy, calendar),
		checkIn: nextCheckIn(file, carriedOut, policy, calendar),
		recheck: answers ? recheckDay(answers.on, reports.at(-1)?.regions ?? [], policy, calendar) : null,
		first: corner ? checkCorner(corner) : [],
		standing,
		versions: { core: CORE_VERSION, checklist: rules.checklist.version, policy: policy.version },
		evidence: Object.fromEntries(
			grounded
				.filter(({ regions }) => regions.length > 0)
				.map(({ reason, regions }) => [reason.code, regions])
		),
		unclosable: [...judgedWith.unclosable],
		worsts: reports.map(({ on, worst }) => ({ on, worst })),
		plan: file.plan && {
			on: file.plan.on,
			of: things.length,
			done: things.filter(({ stands }) => stands).length,
			carriedOut,
			remindOn: notBegun?.remindOn ?? null
		},
		carriedOut,
		findings: findings.map(({ id, isHazard, isRefused }) => ({ id, isHazard, isRefused })),
		changesOn: stuckOn !== null && stuckOn > file.today ? stuckOn : null
	};
}
