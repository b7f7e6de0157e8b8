import { isAnyOff } from '../../../core/workstation/checks/verdict';
import { sql, type SQL } from 'drizzle-orm';
import type { CivilDate } from '../../../core/platform/calendar/civil-date';
import type { Corner } from '../../../core/workstation/corner/corner';
import type { EmergencyClearance, RedFlag } from '../../../core/cases/discomfort/red-flags';
import type { RegionReport } from '../../../core/cases/discomfort/report';
import { planHeightsOf } from '../../../core/cases/case-assessment/plan-heights';
import type {
	Closable,
	NewsKind,
	PlanItem,
	FindingTick,
	WaitingKind
} from '../../../core/cases/case-assessment/vocabulary';
import type {
	RecordedCheckIn,
	RecordedFinding,
	RecordedPlan,
	CaseRecord
} from '../../../core/cases/case-assessment/case-record';
import type { MeasuredHeights } from '../../../core/workstation/side-view/remeasured-heights';
import { advisedFindings } from '../../../core/plan/advice/advised-findings';
import { checklistAnswersOf } from '../../../core/questionnaire/answers/checklist-fields';
import type { Answers } from '../../../core/questionnaire/answers/fields';
import { isHazard } from '../../../core/questionnaire/checklist/hazards';
import { isOwnId } from '../../../core/questionnaire/checklist/own-ids';
import { regionsOfFinding } from '../../../core/questionnaire/checklist/findings';
import type { Checklist } from '../../../core/questionnaire/checklist/checklist';
import { checklistsAt } from '../../questionnaire/checklists/read-checklists';
import type { Db } from '../../platform/db/client';
import { POLICY_OUTCOMES } from '../../platform/db/schema/follow-ups';
import type { LockedPerson } from '../../people/lock-person';
import {
	stepEventsOfPlans,
	plansInProgress,
	type PlanInProgress,
	type StepEvent
} from '../../plan/plans/current-plan';

/** The newest self-assessments, whose state lists show. */
interface NewestAssessment {
	readonly id: string;
	readonly sentAt: Date;
	readonly startedAt: Date | null;
	readonly answeredAt: Date | null;
	readonly revokedAt: Date | null;
}

export interface LoadedCaseRecord {
	readonly file: CaseRecord;
	readonly plan: PlanInProgress | null;
	readonly newest: NewestAssessment | null;
	/** Day since which answers or a check-in have not been reviewed by a coordinator. */
	readonly unseenSince: CivilDate | null;
	/** Whether a check-in was sent and awaits its answer. */
	readonly isAsked: boolean;
	/** Days of check-ins that were sent and are no longer awaited, unanswered. */
	readonly passedOver: readonly string[];
	/** A coordinator cancelled check-ins up to this day; null where none. */
	readonly checkInsCancelledTo: CivilDate | null;
	/** The day of a referral that the clinician has not answered yet; null where there is none. */
	readonly referredOn: CivilDate | null;
	/** Whether there is nothing to assess. */
	readonly isEmpty: boolean;
}

/** What is known about a person in small rows, read at once; timestamps are text as in JSON. */
interface SmallRows {
	readonly personId: string;
	readonly sent: readonly {
		readonly id: string;
		readonly sentAt: string;
		readonly startedAt: string | null;
		readonly answeredAt: string | null;
		readonly revokedAt: string | null;
		readonly seenAt: string | null;
		/** Of the newest answers only. */
		readonly corner: Corner | null;
		readonly answers: Answers | null;
		readonly checklistVersion: number;
	}[];
	readonly signs: readonly { readonly sign: RedFlag; readonly at: string }[];
	readonly reports: readonly {
		readonly at: string;
		readonly regions: readonly RegionReport[];
		readonly seenAt: string | null;
	}[];
	readonly asked: readonly {
		readonly kind: 'check-in' | 'recheck';
		readonly dueOn: string;
		readonly askedAt: string;
		readonly toCall: boolean;
		readonly answeredAt: string | null;
		readonly endedAt: string | null;
		readonly signs: readonly RedFlag[];
		readonly discomfort: readonly RegionReport[] | null;
		readonly undone: readonly string[];
		readonly news: readonly NewsKind[];
		readonly seenAt: string | null;
	}[];
	readonly outcomes: readonly { readonly at: string; readonly closes: readonly Closable[] }[];
	readonly measured: readonly { readonly at: string; readonly lengths: MeasuredHeights }[];
	readonly lifted: readonly {
		readonly sign: RedFlag;
		readonly how: EmergencyClearance;
		readonly at: string;
	}[];
	/** Of the newest answers. */
	readonly ticks: readonly { readonly finding: string; readonly how: FindingTick; readonly at: string }[];
	readonly equipmentAt: string | null;
	readonly messageAt: string | null;
	readonly silentAt: string | null;
	/** When the newest open referral was made. */
	readonly referredAt: string | null;
	/** Check-ins that a coordinator cancelled. */
	readonly cancelled: readonly { readonly day: string; readonly at: string }[];
	/** Since when a clinician's text has been unread. */
	readonly clinicianAt: string | null;
}

