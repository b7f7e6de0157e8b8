import { and, eq, isNull } from 'drizzle-orm';
import type { Route } from '../../core/answers';
import type { Way } from '../../core/corner';
import type { Rhythm } from '../../core/moving/rhythm';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { deskAct, type ActInput } from '../acts/desk-act';
import { spotRows, type SpotRow } from '../assessments/spots';
import { writeAuditLine } from '../audit/write-audit-line';
import { answeredOf } from '../check-ins/answer-check-in';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import type { Planning } from '../planning/planning';
import { makePlan } from '../plans/make-plan';
import { oneAtATime } from '../plans/one-at-a-time';
import { solveSpots, type SolvedSpot } from '../plans/solve-spots';

const { assessments, people } = schema;

/** The way of sitting that is wanted for a person, how much is asked of them and how often they are to break; null for what a round or the usual says. */
export interface SetUp extends ActInput {
	readonly way: Way | null;
	readonly route: Route | null;
	readonly rhythm: Rhythm | null;
}

/** The newest answers of a person with their spots; none where nothing was answered. Served by assessments_person_sent_idx. */
async function answeredSpots(db: Db, personId: string): Promise<SpotRow[]> {
	const newest = await answeredOf(db, personId);
	return newest ? spotRows(db, { id: newest, spotOf: null }) : [];
}

const revisionOf = (rows: readonly SpotRow[]) =>
	rows.map(({ id, answersRevision, answeredAt }) => `${id} ${answersRevision} ${Number(answeredAt)}`).join();

/** The spots solved for another way of sitting; nothing where they are judged by it already. */
async function solvedFor(rows: readonly SpotRow[], way: Way | null, planning: Planning) {
	const others = rows.flatMap(({ id, corner }) => (corner ? [{ id, corner }] : []));
	if (way === null || others.length === 0 || rows.every((row) => row.way === way)) return [];
	const corners = others.map(({ corner }) => ({ ...corner, way }));
	const solved = await solveSpots(corners, planning);
	return solved.flatMap((spot, i): (SolvedSpot & { id: string; whole: (typeof corners)[number] })[] => {
		const [other, whole] = [others[i], corners[i]];
		return other && whole ? [{ ...spot, id: other.id, whole }] : [];
	});
}

/**
 * Sets how a person is judged and asked from now on. A new way of sitting holds for what they have answered too: their plan is solved anew,
 * outside of any transaction, keeps the steps that stay true, and says that the way has changed. What is out and not answered follows.
 */
export function setUp(
	db: Db,
	actor: Actor,
	{ way, route, rhythm, ...act }: SetUp,
	now: Date,
	planning: Planning
): Promise<void> {
	requirePermission(actor, 'cases:act');
	const { personId } = act;
	return oneAtATime(`set-up ${personId}`, async () => {
		const rows = await answeredSpots(db, personId);
		const solved = await solvedFor(rows, way, planning);
		const isFinal = solved.length > 0;
		await deskAct(db, actor, { ...act, kind: 'set-up', isFinal }, now, async ({ tx, rows: changing }) => {
			await changing.update(people, { way, route, rhythm }, eq(people.id, personId));
			const open = and(
				eq(assessments.personId, personId),
				isNull(assessments.answeredAt),
				isNull(assessments.revokedAt)
			);
			if (way) await changing.update(assessments, { way }, open);
			if (route) await changing.update(assessments, { route }, open);
			// How often to break holds from now on, whether or not they have answered.
			if (rhythm) {
				const mine = and(eq(assessments.personId, personId), isNull(assessments.revokedAt));
				await changing.update(assessments, { rhythm }, mine);
			}
			if (isFinal && revisionOf(await answeredSpots(tx, personId)) !== revisionOf(rows))
				throw new Fault('conflict', 'answeredMeanwhile');
			for (const { id, whole, ...plan } of solved) {
				await tx.update(assessments).set({ way: whole.way, corner: whole }).where(eq(assessments.id, id));
				await makePlan(tx, { assessmentId: id, ...plan, chosen: 0, why: 'way' }, now);
			}
			const detail = { way: way ?? '', route: route ?? '', rhythm: rhythm ?? '' };
			await writeAuditLine(tx, actor, { at: now, act: 'set-up', personId, detail });
		});
	});
}
