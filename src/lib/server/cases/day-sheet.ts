import type { PgColumn } from 'drizzle-orm/pg-core';
import {
	and,
	asc,
	eq,
	gt,
	inArray,
	isNotNull,
	isNull,
	lt,
	lte,
	ne,
	not,
	or,
	sql,
	type SQL
} from 'drizzle-orm';
import { needsCoordinator, compareDaySheetCases, type DaySheetCase } from '../../core/day-sheet';
import { readAssessmentResult, type AssessmentResult, type ReasonCode } from '../../core/case-assessment';
import { PENDING_REQUEST_STATES } from '../../core/equipment';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';
import { organisationZone } from '../people/lock-person';
import { countCasesToReassess } from '../case-assessments/reassess-outdated-cases';
import { countHeld } from '../email-hold/held-emails';
import { readRefused } from '../email/undelivered';

const {
	cases,
	deskActs,
	equipmentRequests,
	followUps,
	caseAssessments,
	messages,
	people,
	referralLines,
	referrals,
	users
} = schema;

/** Most lines that the sheet shows of who needs someone; how many more there are is shown. */
export const MAX_SHEET_LINES = 60;

/** Most lines that it shows besides: who is postponed, whom a clinician has, what only has to be looked at. */
const MOST_LINES_BESIDES = 20;

/** Whose lines and which the sheet is narrowed to; empty texts narrow nothing. */
export interface DaySheetFilter {
	readonly team: string;
	/** ISO 3166-1 alpha-2. */
	readonly country: string;
	readonly whose: (typeof OWNER_FILTERS)[number] | '';
	readonly only: (typeof KIND_FILTERS)[number] | '';
}

/** Mine, or nobody's in particular. */
export const OWNER_FILTERS = ['mine', 'nobodys'] as const;

/** Late ones, ones with a message to read, or ones that were written to today. */
export const KIND_FILTERS = ['overdue', 'message', 'written'] as const;

/** The whole sheet. */
export const NO_DAY_SHEET_FILTER: DaySheetFilter = { team: '', country: '', whose: '', only: '' };

/** The filter of an address; what can't be one narrows nothing. */
export function daySheetFilterOf(query: URLSearchParams): DaySheetFilter {
	return {
		team: (query.get('team') ?? '').replaceAll('\0', '').slice(0, 100),
		country: /^[A-Z]{2}$/.exec(query.get('country') ?? '')?.[0] ?? '',
		whose: OWNER_FILTERS.find((one) => one === query.get('whose')) ?? '',
		only: KIND_FILTERS.find((one) => one === query.get('only')) ?? ''
	};
}

/** The newest thing that a clinician wrote about a person and nobody has read; by referrals_person_at_idx and referral_lines_unread_idx. */
const clinicianSaid = (personId: PgColumn) =>
	sql<string | null>`(select l.text from ${referralLines} l join ${referrals} r on r.id = l.referral_id
		where r.person_id = ${personId} and l.from_clinician and l.read_at is null order by l.at desc limit 1)`;

/** Whether the person, or a clinician about them, wrote something that nobody has read. */
const hasMessage = sql<boolean>`(exists (select from ${messages} m where m.person_id = ${cases.personId} and m.from_person and m.answered_at is null)
	or ${clinicianSaid(cases.personId)} is not null)`;

/** Who is late: what is open and should have been acted on, or was set for a day before today. */
const isLate = (today: string) =>
	or(
		and(isNotNull(cases.openSince), lt(cases.actBy, today)),
		and(isNotNull(cases.followUpOn), lt(cases.followUpOn, today))
	);