/** Rows as a JSON list, ordered; empty where there are none. */
const listOf = (fields: SQL, from: SQL, order: SQL) =>
	sql`(select coalesce(jsonb_agg(jsonb_build_object(${fields}) order by ${order}), '[]') from ${from})`;

/**
 * Reads the small rows in one statement: a dozen index look-ups per person, and one round trip for all. Served by
 * assessments_person_sent_idx, reported_signs_person_idx, reported_discomfort_assessment_idx, check_ins_person_idx, contacts_person_idx,
 * remeasurements_assessment_at_idx, equipment_requests_key, messages_open_idx, round_people_person_idx and referrals_person_at_idx.
 */
async function smallRows(db: Db, personIds: readonly string[]): Promise<SmallRows[]> {
	const person = sql`p.id`;
	const mine = sql`(select id from assessments where person_id = ${person})`;
	const { rows } = await db.execute<SmallRows & Record<string, unknown>>(sql`select p.id as "personId",
		${listOf(
			sql`'id', id, 'sentAt', sent_at, 'startedAt', coalesce(consented_at, saved_at), 'answeredAt', answered_at,
				'revokedAt', revoked_at, 'seenAt', seen_at, 'checklistVersion', checklist_version,
				'corner', case when answered_at = newest then workstation end,
				'answers', case when answered_at = newest then answers end`,
			sql`(select a.*, max(answered_at) over () as newest from assessments a
				where person_id = ${person} and place_of is null) s`,
			sql`sent_at, id`
		)} as sent,
		${listOf(sql`'sign', sign, 'at', at`, sql`reported_signs where person_id = ${person}`, sql`at`)} as signs,
		${listOf(
			sql`'at', at, 'regions', regions, 'seenAt', seen_at`,
			sql`reported_discomfort where assessment_id in ${mine}`,
			sql`at`
		)} as reports,
		${listOf(
			sql`'kind', kind, 'dueOn', due_on, 'askedAt', asked_at, 'toCall', to_call, 'answeredAt', answered_at,
				'endedAt', ended_at, 'signs', signs, 'discomfort', discomfort, 'undone', undone, 'news', news, 'seenAt', seen_at`,
			sql`check_ins where person_id = ${person}`,
			sql`asked_at, id`
		)} as asked,
		${listOf(
			sql`'at', at, 'closes', closes`,
			sql`contacts where person_id = ${person} and cardinality(closes) > 0`,
			sql`at`
		)} as outcomes,
		${listOf(
			sql`'at', at, 'lengths', lengths`,
			sql`(select * from remeasurements where assessment_id = (select id from assessments
				where person_id = ${person} and place_of is null and answered_at is not null order by sent_at desc, id desc limit 1)
				order by at desc limit ${MOST_MEASURED}) m`,
			sql`at`
		)} as measured,
		${listOf(sql`'sign', sign, 'how', how, 'at', at`, sql`sign_lifts where person_id = ${person}`, sql`at`)} as lifted,
		${listOf(
			sql`'finding', finding, 'how', how, 'at', at`,
			sql`finding_ticks where assessment_id = (select id from assessments
				where person_id = ${person} and place_of is null and answered_at is not null order by sent_at desc, id desc limit 1)`,
			sql`at, finding`
		)} as ticks,
		(select min(asked_at) from equipment_requests where assessment_id in ${mine} and state = 'asked') as "equipmentAt",
		(select min(at) from messages where person_id = ${person} and from_person and answered_at is null) as "messageAt",
		(select min(a.sent_at) from round_people r join assessments a on a.id = r.assessment_id
			where r.person_id = ${person} and r.to_call and a.answered_at is null) as "silentAt",
		(select min(l.at) from referral_lines l join referrals r on r.id = l.referral_id
			where r.person_id = ${person} and l.from_clinician and l.read_at is null) as "clinicianAt",
		(select max(at) from referrals where person_id = ${person} and ended_at is null) as "referredAt",
		${listOf(
			sql`'day', policy_day, 'at', done_at`,
			sql`follow_ups where person_id = ${person} and kind = 'check-in' and outcome = ${POLICY_OUTCOMES.cancelled}`,
			sql`done_at`
		)} as cancelled
		from unnest(${sql.param([...personIds])}::uuid[]) as p(id)`);
	return rows;
}

