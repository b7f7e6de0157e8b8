import { eq } from 'drizzle-orm';
import { signsOf } from '../../core/answers';
import { writeAuditLine } from '../audit/write-audit-line';
import { lockPerson, refreshCase } from '../cases/refresh-case';
import { schema, type Db } from '../db/client';
import { judge } from './judge';
import type { OpenAssessment } from './open-assessment';

const { assessments } = schema;

/**
 * Puts signs for a professional before the coordinator at once, whatever else is finished. The same signs again change
 * nothing; signs that are taken back take the case off the sheet unless the answers are in.
 */
export async function reportSigns(db: Db, { assessment, actor }: OpenAssessment, now: Date): Promise<void> {
	await db.transaction(async (tx) => {
		await lockPerson(tx, actor.personId);
		const [row] = await tx
			.select()
			.from(assessments)
			.where(eq(assessments.id, assessment.spotOf ?? assessment.id))
			.for('update');
		if (!row) return;
		const signs = signsOf(row.answers);
		if (signs.join() === row.signs.join()) return;
		const isAnswered = row.answeredAt !== null;
		const judged =
			signs.length === 0 && !isAnswered
				? { levelRank: null, reasons: [] }
				: judge({ signs, discomfort: row.discomfort, advice: null, requests: [] });
		// What was found with the answers stands beside the new signs.
		const others = row.reasons.filter(({ code }) => !code.endsWith('-sign') && code !== 'nothing-open');
		const reasons = [...judged.reasons.filter(({ code }) => code.endsWith('-sign')), ...others];
		const rank = isAnswered && signs.length === 0 ? row.levelRank : judged.levelRank;
		await tx
			.update(assessments)
			.set({ signs, signsAt: now, levelRank: rank, reasons, ...(signs.length > 0 ? { seenAt: null } : {}) })
			.where(eq(assessments.id, row.id));
		await refreshCase(tx, actor.personId, now);
		const detail = { signs: signs.length };
		await writeAuditLine(tx, actor, { at: now, act: 'signs-told', personId: actor.personId, detail });
	});
}
