import { readAssessmentResult } from '../../core/cases/case-assessment/read-assessment-result';
import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import type { Actor } from '../platform/actor';
import { newestReMeasurement } from '../questionnaire/assessments/open-assessment';
import { answeredCheckIns } from './check-ins/answer-check-in';
import { contactsOf } from './contacts/record-contact';
import { recordRead } from '../platform/audit/record-read';
import { schema, type Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';
import { followUpHistory } from './follow-ups/list-follow-ups';
import { personStateOf } from '../people/list-people';
import { organisationZone } from '../platform/organisation/organisation-zone';
import { daysOffColumn } from '../platform/organisation-settings/read-settings';
import { isAbout } from '../platform/audit/is-about';
import { personPlaceOf } from '../people/person-place';
import { currentPlanOf, stepEventsOf, plansOf } from '../plan/plans/current-plan';
import { equipmentOf } from '../plan/equipment/decide-equipment';
import { messagesOf } from './messages';
import { requireCase } from './require-case';
import { notesOf } from './notes';
import { referralsOf } from './referrals/refer';

const { assessments, auditLines, cases, followUps, assessmentResults, people, reportedSigns, users } = schema;

/** The state of one self-assessment, for `personStateOf`. */
function stateOfRow(row: typeof assessments.$inferSelect | null) {
	if (!row) return personStateOf(null);
	const { sentAt, revokedAt, savedAt, consentedAt, answeredAt } = row;
	return personStateOf({ sentAt, revokedAt, startedAt: consentedAt ?? savedAt, answeredAt });
}

/** Most self-assessments of a person that are read, newest first: ten years at two a year. */
const MOST_ASSESSMENTS = 20;

/** Most assessments in the slider: the newest and those before it. */
const MOST_JUDGEMENTS = 60;

/** A person's assessments, oldest of those shown first; served by assessment_results_person_idx. */
async function assessmentResultsOf(db: Db, personId: string) {
	const rows = await db
		.select({
			id: assessmentResults.id,
			at: assessmentResults.at,
			level: assessmentResults.level,
			document: assessmentResults.document
		})
		.from(assessmentResults)
		.where(eq(assessmentResults.personId, personId))
		.orderBy(desc(assessmentResults.id))
		.limit(MOST_JUDGEMENTS);
	return rows.reverse().map(({ document, ...row }) => ({ ...row, document: readAssessmentResult(document) }));
}

/** The newest answers with the plan in use, as stored; no plan is solved. */
async function workedOn(db: Db, answeredId: string | null) {
	const plan = answeredId ? await currentPlanOf(db, answeredId) : null;
	return {
		plan,
		events: plan ? await stepEventsOf(db, plan.id) : [],
		earlier: answeredId ? (await plansOf(db, answeredId)).filter(({ endedAt }) => endedAt !== null) : [],
		again: answeredId ? await newestReMeasurement(db, answeredId) : null
	};
}

/**
 * Everything the case page shows about one person. Opening it is logged once an hour for each reader, and
 * anew once a sign was reported. Cost: some twenty index reads, each
 * bounded; no plan is solved.
 */
export async function readCase(db: Db, actor: Actor, personId: string, now: Date) {
	const reader = await requireCase(db, actor, personId, 'cases:read');
	const [row] = await db
		.select({ person: people, listed: cases, organisationZone, daysOff: daysOffColumn })
		.from(people)
		.innerJoin(cases, eq(cases.personId, people.id))
		.where(eq(people.id, personId));
	if (!row) throw new DomainError('not-found', 'noPerson');
	const sent = await db
		.select()
		.from(assessments)
		.where(eq(assessments.personId, personId))
		.orderBy(desc(assessments.sentAt))
		.limit(MOST_ASSESSMENTS);
	const main = sent.filter((a) => a.placeOf === null);
	const newest = main[0] ?? null;
	const answered = main.find((a) => a.answeredAt !== null) ?? null;
	const spots = sent
		.filter((a) => a.placeOf !== null && a.placeOf === answered?.id && a.workstation !== null)
		.reverse();
	const [open, equipment, chain, notes, messages, referrals, contacts, signs, checkIns, judged, log] =
		await Promise.all([
			db
				.select()
				.from(followUps)
				.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt))),
			equipmentOf(db, personId),
			followUpHistory(db, personId),
			notesOf(db, personId),
			messagesOf(db, personId),
			referralsOf(db, personId),
			contactsOf(db, personId),
			signsOfPerson(db, personId),
			answeredCheckIns(db, personId),
			assessmentResultsOf(db, personId),
			newestAuditLines(db, personId)
		]);
	const reportedAt = signs[0]?.at ?? null;
	await recordRead(db, reader, { act: 'case-read', personId, reportedAt }, now);
	const { person, listed } = row;
	const { calendar: _calendar, dayOf, ...place } = personPlaceOf(person, row);
	return {
		person,
		listed,
		/** The person's time zone, and whether the stored one exists. */
		place: { ...place, today: dayOf(now) },
		...stateOfRow(newest),
		newest,
		answered,
		/** Everything answered, oldest first. */
		answers: main.filter((a) => a.answeredAt !== null && a.workstation !== null).reverse(),
		...(await workedOn(db, answered?.id ?? null)),
		assessmentResult: judged.at(-1)?.document ?? null,
		judged,
		signs,
		checkIns,
		contacts,
		equipment,
		chain,
		notes,
		messages,
		referrals,
		followUp: open.find(({ kind }) => kind === 'look') ?? null,
		/** Days set by the policy, as they stand now. */
		policyDays: open.filter(({ kind }) => kind !== 'look'),
		/** Further workstations of the newest answers with their plans: the same person and household at another table. */
		spots: await Promise.all(
			spots.map(async (spot) => ({ id: spot.id, plan: await currentPlanOf(db, spot.id) }))
		),
		history: main.map((a) => ({
			id: a.id,
			sentAt: a.sentAt,
			answeredAt: a.answeredAt,
			state: stateOfRow(a).state
		})),
		log
	};
}

export type Case = Awaited<ReturnType<typeof readCase>>;

/** The warning signs that a person ever reported, newest first; served by reported_signs_person_idx. */
function signsOfPerson(db: Db, personId: string) {
	return db
		.select({ sign: reportedSigns.sign, at: reportedSigns.at, takenBackAt: reportedSigns.takenBackAt })
		.from(reportedSigns)
		.where(eq(reportedSigns.personId, personId))
		.orderBy(desc(reportedSigns.at))
		.limit(50);
}

/** Most audit-log lines in the timeline, newest first. */
const LOG_LINES = 200;

/** The newest audit-log lines about a person; served by audit_lines_person_at_idx. */
function newestAuditLines(db: Db, personId: string) {
	return db
		.select({
			id: sql<string>`${auditLines.id}::text`,
			at: auditLines.at,
			act: auditLines.act,
			detail: auditLines.detail,
			actorKind: auditLines.actorKind,
			userName: users.name
		})
		.from(auditLines)
		.leftJoin(users, eq(users.id, auditLines.actorId))
		.where(isAbout(personId))
		.orderBy(desc(auditLines.at), desc(auditLines.id))
		.limit(LOG_LINES);
}