/** The condition that a filter is, over `cases`. */
function whereOf(
	{ team, country, whose, only }: DaySheetFilter,
	userId: string,
	today: string
): SQL | undefined {
	const ofPerson = and(
		team === '' ? undefined : eq(people.team, team),
		country === '' ? undefined : eq(people.country, country),
		whose === 'mine' ? eq(people.ownerId, userId) : undefined,
		whose === 'nobodys' ? isNull(people.ownerId) : undefined
	);
	return and(
		ofPerson && sql`exists (select from ${people} where ${people.id} = ${cases.personId} and ${ofPerson})`,
		only === 'overdue' ? isLate(today) : undefined,
		only === 'message' ? hasMessage : undefined,
		only === 'written'
			? sql`exists (select from ${deskActs} a where a.person_id = ${cases.personId} and a.kind = 'written' and (a.at at time zone ${organisationZone})::date = ${today}::date)`
			: undefined
	);
}

/** The first cases of a condition in an order: nothing is joined before it is shown. */
function firstOf(db: Db, condition: SQL | undefined, ...order: SQL[]) {
	return db
		.select({ personId: cases.personId })
		.from(cases)
		.where(condition)
		.orderBy(...order)
		.limit(MAX_SHEET_LINES);
}

/** What the order of the day is made of; by keys. */
async function readPicked(db: Db, personIds: readonly string[], today: string): Promise<DaySheetCase[]> {
	const rows = await db
		.select({
			personId: cases.personId,
			level: cases.level,
			openSince: cases.openSince,
			actBy: cases.actBy,
			worst: cases.worst,
			followUpOn: cases.followUpOn,
			isReferred: sql<boolean>`${cases.referredOn} is not null`,
			hasMessage,
			laterOn: people.laterOn,
			laterFor: people.laterFor,
			// Only what was put off has to be compared with what is so now.
			reasons: sql<
				ReasonCode[] | null
			>`case when ${people.laterOn} > ${today}::date then (select array_agg(r ->> 'code')
				from ${caseAssessments} j, jsonb_array_elements(j.document -> 'reasons') r where j.id = ${cases.judgementId}) end`
		})
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.where(inArray(cases.personId, [...personIds]));
	return rows.map((row) => ({ ...row, reasons: row.reasons ?? [] }));
}

/** Points of the trend that a line shows. */
const TREND_POINTS = 8;

/** What a line shows of a judgement: its reasons and their grounds, the marks that are off, the trend. A tenth of the whole. */
function shownOf({ reasons, evidence, unclosable, standing, first, worsts, plan }: AssessmentResult) {
	const off = standing.filter(({ verdict }) => verdict === 'off');
	return {
		reasons,
		evidence: Object.fromEntries(
			Object.entries(evidence).filter(([code]) => reasons.some((one) => one.code === code))
		),
		unclosable,
		plan: plan && { carriedOut: plan.carriedOut },
		off,
		first: first.filter(({ id, value }) => off.some((one) => one.id === id && one.value !== value)),
		worsts: worsts.slice(-TREND_POINTS)
	};
}