/** Most re-measurements read, newest first. */
const MOST_MEASURED = 200;

/** Converts timestamps of a row to dates. */
function momentsOf<T, K extends keyof T>(row: T, ...names: readonly K[]) {
	return Object.fromEntries(
		names.map((name) => [name, row[name] === null ? null : new Date(String(row[name]))])
	) as { [N in K]: null extends T[N] ? Date | null : Date };
}

/** What is waiting for a coordinator besides answers, and since when. */
function waitingOf({
	equipmentAt,
	messageAt,
	clinicianAt,
	silentAt,
	asked
}: SmallRows): { what: WaitingKind; at: Date }[] {
	const unanswered = asked.find((c) => c.toCall && !c.answeredAt && !c.endedAt)?.askedAt ?? null;
	const found: [WaitingKind, string | null][] = [
		['equipment', equipmentAt],
		['message', messageAt],
		['clinician', clinicianAt],
		['silent', silentAt ?? unanswered]
	];
	return found.flatMap(([what, at]) => (at ? [{ what, at: new Date(at) }] : []));
}

/** Lengths measured since the plan was made; earlier ones went into it. */
function measuredSince({ measured }: SmallRows, plan: PlanInProgress | null, placeOf: PlaceOf) {
	return measured
		.filter(({ at }) => plan !== null && new Date(at) >= plan.madeAt)
		.map(({ at, lengths: { seatUnder, feetOn, surface, keysOn, screenTop } }) => ({
			...placeOf('measured', new Date(at)),
			lengths: {
				...(typeof seatUnder === 'number' ? { seat: seatUnder } : {}),
				...(feetOn === undefined ? {} : { feet: feetOn }),
				...(surface === undefined ? {} : { surface }),
				...(keysOn === undefined ? {} : { keys: keysOn }),
				...(screenTop === undefined ? {} : { screen: screenTop })
			}
		}));
}

/** The state of each plan item by its events: the newest of each counts. */
function thingsOf(
	plan: PlanInProgress,
	events: readonly StepEvent[],
	placeOf: PlaceOf
): RecordedPlan['things'] {
	return plan.steps.map(({ place }) => {
		const mine = events.filter(({ thing }) => thing === place);
		const done = mine.filter(({ isDone }) => isDone).at(-1) ?? null;
		const last = mine.at(-1) ?? null;
		return {
			thing: place as PlanItem,
			done: done && placeOf('done', done.at),
			undone: done && last && !last.isDone ? placeOf('undone', last.at) : null
		};
	});
}

/** Findings from answers, apart from heights, without what the plan's steps resolve: those are plan items in the assessment. */
function findingsOf(
	{
		corner,
		answers,
		checklistVersion
	}: Pick<SmallRows['sent'][number], 'corner' | 'answers' | 'checklistVersion'>,
	plan: PlanInProgress | null,
	checklistFor: (version: number) => Checklist
): RecordedFinding[] {
	if (!corner || !answers) return [];
	const checklist = checklistFor(checklistVersion);
	const steps = plan?.steps ?? [];
	const told = { checklist, answers: checklistAnswersOf(answers), reports: [] };
	return advisedFindings(corner, told, steps.length > 0 ? (plan?.plan ?? null) : null, steps)
		.filter(({ fate }) => fate !== 'closed')
		.map(({ finding }) => ({
			id: finding,
			safety: isHazard(finding),
			...(isOwnId(finding) && { regions: [...regionsOfFinding(finding, checklist.own)] })
		}));
}

