import { and, eq, isNull, or, sql } from 'drizzle-orm';
import { convertUnit, sharedFields, unitOf } from '../../core/answers';
import type { LengthUnit } from '../../core/length';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import type { OpenAssessment } from './open-assessment';

const { assessments } = schema;

/** Notes that the person has read what is collected and goes on. Doing it twice keeps the first time. */
export async function giveConsent(db: Db, { assessment, actor }: OpenAssessment, now: Date): Promise<void> {
	await db.transaction(async (tx) => {
		const changed = await tx
			.update(assessments)
			.set({ consentedAt: now })
			.where(and(eq(assessments.id, assessment.id), isNull(assessments.consentedAt)))
			.returning({ id: assessments.id });
		if (changed.length > 0)
			await writeAuditLine(tx, actor, { at: now, act: 'consented', personId: actor.personId });
	});
}

/** A save that was kept. */
export interface Saved {
	readonly revision: number;
	readonly savedAt: Date;
}

/**
 * Saves answers as they are typed. Fields are merged one by one in the database, so two tabs or two devices that
 * save different fields both keep theirs; of the same field the last save stays.
 */
export async function saveAnswers(
	db: Db,
	{ assessment }: OpenAssessment,
	fields: Readonly<Record<string, string>>,
	now: Date
): Promise<Saved> {
	const shared = sharedFields(fields);
	const isThis = eq(assessments.id, assessment.id);
	const main = assessment.spotOf ?? assessment.id;
	// What is the person's or the household's is so at each of their spots; served by the key and assessments_spot_of_idx.
	const where =
		Object.keys(shared).length > 0
			? or(isThis, eq(assessments.id, main), eq(assessments.spotOf, main))
			: isThis;
	const rows = await db
		.update(assessments)
		.set({
			answers: sql`${assessments.answers} || case when ${isThis} then ${JSON.stringify(fields)}::jsonb else ${JSON.stringify(shared)}::jsonb end`,
			answersRevision: sql`${assessments.answersRevision} + 1`,
			savedAt: sql`case when ${isThis} then ${now.toISOString()}::timestamptz else ${assessments.savedAt} end`
		})
		.where(where)
		.returning({ id: assessments.id, revision: assessments.answersRevision });
	const row = rows.find(({ id }) => id === assessment.id);
	return { revision: row?.revision ?? 0, savedAt: now };
}

/** Writes every length that has been typed in another unit, in one step. */
export async function changeUnit(
	db: Db,
	{ assessment }: OpenAssessment,
	unit: LengthUnit,
	now: Date
): Promise<void> {
	await db.transaction(async (tx) => {
		const main = assessment.spotOf ?? assessment.id;
		const rows = await tx
			.select({ id: assessments.id, answers: assessments.answers })
			.from(assessments)
			.where(or(eq(assessments.id, main), eq(assessments.spotOf, main)))
			.orderBy(assessments.id)
			.for('update');
		for (const { id, answers } of rows)
			if (unitOf(answers) !== unit)
				await tx
					.update(assessments)
					.set({
						answers: convertUnit(answers, unitOf(answers), unit),
						answersRevision: sql`${assessments.answersRevision} + 1`,
						savedAt: now
					})
					.where(eq(assessments.id, id));
	});
}
