import { and, asc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import { seatKindOf } from '../../../core/workstation/corner/seat-kinds';
import type { ReferralLetter } from '../../../core/cases/referral/letter';
import { filledFields } from '../../../core/platform/sending/own-texts';
import { isMoreUrgent } from '../../../core/cases/triage/policy';
import { deskLocale } from '../../../messages/desk-language';
import { organisationFields } from '../../../messages/emails';
import { answeredCheckIns } from '../check-ins/answer-check-in';
import { reportsOf } from '../reports-of';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import { newestAssessmentResult } from '../case-assessments/newest-assessment-result';
import { readOrganisation } from '../../platform/organisation/read-organisation';
import { ownTextOf } from '../../platform/texts/read-own-text';
import { currentPlanOf, stepEventsOf } from '../../plan/plans/current-plan';
import type { Referral } from './open-referral';

const { assessments, equipmentRequests, people, reportedSigns, users } = schema;

/** Answered self-assessments, oldest first; served by assessments_person_sent_idx. */
function answersOf(db: Db, personId: string) {
	return db
		.select({
			id: assessments.id,
			answeredAt: assessments.answeredAt,
			discomfort: assessments.discomfort,
			corner: assessments.workstation
		})
		.from(assessments)
		.where(
			and(
				eq(assessments.personId, personId),
				isNull(assessments.placeOf),
				isNotNull(assessments.answeredAt),
				isNotNull(assessments.workstation)
			)
		)
		.orderBy(asc(assessments.sentAt));
}

/** The plan's steps in place, each with the day on which it was last carried out. */
async function carriedOut(db: Db, assessmentId: string | null) {
	const plan = assessmentId ? await currentPlanOf(db, assessmentId) : null;
	if (!plan) return [];
	const newest = new Map((await stepEventsOf(db, plan.id)).map((event) => [event.thing, event]));
	return plan.steps.flatMap(({ place, pieces }) => {
		const event = newest.get(place);
		return event?.isDone ? [{ place, with: pieces.map(({ label }) => label), at: event.at }] : [];
	});
}

/** What the organisation adds at the end of a letter, in the language that it is printed in; empty for nothing. Two key look-ups. */
async function endingOf(db: Db, name: string): Promise<string> {
	const text = await ownTextOf(db, 'referral-letter', deskLocale());
	if (!text) return '';
	return filledFields(text.body, { name, ...organisationFields(await readOrganisation(db), deskLocale()) });
}

/**
 * What a clinician needs from a case, and nothing else: who it is, what was reported since when, what was tried and what it changed, the
 * workstation. No messages, notes, address, household items, or who opened the case.
 * @param referral the question; null for a draft letter
 * @param writer the user who writes where there is no referral yet
 */
export async function referralLetterOf(
	db: Db,
	personId: string,
	referral: Referral | null,
	writer: { readonly id: string }
): Promise<ReferralLetter> {
	const [person] = await db
		.select({ name: people.name, team: people.team, staffNumber: people.staffNumber })
		.from(people)
		.where(eq(people.id, personId));
	if (!person) throw new DomainError('not-found', 'noPerson');
	const [by] = await db
		.select({ name: users.name, email: users.email })
		.from(users)
		.where(eq(users.id, referral?.byId ?? writer.id));
	const [to] = referral?.clinicianId
		? await db.select({ name: users.name }).from(users).where(eq(users.id, referral.clinicianId))
		: [];
	const answers = await answersOf(db, personId);
	const [checkIns, assessmentResult, signs, steps, arrived] = await Promise.all([
		answeredCheckIns(db, personId),
		newestAssessmentResult(db, personId),
		db
			.select({ sign: reportedSigns.sign, at: reportedSigns.at, takenBackAt: reportedSigns.takenBackAt })
			.from(reportedSigns)
			.where(eq(reportedSigns.personId, personId))
			.orderBy(asc(reportedSigns.at)),
		carriedOut(db, answers.at(-1)?.id ?? null),
		db
			.select({ purchase: equipmentRequests.purchase, at: equipmentRequests.changedAt })
			.from(equipmentRequests)
			.innerJoin(assessments, eq(assessments.id, equipmentRequests.assessmentId))
			.where(and(eq(assessments.personId, personId), inArray(equipmentRequests.state, ['arrived'])))
	]);
	const corner = answers.at(-1)?.corner ?? null;
	return {
		person,
		by: by ?? null,
		to: to?.name ?? referral?.toName ?? '',
		at: referral?.at ?? null,
		question: referral?.question ?? '',
		consentHow: referral?.consentHow ?? null,
		answerBy: referral?.answerBy ?? null,
		assessmentResult: assessmentResult && {
			evidence: assessmentResult.evidence,
			unclosable: assessmentResult.unclosable,
			reasons: assessmentResult.reasons.filter(({ level }) => isMoreUrgent(level, 'help')),
			first: assessmentResult.first,
			standing: assessmentResult.standing
		},
		signs,
		over: reportsOf({ answers, checkIns }),
		steps,
		arrived,
		ending: await endingOf(db, person.name),
		corner: corner && {
			posture: corner.spot.posture,
			seat: seatKindOf(corner),
			screen: corner.spot.screen.kind,
			keys: corner.spot.keys.kind,
			hand: corner.person.hand,
			lenses: corner.person.lenses
		}
	};
}
