import { eq, sql } from 'drizzle-orm';
import { assessCase } from '../../../core/cases/case-assessment/assess-case';
import { readAssessmentResult } from '../../../core/cases/case-assessment/read-assessment-result';
import type { AssessmentResult } from '../../../core/cases/case-assessment/assessment-result';
import type { CivilDate } from '../../../core/platform/calendar/civil-date';
import type { Verdict } from '../../../core/workstation/checks/verdict';
import { sameDocument } from '../../../core/platform/same-document';
import { checkInDaysAfter } from '../../../core/cases/triage/follow-up-dates';
import { isMoreUrgent } from '../../../core/cases/triage/policy';
import { rulesVersionOf, softwareVersionOf, type Rules } from '../../../core/platform/rules/shipped-rules';
import { isAnyOf } from '../../platform/db/is-any-of';
import { schema, type Db } from '../../platform/db/client';
import type { HoldReason } from '../../platform/db/schema/columns';
import { syncPolicyDays, type PolicyDays, type WantedDays } from '../follow-ups/policy-days';
import { publishChange } from '../../platform/live/changes';
import { lockPerson, type LockedPerson } from '../../people/lock-person';
import { syncPlanReminders, type PlanReminder } from '../../plan/plans/plan-reminders';
import { readRules } from '../../platform/rules/read-rules';
import { yieldToEventLoop } from '../../platform/yield-to-event-loop';
import {
	isCountedAlike,
	storeLevels,
	storeMoves,
	storeObservations
} from '../../workforce/store-observations';
import { loadCaseRecords, type LoadedCaseRecord } from './load-case-record';

const { cases, assessmentResults } = schema;

/** The assessment of a case record, with the stored plan: no plan is solved. */
export function assessmentResultOf(
	{ file, plan }: LoadedCaseRecord,
	person: LockedPerson,
	rules: Rules
): AssessmentResult {
	return assessCase(file, {
		rules,
		calendar: person.place.calendar,
		unclosable: plan?.unclosable ?? []
	});
}

/** Without today's date: a case in which nothing is open states the day on which that was found. */
const withoutToday = ({ reasons, ...rest }: AssessmentResult) => ({
	...rest,
	reasons: reasons.map(({ on, ...reason }) => (reason.code === 'nothing-open' ? reason : { ...reason, on }))
});

/** An assessment made from what was read about a person. */
interface Judged {
	readonly person: LockedPerson;
	readonly read: LoadedCaseRecord;
	readonly assessmentResult: AssessmentResult;
}

/** The cases before they are assessed. */
function casesBefore(tx: Db, people: readonly LockedPerson[]) {
	return tx
		.select({
			personId: cases.personId,
			rulesVersion: cases.rulesVersion,
			softwareVersion: cases.softwareVersion,
			version: cases.version,
			assessmentResultId: assessmentResults.id,
			judgedAt: assessmentResults.at,
			document: assessmentResults.document
		})
		.from(cases)
		.leftJoin(assessmentResults, eq(assessmentResults.id, cases.assessmentResultId))
		.where(
			isAnyOf(
				cases.personId,
				people.map(({ id }) => id)
			)
		);
}

type CaseBefore = Awaited<ReturnType<typeof casesBefore>>[number];

/** Why a case is assessed other than by what people did or time passing: changed rules, or an import that asked for it. */
function heldWhyOf({ rulesVersion, softwareVersion }: CaseBefore, now: Rules): HoldReason | null {
	if (rulesVersion === null || rulesVersion === rulesVersionOf(now)) return null;
	if (rulesVersion === '') return 'import';
	// Of one software, they differ by what the organisation published: its policy and its days off.
	return softwareVersion === softwareVersionOf(now) ? 'policy' : 'update';
}

/** An assessment with the newest one stored before it; null where there is none, or a new plan was made since. */
interface Compared extends Judged {
	readonly last: AssessmentResult | null;
}

/** Of each person with something to assess. */
function comparedWith(judged: readonly Judged[], before: ReadonlyMap<string, CaseBefore>): Compared[] {
	return judged
		.filter(({ read }) => !read.isEmpty)
		.map((one) => {
			const { document, judgedAt } = before.get(one.person.id) ?? {};
			// What a new plan offers is counted with the assessment, even one that says the same.
			const hasNewPlan = one.read.plan !== null && judgedAt && one.read.plan.madeAt > judgedAt;
			return { ...one, last: document && !hasNewPlan ? readAssessmentResult(document) : null };
		});
}

/**
 * Stores assessments, except those identical to the newest one of the same plan.
 * @param isForRulesAlone whether nothing has happened since the newest ones but that rules have changed
 * @returns the newest of each person by id, where there is one
 */
