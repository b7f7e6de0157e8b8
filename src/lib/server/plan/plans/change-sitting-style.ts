import { eq } from 'drizzle-orm';
import { orderEqualPlans } from '../../../core/plan/advice/order-equal-plans';
import type { SittingStyle } from '../../../core/workstation/corner/vocabulary';
import { spotRows, type SpotRow } from '../../questionnaire/assessments/spots';
import { checkInAnswersOf } from '../../cases/check-ins/answer-check-in';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';
import type { Planner } from '../planning/planning';
import { keptCounts } from '../../workforce/kept-counts';
import { makePlan } from './make-plan';
import { solveSpots, type SolvedSpot } from './solve-spots';

const { assessments } = schema;

/** The plans for another sitting style, solved before anything is written. */
export interface PlanForStyle {
	/** The answers they were solved from. */
	readonly revision: string;
	readonly spots: readonly (SolvedSpot & {
		readonly id: string;
		readonly whole: SolvedSpot['workstation'];
	})[];
}

const revisionOf = (rows: readonly SpotRow[]) =>
	rows.map(({ id, answersRevision, answeredAt }) => `${id} ${answersRevision} ${Number(answeredAt)}`).join();

/** A person's newest answers with their workstations; none where nothing was answered. Served by assessments_person_sent_idx. */
async function answeredSpots(db: Db, personId: string): Promise<SpotRow[]> {
	const newest = await checkInAnswersOf(db, personId);
	return newest ? spotRows(db, { id: newest, placeOf: null }) : [];
}

/** Solves a person's workstations for another sitting style, outside any transaction; nothing where they have it already. */
export async function solveForStyle(
	db: Db,
	personId: string,
	way: SittingStyle | null,
	planning: Planner
): Promise<PlanForStyle> {
	const rows = await answeredSpots(db, personId);
	const revision = revisionOf(rows);
	const others = rows.flatMap(({ id, workstation }) => (workstation ? [{ id, workstation }] : []));
	if (way === null || others.length === 0 || rows.every((row) => row.sittingStyle === way))
		return { revision, spots: [] };
	const corners = others.map(({ workstation }) => ({ ...workstation, way }));
	const solved = await solveSpots(corners, planning);
	return {
		revision,
		spots: solved.flatMap((spot, i) => {
			const [other, whole] = [others[i], corners[i]];
			return other && whole ? [{ ...spot, id: other.id, whole }] : [];
		})
	};
}

/**
 * Writes what was solved: each workstation is assessed by the style from now on, and its plan keeps the steps that remain true.
 * @throws DomainError where something was answered since it was solved
 */
export async function storePlanForStyle(
	tx: Db,
	personId: string,
	{ revision, spots }: PlanForStyle,
	now: Date
): Promise<void> {
	if (spots.length === 0) return;
	if (revisionOf(await answeredSpots(tx, personId)) !== revision)
		throw new DomainError('conflict', 'answeredMeanwhile');
	const counts = await keptCounts(tx);
	for (const { id, whole, ...plan } of spots) {
		const advice = orderEqualPlans(plan.workstation, plan.advice, counts, null);
		await tx
			.update(assessments)
			.set({ sittingStyle: whole.way, workstation: whole })
			.where(eq(assessments.id, id));
		await makePlan(tx, { assessmentId: id, ...plan, advice, chosen: 0, why: 'way' }, now);
	}
}
