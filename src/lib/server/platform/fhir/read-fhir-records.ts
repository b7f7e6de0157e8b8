import { and, asc, eq, isNotNull } from 'drizzle-orm';
import type { RegionReport } from '../../../core/cases/discomfort/report';
import { fhirLengthsOf, type FhirRecord } from '../../../core/platform/fhir/fhir-record';
import { isAnyOf } from '../db/is-any-of';
import { schema, type Db } from '../db/client';

const { assessments, checkIns, people, referrals, reportedDiscomfort, reportedSigns, users } = schema;

function byPerson<T extends { readonly personId: string }>(rows: readonly T[]): (personId: string) => T[] {
	const groups = new Map<string, T[]>();
	for (const row of rows) {
		const group = groups.get(row.personId);
		if (group) group.push(row);
		else groups.set(row.personId, [row]);
	}
	return (personId) => groups.get(personId) ?? [];
}

const iso = (at: Date | null): string => (at ?? new Date(0)).toISOString();

const withoutEmpty = (answers: Readonly<Record<string, string>>) =>
	Object.fromEntries(Object.entries(answers).filter(([, text]) => text !== ''));

/**
 * What of some people goes into FHIR, in the order of their ids. Cost: six statements whatever their number, each served by the index on
 * the person or self-assessment.
 */
export async function readFhirRecords(db: Db, ids: readonly string[]): Promise<FhirRecord[]> {
	const mine = [...ids];
	const rows = await db.select().from(people).where(isAnyOf(people.id, mine)).orderBy(asc(people.id));
	const answered = await db
		.select({
			id: assessments.id,
			personId: assessments.personId,
			checklistVersion: assessments.checklistVersion,
			answers: assessments.answers,
			answeredAt: assessments.answeredAt,
			corner: assessments.workstation,
			discomfort: assessments.discomfort
		})
		.from(assessments)
		.where(and(isAnyOf(assessments.personId, mine), isNotNull(assessments.answeredAt)))
		.orderBy(asc(assessments.answeredAt), asc(assessments.id));
	const personOf = new Map(answered.map(({ id, personId }) => [id, personId]));
	const reported = await db
		.select()
		.from(reportedDiscomfort)
		.where(isAnyOf(reportedDiscomfort.assessmentId, personOf.keys()));
	const checked = await db
		.select({
			id: checkIns.id,
			personId: checkIns.personId,
			at: checkIns.answeredAt,
			regions: checkIns.discomfort
		})
		.from(checkIns)
		.where(and(isAnyOf(checkIns.personId, mine), isNotNull(checkIns.answeredAt)));
	const signs = await db
		.select()
		.from(reportedSigns)
		.where(isAnyOf(reportedSigns.personId, mine))
		.orderBy(asc(reportedSigns.at), asc(reportedSigns.id));
	const referred = await db
		.select({ referral: referrals, clinician: users.name })
		.from(referrals)
		.leftJoin(users, eq(users.id, referrals.clinicianId))
		.where(isAnyOf(referrals.personId, mine))
		.orderBy(asc(referrals.at), asc(referrals.id));

	const said = byPerson([
		...answered.map(({ id, personId, answeredAt, discomfort }) => ({
			id,
			personId,
			at: answeredAt,
			regions: discomfort
		})),
		...reported.map(({ id, assessmentId, at, regions }) => ({
			id,
			personId: personOf.get(assessmentId) ?? '',
			at,
			regions
		})),
		...checked
	]);
	const answeredOf = byPerson(answered);
	const signsOf = byPerson(signs);
	const referredOf = byPerson(referred.map(({ referral, clinician }) => ({ ...referral, clinician })));
	return rows.map(({ id, name, email, phone, staffNumber, language }) => ({
		person: { id, name, email, phone, staffNumber, language },
		assessments: answeredOf(id).map((one) => ({
			id: one.id,
			checklistVersion: one.checklistVersion,
			at: iso(one.answeredAt),
			answers: withoutEmpty(one.answers),
			lengths: one.corner ? fhirLengthsOf(one.corner) : []
		})),
		discomfort: said(id)
			.flatMap((one): FhirRecord['discomfort'] => {
				const regions: readonly RegionReport[] = one.regions ?? [];
				return regions.length > 0 ? [{ id: one.id, at: iso(one.at), regions }] : [];
			})
			.sort((a, b) => a.at.localeCompare(b.at)),
		signs: signsOf(id).map((one) => ({
			id: one.id,
			sign: one.sign,
			at: iso(one.at),
			takenBackAt: one.takenBackAt ? iso(one.takenBackAt) : null
		})),
		referrals: referredOf(id).map((one) => ({
			id: one.id,
			at: iso(one.at),
			to: one.clinician ?? one.toName,
			question: one.question,
			answerBy: one.answerBy,
			consentHow: one.consentHow,
			endedAt: one.endedAt ? iso(one.endedAt) : null,
			outcome: one.outcome
		}))
	}));
}
