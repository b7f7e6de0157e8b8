import { unionAll, type PgColumn } from 'drizzle-orm/pg-core';
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
	or,
	sql,
	type Placeholder,
	type SQL
} from 'drizzle-orm';
import {
	compareDaySheetCases,
	MOST_COUNTED,
	needsCoordinator,
	type DaySheetCase
} from '../../core/cases/day-sheet';
import { readAssessmentResult } from '../../core/cases/case-assessment/read-assessment-result';
import type { AssessmentResult } from '../../core/cases/case-assessment/assessment-result';
import { shownCheck } from '../../core/workstation/checks/check-corner';
import { policySettingsOf } from '../../core/cases/triage/policy-settings';
import { PENDING_REQUEST_STATES } from '../../core/plan/equipment';
import { standsFor } from '../platform/accounts/stand-ins';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { countUpTo } from '../platform/db/count-up-to';
import { schema, type Db } from '../platform/db/client';
import { rowsAsJson } from '../platform/db/rows-as-json';
import { preparedOnce } from '../platform/db/prepared-once';
import { organisationZone } from '../platform/organisation/organisation-zone';
import { casesToReassess } from './case-assessments/reassess-outdated-cases';
import { heldCounted } from '../platform/email-hold/held-emails';
import { newestRefusal, refusedCounted } from '../platform/email/undelivered';
import { readRules } from '../platform/rules/read-rules';

const {
	cases,
	deskActs,
	equipmentRequests,
	followUps,
	assessmentResults,
	messages,
	people,
	referralLines,
	referrals,
	users
} = schema;

/** Most lines for cases that need someone; the number of further ones is shown. */
const MAX_SHEET_LINES = 60;

/** Most lines of the other groups: postponed, with a clinician, for review. */
const MOST_LINES_BESIDES = 20;

/** The day sheet's filter; empty texts filter nothing. */
export interface DaySheetFilter {
	readonly team: string;
	/** ISO 3166-1 alpha-2. */
	readonly country: string;
	readonly whose: (typeof OWNER_FILTERS)[number] | '';
	readonly only: (typeof KIND_FILTERS)[number] | '';
}

/** Assigned to me, or unassigned. */
const OWNER_FILTERS = ['mine', 'nobodys'] as const;

/** Overdue, with an unread message, or messaged today. */
const KIND_FILTERS = ['overdue', 'message', 'written'] as const;

/** Everything. */
export const NO_DAY_SHEET_FILTER: DaySheetFilter = { team: '', country: '', whose: '', only: '' };

/** The filter in a URL; an unreadable value filters nothing. */
export function daySheetFilterOf(query: URLSearchParams): DaySheetFilter {
	return {
		team: (query.get('team') ?? '').replaceAll('\0', '').slice(0, 100),
		country: /^[A-Z]{2}$/.exec(query.get('country') ?? '')?.[0] ?? '',
		whose: OWNER_FILTERS.find((one) => one === query.get('whose')) ?? '',
		only: KIND_FILTERS.find((one) => one === query.get('only')) ?? ''
	};
}

/** The newest unread text from a clinician about a person; by referrals_person_at_idx and referral_lines_unread_idx. */
const clinicianSaid = (personId: PgColumn) =>
	sql<string | null>`(select l.text from ${referralLines} l join ${referrals} r on r.id = l.referral_id
		where r.person_id = ${personId} and l.from_clinician and l.read_at is null order by l.at desc limit 1)`;

/** Whether there is an unread message from the person, or from a clinician about them. */
const hasMessage = sql<boolean>`(exists (select from ${messages} m where m.person_id = ${cases.personId} and m.from_person and m.answered_at is null)
	or ${clinicianSaid(cases.personId)} is not null)`;

/** Today's ISO date, or its place in a statement that is written once for all days. */
type Today = string | Placeholder;

/** Overdue: open and past the day to act by, or a follow-up due before today. */
const isLate = (today: Today) =>
	or(
		and(isNotNull(cases.openSince), lt(cases.actBy, today)),
		and(isNotNull(cases.followUpOn), lt(cases.followUpOn, today))
	);

