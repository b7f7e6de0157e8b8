import { sql, type SQL } from 'drizzle-orm';
import type { CivilDate } from '../../core/calendar';
import type { Corner } from '../../core/corner';
import type { RegionReport, Sign } from '../../core/discomfort';
import {
	speaksOf,
	type Closable,
	type FileCheckIn,
	type News,
	type PersonFile,
	type Thing,
	type Waiting
} from '../../core/judgement';
import { RULES_IN_FORCE } from '../../core/rules';
import type { ReMeasured } from '../../core/section';
import type { Db } from '../db/client';
import type { LockedPerson } from '../people/lock-person';
import { eventsOfPlans, workedPlansOf, type WorkedPlan, type StepEvent } from '../plans/current-plan';

/** The newest self-assessments that lists tell the state of. */
export interface NewestAssessment {
	readonly id: string;
	readonly sentAt: Date;
	readonly startedAt: Date | null;
	readonly answeredAt: Date | null;
	readonly revokedAt: Date | null;
}

/** A file with the rows that it was made of and that a judgement is worked on with. */
export interface ReadFile {
	readonly file: PersonFile;
	readonly plan: WorkedPlan | null;
	readonly newest: NewestAssessment | null;
	/** Since when answers or a check-in wait for a coordinator's look. */
	readonly unseenSince: CivilDate | null;
	/** Whether a check-in was asked and is waited for. */
	readonly isAsked: boolean;
	/** Days of check-ins that were asked and are no longer waited for, unanswered. */
	readonly passedOver: readonly string[];
	/** The day on which a clinician was asked who has not answered yet; null where none was. */
	readonly referredOn: CivilDate | null;
	/** Whether there is anything to judge. */
	readonly isEmpty: boolean;
}

/** A report with the moment at which it came in. */
interface TimedReport {
	readonly at: Date;
	readonly regions: readonly RegionReport[];
}

/** What is known of a person in small rows, read in one go; moments are texts as JSON has them. */
interface SmallRows {
	readonly personId: string;
	readonly sent: readonly {
		readonly id: string;
		readonly sentAt: string;
		readonly startedAt: string | null;
		readonly answeredAt: string | null;
		readonly revokedAt: string | null;
		readonly seenAt: string | null;
		/** Of the newest answers alone. */
		readonly corner: Corner | null;
	}[];
	readonly signs: readonly { readonly sign: Sign; readonly at: string }[];
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
		readonly signs: readonly Sign[];
		readonly discomfort: readonly RegionReport[] | null;
		readonly undone: readonly Thing[];
		readonly news: readonly News[];
		readonly seenAt: string | null;
	}[];
	readonly outcomes: readonly { readonly at: string; readonly closes: readonly Closable[] }[];
	readonly measured: readonly { readonly at: string; readonly lengths: ReMeasured }[];
	readonly equipmentAt: string | null;
	readonly messageAt: string | null;
	readonly silentAt: string | null;
	/** When the newest referral that is open was made. */
	readonly referredAt: string | null;
	/** Since when something that a clinician wrote waits to be read. */
	readonly clinicianAt: string | null;
}

/** A list of rows as JSON, in an order; empty where there are none. */
const listOf = (fields: SQL, from: SQL, order: SQL) =>
	sql`(select coalesce(jsonb_agg(jsonb_build_object(${fields}) order by ${order}), '[]') from ${from})`;

/**
 * Reads the small rows in one statement: a dozen look-ups by index a person, and one journey to the database for all. Served by
 * assessments_person_sent_idx, reported_signs_person_idx, reported_discomfort_assessment_idx, check_ins_person_idx,
 * contacts_person_idx, re_measurements_assessment_at_idx, equipment_requests_key, messages_open_idx, round_people_person_idx and
 * referrals_person_at_idx.
 */
