import { and, eq, isNull } from 'drizzle-orm';
import type { Route } from '../../core/answers';
import type { Way } from '../../core/corner';
import type { Rhythm } from '../../core/moving/rhythm';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { deskAct, type ActInput } from '../acts/desk-act';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import type { Planning } from '../planning/planning';
import { solveForWay, writeForWay } from '../plans/change-way';
import { oneAtATime } from '../plans/one-at-a-time';

const { assessments, people } = schema;

/** The way of sitting that is wanted for a person, how much is asked of them and how often they are to break; null for what a round or the usual says. */
export interface SetUp extends ActInput {
	readonly way: Way | null;
	readonly route: Route | null;
	readonly rhythm: Rhythm | null;
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
		const solved = await solveForWay(db, personId, way, planning);
		const isFinal = solved.spots.length > 0;
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
			await writeForWay(tx, personId, solved, now);
			const detail = { way: way ?? '', route: route ?? '', rhythm: rhythm ?? '' };
			await writeAuditLine(tx, actor, { at: now, act: 'set-up', personId, detail });
		});
	});
}