async function store(
	tx: Db,
	judged: readonly Judged[],
	before: ReadonlyMap<string, CaseBefore>,
	now: Date,
	isForRulesAlone: boolean
): Promise<Map<string, number>> {
	const ids = new Map<string, number>();
	const changed = comparedWith(judged, before).filter(({ person, assessmentResult, last }) => {
		if (!last || !sameDocument(withoutToday(last), withoutToday(assessmentResult))) return true;
		ids.set(person.id, before.get(person.id)?.assessmentResultId ?? 0);
		return false;
	});
	if (changed.length === 0) return ids;
	const made = await tx
		.insert(assessmentResults)
		.values(
			changed.map(({ person, assessmentResult }) => ({
				personId: person.id,
				at: now,
				onDay: person.place.dayOf(now),
				level: assessmentResult.level,
				document: assessmentResult,
				coreVersion: assessmentResult.versions.core,
				checklistVersion: assessmentResult.versions.checklist,
				policyVersion: assessmentResult.versions.policy
			}))
		)
		.returning({
			id: assessmentResults.id,
			personId: assessmentResults.personId,
			onDay: assessmentResults.onDay
		});
	for (const { id, personId } of made) ids.set(personId, id);
	const counted = changed.flatMap(({ person, assessmentResult, last }) => {
		const row = made.find(({ personId }) => personId === person.id);
		if (!row) throw new Error('An assessment that was just stored is gone');
		const levelBefore = isForRulesAlone && last && isCountedAlike(last, assessmentResult) ? last.level : null;
		return { ...row, document: assessmentResult, levelBefore };
	});
	await storeLevels(
		tx,
		counted.filter(({ levelBefore }) => levelBefore !== null)
	);
	await storeObservations(
		tx,
		counted.filter(({ levelBefore }) => levelBefore === null),
		changed.map(({ person }) => person)
	);
	return ids;
}

/** The day of the next check-in to send: the one after a check-in that stayed unanswered or was cancelled. */
function checkInToAsk(
	assessmentResult: AssessmentResult,
	{ passedOver, checkInsCancelledTo: cancelledTo }: LoadedCaseRecord,
	{ place }: LockedPerson,
	{ policy }: Rules
): CivilDate | null {
	const { carriedOut, checkIn: from } = assessmentResult;
	if (from === null) return null;
	const isPast = (day: CivilDate) => passedOver.includes(day) || (cancelledTo !== null && day <= cancelledTo);
	if (carriedOut === null) return isPast(from) ? null : from;
	const days = checkInDaysAfter(carriedOut, policy, place.calendar);
	return days.find((day) => day >= from && !isPast(day)) ?? null;
}

/** Since when a case has been waiting for a coordinator; null where nothing is. For someone who has left, only what must not be lost. */
function openSince(
	{ unseenSince }: LoadedCaseRecord,
	{ reasons }: AssessmentResult,
	hasLeft: boolean
): CivilDate | null {
	const open = reasons.filter(({ level, what }) =>
		hasLeft
			? isMoreUrgent(level, 'soon') || what === 'message' || what === 'clinician'
			: isMoreUrgent(level, 'home')
	);
	const days = open.map(({ on }) => on);
	if (days.length === 0 && !hasLeft && unseenSince) days.push(unseenSince);
	return days.sort()[0] ?? null;
}

/** The days computed for a case besides its assessment. */
interface CaseDays {
	readonly days: PolicyDays;
	readonly reminder: PlanReminder | null;
}

/** The next day on which this person is emailed automatically; held-back emails wait for a coordinator, not for a day. */
function mailOn(
	{ isAsked }: LoadedCaseRecord,
	{ days, reminder }: CaseDays,
	hasLeft: boolean
): string | null {
	if (hasLeft) return null;
	const remindOn = reminder?.holdReason ? null : (reminder?.remindOn ?? null);
	const freeDay = (kind: 'check-in' | 'recheck') => (days.held.includes(kind) ? null : days[kind]);
	return (
		[remindOn, isAsked ? null : freeDay('check-in'), freeDay('recheck')]
			.flatMap((day) => day ?? [])
			.sort()[0] ?? null
	);
}