async function smallRows(db: Db, personIds: readonly string[]): Promise<SmallRows[]> {
	const person = sql`p.id`;
	const mine = sql`(select id from assessments where person_id = ${person})`;
	const { rows } = await db.execute<SmallRows & Record<string, unknown>>(sql`select p.id as "personId",
		${listOf(
			sql`'id', id, 'sentAt', sent_at, 'startedAt', coalesce(consented_at, saved_at), 'answeredAt', answered_at,
				'revokedAt', revoked_at, 'seenAt', seen_at, 'corner', case when answered_at = newest then corner end`,
			sql`(select a.*, max(answered_at) over () as newest from assessments a
				where person_id = ${person} and spot_of is null) s`,
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
			sql`(select * from re_measurements where assessment_id = (select id from assessments
				where person_id = ${person} and spot_of is null and answered_at is not null order by sent_at desc, id desc limit 1)
				order by at desc limit ${MOST_MEASURED}) m`,
			sql`at`
		)} as measured,
		(select min(asked_at) from equipment_requests where assessment_id in ${mine} and state = 'asked') as "equipmentAt",
		(select min(at) from messages where person_id = ${person} and from_person and answered_at is null) as "messageAt",
		(select min(a.sent_at) from round_people r join assessments a on a.id = r.assessment_id
			where r.person_id = ${person} and r.to_call and a.answered_at is null) as "silentAt",
		(select min(l.at) from referral_lines l join referrals r on r.id = l.referral_id
			where r.person_id = ${person} and l.from_clinician and l.read_at is null) as "clinicianAt",
		(select max(at) from referrals where person_id = ${person} and ended_at is null) as "referredAt"
		from unnest(${sql.param([...personIds])}::uuid[]) as p(id)`);
	return rows;
}

/** Measurements that are read: the newest of them. */
const MOST_MEASURED = 200;

/** Moments of a row as dates. */
function momentsOf<T, K extends keyof T>(row: T, ...names: readonly K[]) {
	return Object.fromEntries(
		names.map((name) => [name, row[name] === null ? null : new Date(String(row[name]))])
	) as { [N in K]: null extends T[N] ? Date | null : Date };
}

/** What waits for a coordinator beside answers, with since when. */
function waitingOf({
	equipmentAt,
	messageAt,
	clinicianAt,
	silentAt,
	asked
}: SmallRows): { what: Waiting; at: Date }[] {
	const unanswered = asked.find((c) => c.toCall && !c.answeredAt && !c.endedAt)?.askedAt ?? null;
	const found: [Waiting, string | null][] = [
		['equipment', equipmentAt],
		['question', messageAt],
		['clinician', clinicianAt],
		['silent', silentAt ?? unanswered]
	];
	return found.flatMap(([what, at]) => (at ? [{ what, at: new Date(at) }] : []));
}

/** Lengths measured since the plan was made; what was measured before it went into it. */
function measuredSince({ measured }: SmallRows, plan: WorkedPlan | null, dayOf: (at: Date) => CivilDate) {
	return measured
		.filter(({ at }) => plan !== null && new Date(at) >= plan.madeAt)
		.map(({ at, lengths: { seatUnder, feetOn, surface, keysOn, screenTop } }) => ({
			on: dayOf(new Date(at)),
			lengths: {
				...(seatUnder === null ? {} : { seat: seatUnder, feet: feetOn }),
				surface,
				keys: keysOn,
				screen: screenTop
			}
		}));
}

/** Where each thing of a plan stands by its events: the newest of each counts. */
function thingsOf(plan: WorkedPlan, events: readonly StepEvent[], dayOf: (at: Date) => CivilDate) {
	return plan.steps.map(({ place }) => {
		const mine = events.filter(({ thing }) => thing === place);
		const done = mine.filter(({ isDone }) => isDone).at(-1) ?? null;
		const last = mine.at(-1) ?? null;
		return {
			thing: place as Thing,
			done: done && dayOf(done.at),
			undone: done && last && !last.isDone ? dayOf(last.at) : null
		};
	});
}

/**
 * A day says less than a moment: what was done again, or reported again, later on the same day as a check-in or an outcome, is shown
 * apart here, so that nothing that came after is taken as dealt with.
 */
function prunedCheckIn(
	row: { at: Date; undone: readonly Thing[] },
	plan: WorkedPlan | null,
	events: readonly StepEvent[]
): Thing[] {
	if (!plan || row.at < plan.madeAt) return [];
	return row.undone.filter(
		(thing) => !events.some((event) => event.thing === thing && event.isDone && event.at > row.at)
	);
}

function prunedOutcome(
	outcome: { at: Date; closes: readonly Closable[] },
	signs: readonly { sign: Sign; at: Date }[],
	reports: readonly TimedReport[]
): Closable[] {
	return outcome.closes.filter((of) => {
		if (signs.some(({ sign, at }) => sign === of && at > outcome.at)) return false;
		return !reports.some(
			({ at, regions }) => at > outcome.at && speaksOf(of, regions, RULES_IN_FORCE.policy)
		);
	});
}

