import { addDays, addWorkingDays, type CivilDate, type WorkCalendar } from '../calendar';
import { checkCorner } from '../checks';
import { actBy, checkInsAfter, LEVELS, recheckOn, type Policy } from '../triage';
import type { Plan } from '../plan';
import type { Rules } from '../rules';
import { cornerAsItStands, setUpAsItStands } from './as-it-stands';
import type { PersonFile } from './file';
import type { Judgement, Reason, Unclosable } from './judgement';
import { openChange, openNewest } from './open-reports';
import { openReported, openSigns, type Grounded } from './open-signs';
import { carriedOutOn, thingStates, type ThingState } from './plan-state';
import { reportsOf, type Report } from './reports';
import { CORE_VERSION } from './versions';

/** What a file is judged with besides its own words. */
export interface JudgedWith {
	readonly rules: Rules;
	/** The working days of the person's place. */
	readonly calendar: WorkCalendar;
	/** The plan that the newest corner is worked on by, or its best where none is kept; null without a corner. */
	readonly plan: Plan | null;
	/** What even the best plan of the newest corner leaves off. */
	readonly unclosable: readonly Unclosable[];
}

const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

function byOrder(a: Reason, b: Reason): number {
	return (
		LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level) ||
		compare(a.on, b.on) ||
		compare(a.code, b.code) ||
		compare(a.sign ?? a.what ?? '', b.sign ?? b.what ?? '')
	);
}

/** Days on which a plan that was not begun is recalled to the person, and counts as stuck; null where it was begun. */
function notBegunDays(
	file: PersonFile,
	things: readonly ThingState[],
	policy: Policy,
	calendar: WorkCalendar
) {
	if (!file.plan || things.some(({ stands }) => stands)) return null;
	const { remindWorkingDays, stuckWorkingDays } = policy.notBegun;
	return {
		remindOn: things.some(({ done }) => done !== null)
			? null
			: addWorkingDays(file.plan.on, remindWorkingDays, calendar),
		stuckOn: addWorkingDays(file.plan.on, stuckWorkingDays, calendar)
	};
}

/** What waits, and the plan that is not carried out. */
function openWork(file: PersonFile, carriedOut: CivilDate | null, stuckOn: CivilDate | null): Reason[] {
	const reasons = file.waiting.map(({ what, since }): Reason => ({
		code: 'request',
		level: 'help',
		on: since,
		what
	}));
	if (stuckOn !== null && stuckOn <= file.today) reasons.push({ code: 'stuck', level: 'help', on: stuckOn });
	if (file.plan && carriedOut === null) reasons.push({ code: 'open-plan', level: 'home', on: file.plan.on });
	return reasons;
}

/** The first of the policy's check-ins after the plan that has not been answered yet. */
function nextCheckIn(
	file: PersonFile,
	carriedOut: CivilDate | null,
	policy: Policy,
	calendar: WorkCalendar
): CivilDate | null {
	if (carriedOut === null) return null;
	const next = policy.checkInDays.findIndex((days) => {
		const from = addDays(carriedOut, days - policy.checkInEarlyDays);
		return !file.checkIns.some(({ on }) => on >= from);
	});
	return checkInsAfter(carriedOut, policy, calendar)[next] ?? null;
}

function earliestActBy(reasons: readonly Reason[], policy: Policy, calendar: WorkCalendar): CivilDate | null {
	const days = reasons.flatMap(({ level, on }) => actBy(level, on, policy, calendar) ?? []);
	return days.sort(compare)[0] ?? null;
}

/** The checks of the newest corner, as answered and as it stands. */
function checksOf(file: PersonFile, plan: Plan | null, things: readonly ThingState[]) {
	const corner = file.answers.filter((a) => a.corner !== null).at(-1)?.corner;
	if (!corner) return { first: [], standing: [] };
	const now = cornerAsItStands(corner, file.measured);
	return {
		first: checkCorner(corner),
		standing: checkCorner(now, setUpAsItStands(corner, plan, things, file.measured))
	};
}

/** Everything that is open, with the regions that it rests on; the newest report speaks only while nobody has dealt with it. */
function everythingOpen(
	file: PersonFile,
	reports: readonly Report[],
	{ rules: { policy }, unclosable }: JudgedWith,
	carriedOut: CivilDate | null
): Grounded[] {
	const newest = reports.at(-1);
	return [
		...openSigns(file).map((reason) => ({ reason, regions: [] })),
		...openReported(file, reports, policy),
		...openChange(file, reports, carriedOut, policy),
		...(newest ? openNewest(newest, unclosable, policy) : [])
	];
}

/**
 * What is to be believed, done and shown of one person: one pure function of all that is known of them. The level is the gravest of
 * everything that is open, not of the newest answer. The tool guides and orders a day's work; it diagnoses nothing.
 *
 * Notes:
 * 1. Without a reason the case is settled by `nothing-open`, of today.
 * 2. `addWorkingDays` gives for 0 days the day itself or the next that is worked.
 * 3. A plan all of whose things have come undone is open like one that was not begun.
 *
 * Cost: some checks of one corner; nothing is solved here.
 */
export function judge(file: PersonFile, judgedWith: JudgedWith): Judgement {
	const { rules, calendar, plan } = judgedWith;
	const { policy } = rules;
	const things = thingStates(file);
	const carriedOut = carriedOutOn(things);
	const reports = reportsOf(file);
	const notBegun = notBegunDays(file, things, policy, calendar);
	const grounded = everythingOpen(file, reports, judgedWith, carriedOut);
	const found = [
		...grounded.map(({ reason }) => reason),
		...openWork(file, carriedOut, notBegun?.stuckOn ?? null)
	].sort(byOrder);
	const reasons: readonly Reason[] =
		found.length > 0 ? found : [{ code: 'nothing-open', level: 'settled', on: file.today }];
	const answered = file.answers
		.map(({ on }) => on)
		.sort(compare)
		.at(-1);
	const stuckOn = notBegun?.stuckOn ?? null;
	return {
		format: 'easy-corner.judgement/1',
		level: reasons[0]?.level ?? 'settled',
		reasons,
		actBy: earliestActBy(reasons, policy, calendar),
		checkIn: nextCheckIn(file, carriedOut, policy, calendar),
		recheck: answered ? recheckOn(answered, reports.at(-1)?.regions ?? [], policy, calendar) : null,
		...checksOf(file, plan, things),
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
		changesOn: stuckOn !== null && stuckOn > file.today ? stuckOn : null
	};
}
