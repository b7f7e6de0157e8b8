import { eq, max } from 'drizzle-orm';
import { redFlagField } from '../../../core/questionnaire/answers/checklist-fields';
import {
	isEmergency,
	type EmergencyRedFlag,
	type EmergencyClearance
} from '../../../core/cases/discomfort/red-flags';
import { saveAnswers } from '../../questionnaire/assessments/save-answers';
import type { OpenAssessment } from '../../questionnaire/assessments/open-assessment';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { reassessCase } from '../case-assessments/reassess-cases';
import { newestAssessmentResult } from '../case-assessments/newest-assessment-result';
import { requirePerson } from '../../people/lock-person';

const { signLifts } = schema;

/** The emergency signs that stop a person's pages now: open, and not lifted since. */
export async function openEmergencyFlags(db: Db, personId: string): Promise<EmergencyRedFlag[]> {
	const assessmentResult = await newestAssessmentResult(db, personId);
	return (assessmentResult?.reasons ?? []).flatMap(({ sign, lifted }) =>
		sign && isEmergency(sign) && !lifted ? [sign] : []
	);
}

/** When a person last lifted each sign, ms since the epoch, by sign; served by sign_lifts_person_idx. */
export async function clearancesOf(db: Db, personId: string): Promise<Partial<Record<string, number>>> {
	const rows = await db
		.select({ sign: signLifts.sign, at: max(signLifts.at) })
		.from(signLifts)
		.where(eq(signLifts.personId, personId))
		.groupBy(signLifts.sign);
	return Object.fromEntries(rows.flatMap(({ sign, at }) => (at ? [[sign, Number(at)]] : [])));
}

/**
 * Reopens a person's pages at their own word: a doctor or emergency service has seen them, they tapped it by mistake, or they are safe now
 * and not alone. It closes no warning sign: the coordinator sees what was tapped and when, and a new yes stops the pages again. A mistake
 * is also removed from the answers, so that submitting them does not stop the person again.
 * @param signs the signs at which the device has stopped, which the server may not know yet: reported first
 */
export async function clearEmergency(
	db: Db,
	open: OpenAssessment,
	how: EmergencyClearance,
	signs: readonly EmergencyRedFlag[],
	now: Date
): Promise<void> {
	const { personId } = open.actor;
	const known = await openEmergencyFlags(db, personId);
	const unheard = signs.filter((sign) => !known.includes(sign));
	if (unheard.length > 0) await answer(db, open, unheard, 'yes', now);
	const lifted = await inTransaction(db, async (tx) => {
		await requirePerson(tx, personId);
		const stopping = await openEmergencyFlags(tx, personId);
		if (stopping.length === 0) return [];
		await tx.insert(signLifts).values(stopping.map((sign) => ({ personId, sign, how, at: now })));
		await reassessCase(tx, personId, now);
		const detail = { signs: stopping.length, how };
		await writeAuditLine(tx, open.actor, { at: now, act: 'signs-lifted', personId, detail });
		return stopping;
	});
	const answered = lifted.filter(
		(sign) => open.assessment.answers[redFlagField(sign)] === 'yes' || unheard.includes(sign)
	);
	if (how === 'mistake' && answered.length > 0) await answer(db, open, answered, 'no', now);
}

const answer = (
	db: Db,
	open: OpenAssessment,
	signs: readonly EmergencyRedFlag[],
	said: 'yes' | 'no',
	now: Date
) => saveAnswers(db, open, Object.fromEntries(signs.map((sign) => [redFlagField(sign), said])), now);