function stuckSince(plan: WorkedPlan | null, dayOf: (at: Date) => CivilDate) {
	const isStuck =
		plan !== null &&
		plan.why === 'does-not-work' &&
		plan.steps.length === 0 &&
		(plan.plan?.after ?? []).some(({ verdict }) => verdict === 'off');
	return isStuck ? [{ what: 'stuck-step' as const, since: dayOf(plan.madeAt) }] : [];
}

/** The newest self-assessment that was answered. */
const newestAnswered = ({ sent }: SmallRows) => sent.filter((a) => a.answeredAt !== null).at(-1) ?? null;

/**
 * Reads all that is known of people as the files that their cases are judged by. Called with the people locked.
 *
 * Cost: three statements for all, each a look-up by index in proportion to what these people have done.
 *
 * @returns a file for each, in the order of the people
 */
export async function readFiles(
	tx: Db,
	people: readonly LockedPerson[],
	now: Date
): Promise<{ person: LockedPerson; read: ReadFile }[]> {
	const rows = await smallRows(
		tx,
		people.map(({ id }) => id)
	);
	const answered = rows.flatMap((of) => newestAnswered(of)?.id ?? []);
	const plans = await workedPlansOf(tx, answered);
	const events = await eventsOfPlans(
		tx,
		plans.filter(({ steps }) => steps.length > 0).map(({ id }) => id)
	);
	return people.map((person) => {
		const mine = rows.find(({ personId }) => personId === person.id);
		if (!mine) throw new Error('A look-up by person left a person out');
		const plan = plans.find(({ assessmentId }) => assessmentId === newestAnswered(mine)?.id) ?? null;
		const done = events.filter(({ planId }) => planId === plan?.id);
		return { person, read: fileOf(person, mine, plan, done, now) };
	});
}

/** The same of one person. */
export async function readFile(tx: Db, person: LockedPerson, now: Date): Promise<ReadFile> {
	const [one] = await readFiles(tx, [person], now);
	if (!one) throw new Error('One person was asked for and none was read');
	return one.read;
}

function fileOf(
	{ place: { dayOf, country, region } }: LockedPerson,
	rows: SmallRows,
	plan: WorkedPlan | null,
	events: readonly StepEvent[],
	now: Date
): ReadFile {
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
	const day = (at: Date | null) => (at ? dayOf(at) : null);
	const answers = [
		...sent.flatMap((a) =>
			a.answeredAt
				? [{ at: a.answeredAt, corner: a.corner, signs: [], discomfort: null, acknowledged: day(a.seenAt) }]
				: []
		),
		...signs.map(({ sign, at }) => ({
			at,
			corner: null,
			signs: [sign],
			discomfort: null,
			acknowledged: null
		})),
		...reported.map(({ at, regions, seenAt }) => ({
			at,
			corner: null,
			signs: [],
			discomfort: regions,
			acknowledged: day(seenAt)
		}))
	].sort((a, b) => Number(a.at) - Number(b.at));
	const timed: TimedReport[] = [
		...reported,
		...held.flatMap((c) => (c.discomfort ? [{ at: c.at, regions: c.discomfort }] : []))
	];
	const signsAt = [...signs, ...held.flatMap((c) => c.signs.map((sign) => ({ sign, at: c.at })))];
	const file: PersonFile = {
		format: 'easy-corner.file/1',
		today: dayOf(now),
		place: { country, region },
		answers: answers.map(({ at, ...rest }) => ({ on: dayOf(at), ...rest })),
		plan:
			plan && plan.steps.length > 0
				? { on: dayOf(plan.madeAt), things: thingsOf(plan, events, dayOf) }
				: null,
		measured: measuredSince(rows, plan, dayOf),
		checkIns: held.map((c): FileCheckIn => ({
			on: dayOf(c.at),
			signs: c.signs,
			discomfort: c.discomfort,
			undone: prunedCheckIn(c, plan, events),
			news: c.news,
			acknowledged: day(c.seenAt)
		})),
		waiting: [...waiting.map(({ what, at }) => ({ what, since: dayOf(at) })), ...stuckSince(plan, dayOf)],
		outcomes: outcomes.map((o) => ({ on: dayOf(o.at), of: prunedOutcome(o, signsAt, timed) }))
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
		referredOn: day(rows.referredAt === null ? null : new Date(rows.referredAt)),
		isEmpty: sent.length === 0 && signs.length === 0 && waiting.length === 0 && outcomes.length === 0
	};
}