/** The columns that lists need. @param rules by which it was assessed */
function caseOf(
	{ person, read, assessmentResult }: Judged,
	assessmentResultId: number | null,
	given: CaseDays,
	rules: Rules
) {
	const { newest } = read;
	const hasLeft = person.leftAt !== null;
	const since = openSince(read, assessmentResult, hasLeft);
	const { standing } = assessmentResult;
	const counted = (verdict: Verdict) =>
		standing.length > 0 ? standing.filter((check) => check.verdict === verdict).length : null;
	return {
		personId: person.id,
		assessmentResultId,
		level: assessmentResult.level,
		isStopped: assessmentResult.reasons.some(({ code, lifted }) => code === 'emergency-sign' && !lifted),
		openSince: since,
		actBy: since === null ? null : (assessmentResult.actBy ?? null),
		worst: assessmentResult.worsts.at(-1)?.worst ?? 0,
		followUpOn: hasLeft ? null : given.days.look,
		reassessOn: hasLeft ? null : assessmentResult.changesOn,
		mailOn: mailOn(read, given, hasLeft),
		rulesVersion: rulesVersionOf(rules),
		softwareVersion: softwareVersionOf(rules),
		sentAt: newest?.sentAt ?? null,
		startedAt: newest?.startedAt ?? null,
		answeredAt: newest?.answeredAt ?? null,
		revokedAt: newest?.revokedAt ?? null,
		checksOff: counted('off'),
		checksUnsure: counted('unsure'),
		referredOn: read.referredOn
	};
}

/** The columns of a row being written, as `on conflict` names them. */
function excluded(names: readonly (keyof ReturnType<typeof caseOf>)[]) {
	return Object.fromEntries(names.map((name) => [name, sql.raw(`excluded."${cases[name].name}"`)]));
}

/**
 * Assesses people's cases again, within the transaction of the act that locked them and may have changed them, and stores what lists need.
 * Emails that fall due only because of changed rules or an import are held back (`email-hold/email-due-day.ts`). Cost: ten index reads and
 * at most ten writes for all together; no plan is solved. The caller publishes the change.
 * @param how isForRulesAlone: nothing has happened to these people since they were last assessed, but rules have changed
 */
export async function reassessCases(
	tx: Db,
	people: readonly LockedPerson[],
	now: Date,
	{ isForRulesAlone = false }: { readonly isForRulesAlone?: boolean } = {}
): Promise<void> {
	if (people.length === 0) return;
	await storeMoves(tx, people, now);
	const { rules } = await readRules(tx);
	const judged: Judged[] = [];
	for (const { person, read } of await loadCaseRecords(tx, people, now)) {
		judged.push({ person, read, assessmentResult: assessmentResultOf(read, person, rules) });
		// Of many, requests that wait are answered in between.
		if (people.length > 1) await yieldToEventLoop();
	}
	const before = new Map((await casesBefore(tx, people)).map((row) => [row.personId, row]));
	const holdReasons = new Map([...before].map(([personId, row]) => [personId, heldWhyOf(row, rules)]));
	const ids = await store(tx, judged, before, now, isForRulesAlone);
	const wanted = judged.map(({ person, read, assessmentResult }): WantedDays => {
		const hasCorner = assessmentResult.first.length > 0 && person.leftAt === null;
		return {
			personId: person.id,
			holdReason: holdReasons.get(person.id) ?? null,
			nextVersion: (before.get(person.id)?.version ?? 0) + 1,
			days: {
				'check-in': hasCorner ? checkInToAsk(assessmentResult, read, person, rules) : null,
				recheck: hasCorner ? assessmentResult.recheck : null
			}
		};
	});
	const days = await syncPolicyDays(tx, wanted, now);
	const reminders = await syncPlanReminders(
		tx,
		judged.flatMap(({ person, read: { plan }, assessmentResult }) => {
			const remindOn = person.leftAt ? null : (assessmentResult.plan?.remindOn ?? null);
			return plan ? [{ plan, remindOn, holdReason: holdReasons.get(person.id) ?? null }] : [];
		})
	);
	const rows = judged.flatMap((one) => {
		const standing = days.get(one.person.id);
		const reminder = reminders.get(one.read.plan?.id ?? '') ?? null;
		return standing ? [caseOf(one, ids.get(one.person.id) ?? null, { days: standing, reminder }, rules)] : [];
	});
	const [row] = rows;
	if (!row) return;
	const { personId: _key, ...changing } = row;
	const isOpen = sql`excluded.open_since is not null`;
	await tx
		.insert(cases)
		.values(rows)
		.onConflictDoUpdate({
			target: cases.personId,
			set: {
				...excluded(Object.keys(changing) as (keyof typeof row)[]),
				// Anything new reopens a case marked as done.
				settledAt: sql`case when ${isOpen} then null else ${cases.settledAt} end`,
				settledReason: sql`case when ${isOpen} then '' else ${cases.settledReason} end`,
				version: sql`${cases.version} + 1`
			}
		});
}

/** The same for one person, who is locked first, so that of two simultaneous acts the later one's result stands. */
export async function reassessCase(tx: Db, personId: string, now: Date): Promise<void> {
	const person = await lockPerson(tx, personId);
	if (!person) return;
	await reassessCases(tx, [person], now);
	// Every open desk page reloads.
	await publishChange(tx, 'desk');
}
