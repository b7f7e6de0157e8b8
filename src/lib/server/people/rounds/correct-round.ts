import { eq } from 'drizzle-orm';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { isoDay } from '../../platform/clock';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { publishChange } from '../../platform/live/changes';
import { checkRoundText } from './edit-rounds';
import { lockRound } from './lock-round';
import { isAwaitingAnswer } from './remind-unanswered';
import { queueJob } from '../../platform/jobs/queue-job';

const { rounds } = schema;

/** A round that is out, as seen. */
interface SeenRound {
	readonly id: string;
	readonly version: number;
}

/** What can still change once a round is out. */
export interface RoundCorrection extends SeenRound {
	/** Last day for answers, ISO. */
	readonly dueOn: string;
	readonly subject: string;
	readonly body: string;
}

async function lockOut(tx: Db, { id, version }: SeenRound) {
	const round = await lockRound(tx, id, version);
	if (!isAwaitingAnswer(round)) throw new DomainError('conflict', 'correctOnlyOut');
	return round;
}

/**
 * Pauses a round that is out, or goes on with it: while it is paused, no invitation and no reminder of it goes out. Links and answers work
 * all the time. Reminders that fell due meanwhile go out once it goes on.
 */
export async function pauseRound(
	db: Db,
	actor: Actor,
	{ isPaused, ...seen }: SeenRound & { readonly isPaused: boolean },
	now: Date
): Promise<void> {
	requirePermission(actor, 'rounds:run');
	await inTransaction(db, async (tx) => {
		const round = await lockOut(tx, seen);
		if ((round.pausedAt !== null) === isPaused) throw new DomainError('conflict', 'roundChanged');
		await tx
			.update(rounds)
			.set({ pausedAt: isPaused ? now : null, version: round.version + 1 })
			.where(eq(rounds.id, seen.id));
		const what = isPaused ? 'round-paused' : 'round-resumed';
		await writeAuditLine(tx, actor, { at: now, act: what, detail: { round: seen.id } });
		await publishChange(tx, `round:${seen.id}`);
		await queueJob(tx, 'rounds');
		await queueJob(tx, 'reminders');
	});
}

/**
 * Changes the last day and the text of a round that is out. The text holds for invitations that are not written yet, and its subject for
 * reminders; what has gone out stays as it was.
 */
export async function correctRound(
	db: Db,
	actor: Actor,
	{ dueOn, subject, body, ...seen }: RoundCorrection,
	now: Date
): Promise<void> {
	requirePermission(actor, 'rounds:run');
	await inTransaction(db, async (tx) => {
		const round = await lockOut(tx, seen);
		const corrected = checkRoundText({ startsOn: round.startsOn, dueOn, subject, body });
		if (dueOn < isoDay(now, round.timeZone)) throw new DomainError('invalid', 'dayHasPassed', '/dueOn');
		await tx
			.update(rounds)
			.set({ ...corrected, version: round.version + 1 })
			.where(eq(rounds.id, seen.id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-corrected', detail: { round: seen.id } });
		await publishChange(tx, `round:${seen.id}`);
	});
}