/** The lines of these people, with all that the sheet shows of each; by keys. */
async function readLines(db: Db, personIds: readonly string[]) {
	const owner = sql`(select name from ${users} o where o.id = ${people.ownerId})`;
	const rows = await db
		.select({
			personId: people.id,
			name: people.name,
			team: people.team,
			level: cases.level,
			/** The newest judgement. */
			judgement: caseAssessments.document,
			openSince: cases.openSince,
			actBy: cases.actBy,
			worst: cases.worst,
			followUpOn: cases.followUpOn,
			answeredAt: cases.answeredAt,
			referredOn: cases.referredOn,
			version: cases.version,
			/** The clinician who looks at it just now, and the day by which an answer is wanted. */
			referral: sql<{
				name: string;
				answerBy: string | null;
			} | null>`case when ${cases.referredOn} is not null then (
				select jsonb_build_object('name', coalesce(u.name, r.to_name), 'answerBy', r.answer_by) from ${referrals} r
				left join ${users} u on u.id = r.clinician_id where r.person_id = ${people.id} and r.ended_at is null order by r.at desc limit 1) end`,
			clinicianSaid: clinicianSaid(people.id),
			/** The coordinator who looks after them. */
			hasBounced: sql<boolean>`${people.bouncedAt} is not null`,
			ownerId: people.ownerId,
			ownerName: sql<string | null>`${owner}`,
			laterOn: people.laterOn,
			laterReason: people.laterReason,
			laterFor: people.laterFor,
			followUpReason: followUps.reason,
			followUpVersion: followUps.version,
			/** The newest message that nobody has answered, whole. */
			message: sql<
				string | null
			>`(select text from ${messages} m where m.person_id = ${people.id} and m.from_person and m.answered_at is null order by m.at desc limit 1)`,
			/** What was last done on the desk, and when; who looks after them stands by itself. */
			lastAct: sql<{ kind: string; at: string; by: string } | null>`(
				select jsonb_build_object('kind', a.kind, 'at', a.at, 'by', u.name) from ${deskActs} a join ${users} u on u.id = a.user_id
				where a.person_id = ${people.id} and a.undone_at is null and a.kind not in ('owned', 'put-off') order by a.at desc limit 1)`
		})
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.leftJoin(caseAssessments, eq(caseAssessments.id, cases.judgementId))
		.leftJoin(
			followUps,
			and(eq(followUps.personId, cases.personId), eq(followUps.kind, 'look'), isNull(followUps.doneAt))
		)
		.where(inArray(cases.personId, [...personIds]));
	return rows.map(({ judgement, ...row }) => ({
		...row,
		judgement: judgement && shownOf(readAssessmentResult(judgement))
	}));
}

/** One person who needs someone today. */
export type DaySheetLine = Awaited<ReturnType<typeof readLines>>[number];

/** The lines that are shown, of those that were picked, in the order of the day. */
async function shownLines(db: Db, picked: readonly DaySheetCase[], today: string): Promise<DaySheetLine[]> {
	const inOrder = [...picked].sort(compareDaySheetCases(today));
	const isNeeded = (one: DaySheetCase) => needsCoordinator(one, today);
	const shown = [
		...inOrder.filter(isNeeded).slice(0, MAX_SHEET_LINES),
		...inOrder.filter((one) => !isNeeded(one)).slice(0, MOST_LINES_BESIDES)
	];
	if (shown.length === 0) return [];
	const place = new Map(shown.map(({ personId }, i) => [personId, i]));
	const lines = await readLines(db, [...place.keys()]);
	return lines.sort((a, b) => (place.get(a.personId) ?? 0) - (place.get(b.personId) ?? 0));
}

/**
 * Who of the open cases and of the follow-ups that are due was postponed; by people_later_idx. Whether one still is hangs on what is new to it, so
 * each is looked at.
 */
async function pickLater(db: Db, narrowed: SQL | undefined, today: string): Promise<DaySheetCase[]> {
	const later = await db
		.select({ personId: cases.personId })
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.where(
			and(
				gt(people.laterOn, today),
				or(
					and(isNotNull(cases.openSince), ne(cases.level, 'done'), or(isNull(cases.referredOn), hasMessage)),
					and(isNull(cases.openSince), lte(cases.followUpOn, today))
				),
				narrowed
			)
		);
	return later.length === 0
		? []
		: readPicked(
				db,
				later.map(({ personId }) => personId),
				today
			);
}

/**
 * What the sheet counts, in one statement: planning each apart costs more than counting. By cases_open_idx, cases_referred_idx,
 * cases_follow_up_idx, cases_waiting_idx, equipment_requests_board_idx and people_bounced_idx.
 */
