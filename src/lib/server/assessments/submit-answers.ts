import { eq } from 'drizzle-orm';
import {
	cornerFromAnswers,
	discomfortFromAnswers,
	signsOf,
	ticksOfAnswers,
	type FieldIssue
} from '../../core/answers';
import type { Advice } from '../../core/advice';
import type { Corner } from '../../core/corner';
import { sameDocument } from '../../core/same-document';
import { validateCorner } from '../../core/corner/validate-corner';
import type { RegionReport, Sign } from '../../core/discomfort';
import { misfitOf } from '../../core/plan';
import { writeAuditLine } from '../audit/write-audit-line';
import { lockPerson, refreshCase } from '../cases/refresh-case';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { adviceAtSpots, type AdviceAtSpot } from '../planning/advice-at-spot';
import type { Planning } from '../planning/planning';
import { noteRoundAnswer } from '../rounds/round-answers';
import { requestsOf } from './ask-equipment';
import { judge } from './judge';
import type { OpenAssessment } from './open-assessment';
import { answeredSpots, type AnsweredSpot } from './spots';

const { assessments, stepTicks } = schema;

type Row = typeof assessments.$inferSelect;

/** Either the answers made a corner and are in, or these are still open. */
export type Submitted =
	{ readonly ok: true } | { readonly ok: false; readonly issues: readonly FieldIssue[] };

/** The figures that lists need, from the core. */
function figuresOf(corner: Corner, { before, plans }: Advice) {
	const costNow = misfitOf(corner);
	return {
		checksOff: before.filter((c) => c.verdict === 'off').length,
		checksUnsure: before.filter((c) => c.verdict === 'unsure').length,
		costNow,
		costPlanned: plans[0]?.cost.W ?? costNow
	};
}

/**
 * Takes the answers in: makes the corner document, judges it, and puts the case before the coordinator. Submitting
 * twice is harmless: unchanged answers change nothing; changed ones replace the corner, keep the first time
 * of answering, and untick what was ticked for another plan.
 */
export async function submitAnswers(
	db: Db,
	{ assessment, actor }: OpenAssessment,
	now: Date,
	planning: Planning
): Promise<Submitted> {
	return db.transaction(async (tx) => {
		await lockPerson(tx, actor.personId);
		const [row] = await tx.select().from(assessments).where(eq(assessments.id, assessment.id)).for('update');
		if (!row) throw new Fault('not-found', 'This self-assessment is not there any more.');
		const made = cornerFromAnswers(row.answers, row.way);
		const told = discomfortFromAnswers(row.answers);
		if (!made.corner || told.issues.length > 0)
			return { ok: false, issues: [...made.issues, ...told.issues] };
		const checked = validateCorner(made.corner);
		if (!checked.ok) throw new Fault('invalid', checked.issue.text, checked.issue.at);
		const corner = checked.value;
		const signs = signsOf(row.answers);
		const isSameCorner = row.corner !== null && sameDocument(row.corner, corner);
		const isSameSelf = sameDocument(row.discomfort, told.reports) && sameDocument(row.signs, signs);
		if (isSameCorner && isSameSelf) return { ok: true };
		const before = await answeredSpots(tx, row);
		const spots = await answeredSpots(tx, row, corner);
		const at = await adviceAtSpots(
			spots.map((spot) => spot.corner),
			planning
		);
		const advice = at[spots.findIndex(({ id }) => id === row.id)]?.advice;
		if (!advice) throw new Fault('not-found', 'This self-assessment is not there any more.');
		await refreshOthers(tx, { row, before, spots, at }, planning);
		await tx
			.update(assessments)
			.set({
				corner,
				...figuresOf(corner, advice),
				...(await levelOf(tx, { ...row, signs, discomfort: told.reports }, advice)),
				signs,
				signsAt: sameDocument(row.signs, signs) ? row.signsAt : now,
				discomfort: [...told.reports],
				answeredAt: row.answeredAt ?? now,
				consentedAt: row.consentedAt ?? now,
				seenAt: null
			})
			.where(eq(assessments.id, row.id));
		if (row.spotOf) await tx.update(assessments).set({ seenAt: null }).where(eq(assessments.id, row.spotOf));
		if (row.answeredAt === null) await keepEarlyTicks(tx, row, now);
		else if (!isSameCorner) await tx.delete(stepTicks).where(eq(stepTicks.assessmentId, row.id));
		await noteRoundAnswer(tx, row.id);
		await refreshCase(tx, actor.personId, now);
		await writeAuditLine(tx, actor, { at: now, act: 'answered', personId: actor.personId });
		return { ok: true };
	});
}

/** How soon the coordinator is needed. A further spot has no line of its own on the day sheet: it is the person who stands there. */
async function levelOf(
	db: Db,
	row: Pick<Row, 'id' | 'spotOf'> & { signs: readonly Sign[]; discomfort: readonly RegionReport[] },
	advice: Advice
) {
	if (row.spotOf) return { levelRank: null, reasons: [] };
	const requests = (await requestsOf(db, row.id)).length > 0 ? (['equipment'] as const) : [];
	return judge({ signs: row.signs, discomfort: row.discomfort, advice, requests });
}

/** The other spots of the same household: what they may use has changed, and with it perhaps their plans. */
async function refreshOthers(
	db: Db,
	now: { row: Row; before: AnsweredSpot[]; spots: AnsweredSpot[]; at: readonly AdviceAtSpot[] },
	planning: Planning
): Promise<void> {
	const { row, before, spots, at } = now;
	if (spots.length < 2) return;
	const had = await planning.share(before.map(({ corner }) => corner));
	for (const [i, { id, corner }] of spots.entries()) {
		const there = at[i];
		if (id === row.id || !there) continue;
		const [other] = await db.select().from(assessments).where(eq(assessments.id, id));
		if (!other) continue;
		await db
			.update(assessments)
			.set({ ...figuresOf(corner, there.advice), ...(await levelOf(db, other, there.advice)) })
			.where(eq(assessments.id, id));
		const household = had[before.findIndex((spot) => spot.id === id)]?.household;
		if (!sameDocument(household, there.corner.household))
			await db.delete(stepTicks).where(eq(stepTicks.assessmentId, id));
	}
}

/** Steps that were ticked without network, before the answers came in. */
async function keepEarlyTicks(db: Db, row: Row, at: Date): Promise<void> {
	const ticks = Object.entries(ticksOfAnswers(row.answers));
	if (ticks.length === 0) return;
	await db
		.insert(stepTicks)
		.values(ticks.map(([place, done]) => ({ assessmentId: row.id, place, done, at })));
}
