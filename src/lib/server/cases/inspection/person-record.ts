import { and, asc, desc, eq, inArray, isNotNull, isNull, max, min } from 'drizzle-orm';
import { findingStates } from '../../../core/cases/case-assessment/open-findings';
import type { Actor } from '../../platform/actor';
import type { AuditAction } from '../../platform/audit/write-audit-line';
import { recordRead } from '../../platform/audit/record-read';
import { loadCaseRecord } from '../case-assessments/load-case-record';
import { newestAssessmentResult } from '../case-assessments/newest-assessment-result';
import { requireCase } from '../require-case';
import { isAbout } from '../../platform/audit/is-about';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { equipmentOf } from '../../plan/equipment/decide-equipment';
import { readPersonPlace } from '../../people/lock-person';
import { currentPlanOf, stepEventsOf } from '../../plan/plans/current-plan';

const { assessments, auditLines, followUps, referrals, users } = schema;

/** Answered self-assessments of the main workstation, oldest first; served by assessments_person_sent_idx. */
const answeredOf = (db: Db, personId: string) =>
	db
		.select({
			id: assessments.id,
			answeredAt: assessments.answeredAt,
			checklistVersion: assessments.checklistVersion,
			sittingStyle: assessments.sittingStyle,
			questionnaireMode: assessments.questionnaireMode,
			phoneAt: assessments.phoneAt,
			phoneBy: users.name,
			answers: assessments.answers
		})
		.from(assessments)
		.leftJoin(users, eq(users.id, assessments.phoneBy))
		.where(
			and(eq(assessments.personId, personId), isNull(assessments.placeOf), isNotNull(assessments.answeredAt))
		)
		.orderBy(asc(assessments.sentAt));

/** Users who acted on the case, each with their first and last day; by audit_lines_person_at_idx. Reading isn't acting. */
const actedOn = (db: Db, personId: string) =>
	db
		.select({ name: users.name, from: min(auditLines.at), to: max(auditLines.at) })
		.from(auditLines)
		.innerJoin(users, eq(users.id, auditLines.actorId))
		.where(and(isAbout(personId), inArray(auditLines.act, [...WORK])))
		.groupBy(users.id, users.name)
		.orderBy(asc(min(auditLines.at)));

const WORK = [
	'assessment-sent',
	'begun-by-phone',
	'walkthrough-joined',
	'walkthrough-agreed',
	'case-seen',
	'contact-recorded',
	'message-written',
	'follow-up-set',
	'follow-up-done',
	'equipment-decided',
	'referred'
] as const satisfies readonly AuditAction[];

/**
 * What an inspector needs about one person's workstation: what was assessed, when, with which checklist, by whom, what was found, what was
 * done about it, and when it is reviewed. No discomfort, warning signs, messages or notes: these are health data, and none of it is needed.
 * Opening it is logged as opening the case. Cost: some ten index look-ups.
 */
export async function personInspectionRecord(db: Db, actor: Actor, personId: string, now: Date) {
	const reader = await requireCase(db, actor, personId, 'cases:read');
	const person = await readPersonPlace(db, personId);
	if (!person) throw new DomainError('not-found', 'noPerson');
	await recordRead(db, reader, { act: 'case-read', personId }, now);
	const answered = await answeredOf(db, personId);
	const newest = answered.at(-1) ?? null;
	const [{ file }, assessmentResult, plan, equipment, acted, open, referred] = await Promise.all([
		loadCaseRecord(db, person, now),
		newestAssessmentResult(db, personId),
		newest ? currentPlanOf(db, newest.id) : null,
		equipmentOf(db, personId),
		actedOn(db, personId),
		db
			.select({ due: followUps.due })
			.from(followUps)
			.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)))
			.orderBy(asc(followUps.due))
			.limit(1),
		db
			.select({ at: referrals.at })
			.from(referrals)
			.where(eq(referrals.personId, personId))
			.orderBy(desc(referrals.at))
			.limit(1)
	]);
	const events = plan ? await stepEventsOf(db, plan.id) : [];
	const done = new Map(events.map((event) => [event.thing, event]));
	return {
		person: {
			name: person.name,
			team: person.team,
			staffNumber: person.staffNumber,
			country: person.country
		},
		assessments: answered.map(
			({ id, answeredAt, checklistVersion, sittingStyle, questionnaireMode, answers, phoneAt, phoneBy }) => ({
				id,
				answeredAt,
				checklistVersion,
				sittingStyle,
				questionnaireMode,
				measuredBy: answers.by ?? '',
				/** Who asked on the phone, empty for a closed account; null where the person answered alone. */
				byPhone: phoneAt && (phoneBy ?? '')
			})
		),
		first: assessmentResult?.first ?? [],
		standing: assessmentResult?.standing ?? [],
		problems: findingStates(file),
		steps: (plan?.steps ?? []).map(({ place, pieces }) => {
			const event = done.get(place);
			return {
				place,
				with: pieces.map(({ label }) => label),
				doneAt: event?.isDone ? event.at : null
			};
		}),
		equipment: equipment.map(({ purchase, state, changedAt }) => ({ purchase, state, changedAt })),
		acted,
		reviewOn: open[0]?.due ?? null,
		/** That a clinician was asked, and when: not why. */
		referredAt: referred[0]?.at ?? null
	};
}