async function countAll(db: Db, isOpen: SQL | undefined, isDue: SQL | undefined) {
	const isToDo = and(isOpen, ne(cases.level, 'done'));
	const [counts] = await db
		.select({
			open: db.$count(cases, isToDo),
			/** Of those: whom a clinician has, and who wrote nothing since. Apart: the index of what is open does not say who that is. */
			withClinician: db.$count(cases, and(isToDo, isNotNull(cases.referredOn), not(hasMessage))),
			due: db.$count(cases, isDue),
			/** Nothing is open there but that nobody has looked at the answers yet. */
			toAcknowledge: db.$count(cases, and(isOpen, eq(cases.level, 'done'))),
			waiting: db.$count(
				cases,
				and(isNotNull(cases.sentAt), isNull(cases.answeredAt), isNull(cases.revokedAt))
			),
			/** Who waits for a thing that was approved, ordered or sent. */
			forThings: db.$count(
				equipmentRequests,
				and(
					inArray(equipmentRequests.state, [...PENDING_REQUEST_STATES]),
					ne(equipmentRequests.state, 'asked')
				)
			),
			/** Whose letters come back, of those who are here. */
			bounced: db.$count(people, and(isNotNull(people.bouncedAt), isNull(people.leftAt)))
		})
		.from(sql`(select) as one_row`);
	if (!counts) throw new Error('A statement of counts gave no row');
	return counts;
}

/**
 * Who needs the coordinator today: everyone with something open, and follow-ups that are due, in one order.
 *
 * Cost: the first lines of partial indexes that hold open lines only (cases_open_idx, cases_follow_up_idx, cases_referred_idx), two counts
 * over them, and the judgements of the lines that are shown: it follows what is open and not the workforce. A filter is looked up for each open line.
 *
 * @param today ISO date in the coordinator's time zone
 */
export async function readDaySheet(
	db: Db,
	actor: Actor,
	today: string,
	filter: DaySheetFilter = NO_DAY_SHEET_FILTER
) {
	const { id: userId } = requirePermission(actor, 'cases:read');
	const idsOf = (rows: readonly { readonly personId: string }[]) => rows.map(({ personId }) => personId);
	const narrowed = whereOf(filter, userId, today);
	const isOpen = and(isNotNull(cases.openSince), narrowed);
	const isDue = and(lte(cases.followUpOn, today), isNull(cases.openSince), narrowed);
	// Looked at apart: they would take the place of who needs someone.
	const isPostponed = sql`exists (select from ${people} where ${people.id} = ${cases.personId} and ${gt(people.laterOn, today)})`;
	const now = not(isPostponed);
	const [open, late, referred, due, counts, later, toRejudge, held, refused] = await Promise.all([
		firstOf(
			db,
			and(isOpen, isNull(cases.referredOn), now),
			asc(cases.level),
			asc(cases.actBy),
			sql`${cases.worst} desc nulls last`,
			asc(cases.personId)
		),
		firstOf(db, and(isOpen, lt(cases.actBy, today), now), asc(cases.actBy), asc(cases.personId)),
		firstOf(db, and(isOpen, isNotNull(cases.referredOn)), asc(cases.level), asc(cases.personId)),
		firstOf(db, and(isDue, now), asc(cases.followUpOn), asc(cases.personId)),
		countAll(db, isOpen, isDue),
		pickLater(db, narrowed, today),
		countCasesToReassess(db),
		countHeld(db),
		readRefused(db)
	]);
	const { toAcknowledge, waiting, forThings, bounced } = counts;
	const ids = new Set([open, late, referred, due].flatMap(idsOf));
	for (const { personId } of later) ids.delete(personId);
	const picked = ids.size > 0 ? await readPicked(db, [...ids], today) : [];
	const postponed = later.filter((one) => !needsCoordinator(one, today)).length;
	return {
		lines: await shownLines(db, [...picked, ...later], today),
		// Neither whom a clinician has nor who is postponed counts: nothing is asked of a coordinator there.
		total: counts.open - counts.withClinician + counts.due - postponed,
		toAcknowledge,
		toRejudge,
		held,
		/** Emails that the mail server refused: someone waits for each. */
		refusedEmails: refused,
		waiting,
		forThings,
		bounced
	};
}
