import { and, asc, count, desc, eq, isNotNull, max, min } from 'drizzle-orm';
import { checklistAnswersOf, factsOfAnswers } from '../../../core/questionnaire/answers/checklist-fields';
import { chosenOption } from '../../../core/questionnaire/answers/fields';
import { devicesOf } from '../../../core/questionnaire/answers/device-answers';
import { photoNumbersOf } from '../../../core/questionnaire/answers/photo-answers';
import { precautionsOf } from '../../../core/questionnaire/answers/precaution-answers';
import { deskLocale } from '../../../messages/desk-language';
import type { Actor } from '../../platform/actor';
import { readByPhone } from '../assessments/read-by-phone';
import { isAbout } from '../../platform/audit/is-about';
import { readCase } from '../../cases/read-case';
import { lettersOf, timelineOf } from '../../cases/timeline';
import { checklistForPage } from '../checklists/read-checklists';
import { schema, type Db } from '../../platform/db/client';
import { readPersonData } from '../../people/erasure/erase-person';
import { plansOf } from '../../plan/plans/current-plan';

const { assessments, auditLines, roundPeople, rounds, users } = schema;

/** Who did what about a person, and how often: every line of the audit log, counted. Served by audit_lines_person_at_idx. */
const actsOn = (db: Db, personId: string) =>
	db
		.select({
			act: auditLines.act,
			by: auditLines.actorKind,
			name: users.name,
			times: count(),
			from: min(auditLines.at),
			to: max(auditLines.at)
		})
		.from(auditLines)
		.leftJoin(users, eq(users.id, auditLines.actorId))
		.where(isAbout(personId))
		.groupBy(auditLines.act, auditLines.actorKind, users.name)
		.orderBy(asc(min(auditLines.at)));

const roundsOf = (db: Db, personId: string) =>
	db
		.select({ name: rounds.name, startsOn: rounds.startsOn, state: roundPeople.state })
		.from(roundPeople)
		.innerJoin(rounds, eq(rounds.id, roundPeople.roundId))
		.where(eq(roundPeople.personId, personId))
		.orderBy(asc(rounds.startsOn));

/** Every answered workstation, newest first; served by assessments_person_sent_idx. */
const answeredOf = (db: Db, personId: string) =>
	db
		.select()
		.from(assessments)
		.where(and(eq(assessments.personId, personId), isNotNull(assessments.workstation)))
		.orderBy(desc(assessments.answeredAt), asc(assessments.id));

/** Answers as the desk shows them, with the plans made from them. */
async function answersOf(db: Db, row: typeof assessments.$inferSelect) {
	const { answers, answeredAt, checklistVersion, workstation, questionnaireMode, sittingStyle } = row;
	return {
		id: row.id,
		/** Whether it is a further workstation of the same person and household. */
		isOtherSpot: row.placeOf !== null,
		at: answeredAt,
		corner: workstation,
		route: questionnaireMode,
		way: sittingStyle,
		byPhone: await readByPhone(db, row, null),
		checklist: {
			version: checklistVersion,
			own: await checklistForPage(db, checklistVersion, deskLocale()),
			answers: checklistAnswersOf(answers),
			facts: factsOfAnswers(answers, sittingStyle),
			care: precautionsOf(answers),
			devices: devicesOf(answers),
			photo: photoNumbersOf(answers),
			arms: chosenOption(answers, 'arms')
		},
		plans: (await plansOf(db, row.id)).map(({ madeAt, steps }) => ({ madeAt, steps }))
	};
}

/**
 * What is held about a person as a document in words, to read and hand over: details, answers, plans, reports, messages, what was done for
 * them, and who did what. Notes that coordinators keep to themselves are left out, as from the file. Opening it is logged. Cost: that of
 * opening the case, and two look-ups for each self-assessment.
 */
export async function readPersonDocument(db: Db, actor: Actor, personId: string, now: Date) {
	const { person } = await readPersonData(db, actor, { personId, as: 'viewed' }, now);
	const read = await readCase(db, actor, personId, now);
	const letters = await lettersOf(db, personId);
	const disclosed = { ...read, log: [], notes: read.notes.filter(({ isDisclosed }) => isDisclosed) };
	return {
		person,
		name: read.person.name,
		answers: await Promise.all((await answeredOf(db, personId)).map((row) => answersOf(db, row))),
		unanswered: read.history.filter(({ answeredAt }) => answeredAt === null).map(({ sentAt }) => sentAt),
		signs: read.signs,
		equipment: read.equipment.map(({ purchase, state, askedAt, reason }) => ({
			purchase,
			state,
			askedAt,
			reason
		})),
		followUps: read.chain,
		rounds: await roundsOf(db, personId),
		timeline: timelineOf(disclosed, letters).reverse(),
		acts: await actsOn(db, personId)
	};
}