/** The plan in use, as the case record has it. */
function filePlanOf(
	{ plan, newest }: { plan: PlanInProgress | null; newest: SmallRows['sent'][number] | null },
	events: readonly StepEvent[],
	placeOf: PlaceOf
): RecordedPlan | null {
	if (!plan || plan.steps.length === 0) return null;
	const { heights, rises } = planHeightsOf(newest?.corner ?? null, plan.plan);
	return {
		...placeOf('plan', plan.madeAt),
		option: { kind: 'plan', things: plan.steps.length },
		heights,
		rises,
		things: thingsOf(plan, events, placeOf)
	};
}

function stuckSince(plan: PlanInProgress | null, dayOf: (at: Date) => CivilDate) {
	const isStuck =
		plan !== null &&
		plan.why === 'does-not-work' &&
		plan.steps.length === 0 &&
		isAnyOff(plan.plan?.after ?? []);
	return isStuck ? [{ what: 'stuck-step' as const, since: dayOf(plan.madeAt) }] : [];
}

/** The newest answered self-assessment. */
const newestAnswered = ({ sent }: SmallRows) => sent.filter((a) => a.answeredAt !== null).at(-1) ?? null;

/**
 * Reads everything known about people as the case records they are assessed from. Call with the people locked. Cost: three statements (four where an organisation has a checklist of its own) for
 * all, each an index look-up proportional to these people's history.
 * @returns a record for each, in the order of the people
 */
export async function loadCaseRecords(
	tx: Db,
	people: readonly LockedPerson[],
	now: Date
): Promise<{ person: LockedPerson; read: LoadedCaseRecord }[]> {
	const rows = await smallRows(
		tx,
		people.map(({ id }) => id)
	);
	const answered = rows.flatMap((of) => newestAnswered(of)?.id ?? []);
	const plans = await plansInProgress(tx, answered);
	const events = await stepEventsOfPlans(
		tx,
		plans.filter(({ steps }) => steps.length > 0).map(({ id }) => id)
	);
	const checklistFor = await checklistsAt(
		tx,
		rows.flatMap(({ sent }) => sent.map(({ checklistVersion }) => checklistVersion))
	);
	return people.map((person) => {
		const mine = rows.find(({ personId }) => personId === person.id);
		if (!mine) throw new Error('A look-up by person left a person out');
		const plan = plans.find(({ assessmentId }) => assessmentId === newestAnswered(mine)?.id) ?? null;
		const done = events.filter(({ planId }) => planId === plan?.id);
		return { person, read: buildCaseRecord(person, mine, plan, done, checklistFor, now) };
	});
}

export async function loadCaseRecord(tx: Db, person: LockedPerson, now: Date): Promise<LoadedCaseRecord> {
	const [one] = await loadCaseRecords(tx, [person], now);
	if (!one) throw new Error('One person was asked for and none was read');
	return one.read;
}

/** The order within one moment: an outcome closes what came in with it, and what is done counts after the plan that asks for it. */
const WITHIN_A_MOMENT = [
	'answers',
	'plan',
	'done',
	'undone',
	'check-in',
	'measured',
	'tick',
	'lifted',
	'outcome'
] as const;

/** The date of a moment at the person's place, and its position in the record. */
type PlaceOf = (kind: (typeof WITHIN_A_MOMENT)[number], at: Date) => { seq: number; on: CivilDate };