/** Listed only for a follow-up that is due. */
const isDueBy = (today: Today) => and(lte(cases.followUpOn, today), isNull(cases.openSince));

/** The filter as a condition on `cases`. */
function whereOf(
	{ team, country, whose, only }: DaySheetFilter,
	userId: string,
	today: string
): SQL | undefined {
	const ofPerson = and(
		team === '' ? undefined : eq(people.team, team),
		country === '' ? undefined : eq(people.country, country),
		whose === 'mine' ? sql`${people.ownerId} in ${standsFor(userId, today)}` : undefined,
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

/** The first cases of a condition, in an order; nothing is joined before a line is shown. */
const firstOf = (db: Db, condition: SQL | undefined, ...order: SQL[]) =>
	db
		.select({ personId: cases.personId, isLater: sql<boolean>`false`.as('is_later') })
		.from(cases)
		.where(condition)
		.orderBy(...order)
		.limit(MAX_SHEET_LINES);

/**
 * Postponed people among open cases and due follow-ups; by people_later_idx. Whether one still is depends on what is new, so each is
 * checked.
 */
const laterOf = (db: Db, narrowed: SQL | undefined, today: Today) =>
	db
		.select({ personId: cases.personId, isLater: sql<boolean>`true`.as('is_later') })
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

interface PickedCase extends DaySheetCase {
	/** Whether it was found among the postponed ones. */
	readonly isLater: boolean;
}

/** What the order of the day sheet needs of the cases found, in one statement: planning each search by itself takes longer than searching. */
function selectPicked(db: Db, narrowed: SQL | undefined, today: Today) {
	const isOpen = and(isNotNull(cases.openSince), narrowed);
	// Postponed cases are searched separately: they would displace people who need someone.
	const now = sql`not exists (select from ${people} where ${people.id} = ${cases.personId} and ${gt(people.laterOn, today)})`;
	const found = unionAll(
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
		firstOf(db, and(isDueBy(today), narrowed, now), asc(cases.followUpOn), asc(cases.personId)),
		laterOf(db, narrowed, today)
	).as('found');
	// A referred case may be postponed, too.
	const picked = db
		.select({ personId: found.personId, isLater: sql<boolean>`bool_or(${found.isLater})`.as('is_later') })
		.from(found)
		.groupBy(found.personId)
		.as('picked');
	return db
		.select({
			found: rowsAsJson<PickedCase>({
				personId: cases.personId,
				isLater: picked.isLater,
				level: cases.level,
				openSince: cases.openSince,
				actBy: cases.actBy,
				worst: cases.worst,
				followUpOn: cases.followUpOn,
				isReferred: sql`${cases.referredOn} is not null`,
				hasMessage,
				laterOn: people.laterOn,
				laterFor: people.laterFor,
				// Only postponed cases are compared with their present reasons.
				reasons: sql`coalesce(case when ${people.laterOn} > ${today}::date then (select array_agg(r ->> 'code')
					from ${assessmentResults} j, jsonb_array_elements(j.document -> 'reasons') r where j.id = ${cases.assessmentResultId}) end, '{}')`
			})
		})
		.from(picked)
		.innerJoin(cases, eq(cases.personId, picked.personId))
		.innerJoin(people, eq(people.id, picked.personId));
}

const pickedOnce = preparedOnce((db) => selectPicked(db, undefined, sql.placeholder('today')));

async function readPicked(db: Db, narrowed: SQL | undefined, today: string): Promise<PickedCase[]> {
	const [row] = await (narrowed ? selectPicked(db, narrowed, today) : pickedOnce(db).execute({ today }));
	return row?.found ?? [];
}

const TREND_POINTS = 8;

/** Lists of equal content as one, so that a page states it once: several reasons often rest on the same reports. */
function shareEqual<T>(lists: Readonly<Record<string, T>>): Record<string, T> {
	const known = new Map<string, T>();
	return Object.fromEntries(
		Object.entries(lists).map(([name, list]) => {
			const text = JSON.stringify(list);
			const one = known.get(text) ?? list;
			known.set(text, one);
			return [name, one];
		})
	);
}

/** The part of an assessment that a line shows: reasons and their evidence, checks that are off, the trend. A tenth of the whole. */
function shownOf({ reasons, evidence, unclosable, standing, first, worsts, plan }: AssessmentResult) {
	const off = standing.filter(({ verdict }) => verdict === 'off').map(shownCheck);
	return {
		reasons,
		evidence: shareEqual(
			Object.fromEntries(
				Object.entries(evidence).filter(([code]) => reasons.some((one) => one.code === code))
			)
		),
		unclosable,
		plan: plan && { carriedOut: plan.carriedOut },
		off,
		first: first
			.filter(({ id, value }) => off.some((one) => one.id === id && one.value !== value))
			.map(shownCheck),
		worsts: worsts.slice(-TREND_POINTS).map(({ worst }) => worst)
	};
}

/** The lines of people, with all that the day sheet shows; by key. */
const linesOnce = preparedOnce((db) => {
	const owner = sql`(select name from ${users} o where o.id = ${people.ownerId})`;
	return db
		.select({
			personId: people.id,
			name: people.name,
			team: people.team,
			level: cases.level,
			/** The newest assessment. */
			assessmentResult: assessmentResults.document,
			openSince: cases.openSince,
			actBy: cases.actBy,
			worst: cases.worst,
			followUpOn: cases.followUpOn,
			referredOn: cases.referredOn,
			version: cases.version,
			/** The clinician who has the case, and the day by which an answer is wanted. */
			referral: sql<{
				name: string;
				answerBy: string | null;
			} | null>`case when ${cases.referredOn} is not null then (
				select jsonb_build_object('name', coalesce(u.name, r.to_name), 'answerBy', r.answer_by) from ${referrals} r
				left join ${users} u on u.id = r.clinician_id where r.person_id = ${people.id} and r.ended_at is null order by r.at desc limit 1) end`,
			clinicianSaid: clinicianSaid(people.id),
			/** The coordinator assigned to the case. */
			hasBounced: sql<boolean>`${people.bouncedAt} is not null`,
			ownerId: people.ownerId,
			ownerName: sql<string | null>`${owner}`,
			laterOn: people.laterOn,
			laterReason: people.laterReason,
			laterFor: people.laterFor,
			followUpReason: followUps.reason,
			followUpVersion: followUps.version,
			/** The newest unanswered message, in full. */
			message: sql<
				string | null
			>`(select text from ${messages} m where m.person_id = ${people.id} and m.from_person and m.answered_at is null order by m.at desc limit 1)`,
			/** The latest desk act and its time; the assignment is shown separately. */
			lastAct: sql<{ kind: string; at: string; by: string } | null>`(
				select jsonb_build_object('kind', a.kind, 'at', a.at, 'by', u.name) from ${deskActs} a join ${users} u on u.id = a.user_id
				where a.person_id = ${people.id} and a.undone_at is null and a.kind not in ('owned', 'put-off') order by a.at desc limit 1)`
		})
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.leftJoin(assessmentResults, eq(assessmentResults.id, cases.assessmentResultId))
		.leftJoin(
			followUps,
			and(eq(followUps.personId, cases.personId), eq(followUps.kind, 'look'), isNull(followUps.doneAt))
		)
		.where(sql`${cases.personId} = any(${sql.placeholder('personIds')}::uuid[])`);
});

async function readLines(db: Db, personIds: readonly string[]) {
	const rows = await linesOnce(db).execute({ personIds });
	return rows.map(({ assessmentResult, ...row }) => ({
		...row,
		assessmentResult: assessmentResult && shownOf(readAssessmentResult(assessmentResult))
	}));
}

/** A person who needs someone today. */
export type DaySheetLine = Awaited<ReturnType<typeof readLines>>[number];

/** The lines to show among the picked ones, in the order of the day sheet. */
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
 * Everything the day sheet counts, in one statement: planning each query separately costs more than counting. By cases_open_idx,
 * cases_follow_up_idx, cases_waiting_idx, equipment_requests_board_idx and people_bounced_idx.
 */
function selectCounts(db: Db, narrowed: SQL | undefined, today: Today, rulesName: string | Placeholder) {
	const isOpen = and(isNotNull(cases.openSince), narrowed);
	const isToActOn = and(isOpen, ne(cases.level, 'done'));
	return db
		.select({
			/** Without those with a clinician and no message since: nothing is asked of a coordinator there. */
			open: countUpTo(cases, and(isToActOn, or(isNull(cases.referredOn), hasMessage))),
			due: countUpTo(cases, and(isDueBy(today), narrowed)),
			/** Nothing is open except that nobody has reviewed the answers yet. */
			toAcknowledge: countUpTo(cases, and(isOpen, eq(cases.level, 'done'))),
			waiting: countUpTo(
				cases,
				and(isNotNull(cases.sentAt), isNull(cases.answeredAt), isNull(cases.revokedAt))
			),
			/** People waiting for an item that was approved, ordered or sent. */
			forThings: countUpTo(
				equipmentRequests,
				and(
					inArray(equipmentRequests.state, [...PENDING_REQUEST_STATES]),
					ne(equipmentRequests.state, 'asked')
				)
			),
			/** People whose emails bounce, without those who have left. */
			bounced: countUpTo(people, and(isNotNull(people.bouncedAt), isNull(people.leftAt))),
			toRejudge: casesToReassess(rulesName),
			held: heldCounted,
			/** Emails that the mail server refused: someone is waiting for each. */
			refused: refusedCounted,
			newestRefusal
		})
		.from(sql`(select) as one_row`);
}

const countsOnce = preparedOnce((db) =>
	selectCounts(db, undefined, sql.placeholder('today'), sql.placeholder('rulesName'))
);

async function countAll(db: Db, narrowed: SQL | undefined, today: string, rulesName: string) {
	const [counts] = await (narrowed
		? selectCounts(db, narrowed, today, rulesName)
		: countsOnce(db).execute({ today, rulesName }));
	if (!counts) throw new Error('A statement of counts gave no row');
	return counts;
}

/**
 * Who needs the coordinator today: every open case and due follow-up, in one order. Cost: the first entries of partial indexes that contain
 * only open cases (cases_open_idx, cases_late_idx, cases_follow_up_idx, cases_referred_idx), counts over them that end at MOST_COUNTED, and the
 * assessments of the lines shown: the same for any workforce. A filter is looked up for each open case.
 * @param today ISO date in the coordinator's time zone
 */
export async function readDaySheet(
	db: Db,
	actor: Actor,
	today: string,
	filter: DaySheetFilter = NO_DAY_SHEET_FILTER
) {
	const { id: userId } = requirePermission(actor, 'cases:read');
	const narrowed = whereOf(filter, userId, today);
	const readShown = async () => {
		const picked = await readPicked(db, narrowed, today);
		return {
			lines: await shownLines(db, picked, today),
			postponed: picked.filter((one) => one.isLater && !needsCoordinator(one, today)).length
		};
	};
	const readCounts = async () => {
		const { name, rules } = await readRules(db);
		return { counts: await countAll(db, narrowed, today, name), policy: policySettingsOf(rules.policy) };
	};
	// Counting takes longest where much is open: nothing waits for it until the end.
	const [{ counts, policy }, { lines, postponed }] = await Promise.all([readCounts(), readShown()]);
	const { open, due, refused, newestRefusal: words, ...others } = counts;
	return {
		...others,
		lines,
		/** The settings by which levels are given. */
		policy,
		// Postponed cases don't count: nothing is asked of a coordinator there.
		total: Math.max(open, due) > MOST_COUNTED ? MOST_COUNTED + 1 : open + due - postponed,
		refusedEmails: { n: refused, words: words ?? '' }
	};
}
