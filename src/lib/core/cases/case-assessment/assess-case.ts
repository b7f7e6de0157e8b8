import { addDays, type CivilDate } from '../../platform/calendar/civil-date';
import { addWorkingDays, nextWorkingDay, type WorkCalendar } from '../../platform/calendar/working-days';
import { checkCorner } from '../../workstation/checks/check-corner';
import type { Rules } from '../../platform/rules/shipped-rules';
import { actByDay, checkInDaysAfter, recheckDay } from '../triage/follow-up-dates';
import { TRIAGE_LEVELS, type TriagePolicy } from '../triage/policy';
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

/** What a case record is assessed with, besides its own contents. */
export interface AssessmentSettings {
	readonly rules: Rules;
	/** The working days of the person's place. */
	readonly calendar: WorkCalendar;
	/** Gaps that even the best household plan leaves open at the newest workstation. */
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

/** Days after which a person is reminded of a plan they have not started, which then counts as stuck; null where it was started. */
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

/** Reasons from open findings: one for each hazard, and one for all others. */
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

/** Reasons from what is waiting for a coordinator, and from a plan that is not carried out. */
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

/**
 * The check-in while something is still to do: some weeks after the person last answered, asking what is in the way; only a few times for
 * the same answers.
 */
function unfinishedCheckIn(file: CaseRecord, policy: TriagePolicy, calendar: WorkCalendar): CivilDate | null {
	const answers = newestAnswers(file);
	const { days, most } = policy.checkInUnfinished;
	if (!answers || file.checkIns.filter(({ seq }) => seq > answers.seq).length >= most) return null;
	const last = latestEntry(file.checkIns)?.on ?? answers.on;
	return nextWorkingDay(addDays(last > answers.on ? last : answers.on, days), calendar);
}

/** The next check-in; null where there is none, and where there are no answers yet. */
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

/** The day by which to act on a reason; a message has its own, since someone is waiting for a reply. */
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

/** Every open reason, with the regions it rests on; the newest discomfort report counts only until someone has dealt with it. */
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
 * Assesses one person's case: a pure function of everything known about them. The level is that of the most serious open reason, not of the
 * newest answer. The tool guides people and orders a day's work; it diagnoses nothing. Notes: 1. Without a reason there is nothing to do:
 * `nothing-open`, as of today. 2. For 0 days, `addWorkingDays` gives the day itself or the next working day. 3. A plan whose steps have all
 * come undone is open, like one not started. Cost: some checks of one workstation; no plan is solved here.
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