function buildCaseRecord(
	{ place: { dayOf, country, region } }: LockedPerson,
	rows: SmallRows,
	plan: PlanInProgress | null,
	events: readonly StepEvent[],
	checklistFor: (version: number) => Checklist,
	now: Date
): LoadedCaseRecord {
	const sent = rows.sent.map((a) => ({
		...a,
		...momentsOf(a, 'sentAt', 'startedAt', 'answeredAt', 'revokedAt', 'seenAt')
	}));
	const reported = rows.reports.map((r) => ({ ...r, ...momentsOf(r, 'at', 'seenAt') }));
	const signs = rows.signs.map((r) => ({ ...r, ...momentsOf(r, 'at') }));
	const asked = rows.asked.map((r) => ({
		...r,
		...momentsOf(r, 'askedAt', 'answeredAt', 'endedAt', 'seenAt')
	}));
	const held = asked.flatMap((c) => (c.answeredAt ? [{ ...c, at: c.answeredAt }] : []));
	const outcomes = rows.outcomes.map((r) => ({ ...r, ...momentsOf(r, 'at') }));
	const waiting = waitingOf(rows);
	const placeOf: PlaceOf = (kind, at) => ({
		seq: Number(at) * WITHIN_A_MOMENT.length + WITHIN_A_MOMENT.indexOf(kind),
		on: dayOf(at)
	});
	const day = (at: Date | null) => (at ? dayOf(at) : null);
	const answers = [
		...sent.flatMap((a) =>
			a.answeredAt
				? [
						{
							at: a.answeredAt,
							corner: a.corner,
							signs: [],
							discomfort: null,
							findings: findingsOf(a, a.id === plan?.assessmentId ? plan : null, checklistFor),
							acknowledged: day(a.seenAt)
						}
					]
				: []
		),
		...signs.map(({ sign, at }) => ({
			at,
			corner: null,
			signs: [sign],
			discomfort: null,
			findings: null,
			acknowledged: null
		})),
		...reported.map(({ at, regions, seenAt }) => ({
			at,
			corner: null,
			signs: [],
			discomfort: regions,
			findings: null,
			acknowledged: day(seenAt)
		}))
	].sort((a, b) => Number(a.at) - Number(b.at));
	const file: CaseRecord = {
		format: 'easy-corner.file/2',
		today: dayOf(now),
		place: { country, region },
		answers: answers.map(({ at, ...rest }) => ({ ...placeOf('answers', at), ...rest })),
		plan: filePlanOf({ plan, newest: newestAnswered(rows) }, events, placeOf),
		ticks: rows.ticks.map(({ finding, how, at }) => ({ ...placeOf('tick', new Date(at)), finding, how })),
		measured: measuredSince(rows, plan, placeOf),
		checkIns: held.map((c): RecordedCheckIn => ({
			...placeOf('check-in', c.at),
			signs: c.signs,
			discomfort: c.discomfort,
			// What came undone under an earlier plan says nothing about the present one.
			undone: plan && c.at < plan.madeAt ? [] : c.undone,
			news: c.news,
			acknowledged: day(c.seenAt)
		})),
		lifted: rows.lifted.map(({ sign, how, at }) => ({ ...placeOf('lifted', new Date(at)), of: sign, how })),
		waiting: [...waiting.map(({ what, at }) => ({ what, since: dayOf(at) })), ...stuckSince(plan, dayOf)],
		outcomes: outcomes.map((o) => ({ ...placeOf('outcome', o.at), of: [...o.closes] }))
	};
	const unseen = [
		...sent.filter((a) => a.answeredAt && !a.seenAt).map((a) => a.answeredAt),
		...reported.filter((r) => !r.seenAt).map((r) => r.at),
		...held.filter((c) => !c.seenAt).map((c) => c.at)
	].flatMap((at) => (at ? [dayOf(at)] : []));
	const last = sent.at(-1) ?? null;
	return {
		file,
		plan,
		newest: last,
		unseenSince: unseen.sort()[0] ?? null,
		isAsked: asked.some((c) => c.kind === 'check-in' && !c.answeredAt && !c.endedAt),
		passedOver: asked
			.filter((c) => c.kind === 'check-in' && !c.answeredAt && c.endedAt)
			.map(({ dueOn }) => dueOn),
		checkInsCancelledTo:
			rows.cancelled
				.flatMap((one) => [one.day as CivilDate, dayOf(new Date(one.at))])
				.sort()
				.at(-1) ?? null,
		referredOn: day(rows.referredAt === null ? null : new Date(rows.referredAt)),
		isEmpty: sent.length === 0 && signs.length === 0 && waiting.length === 0 && outcomes.length === 0
	};
}
