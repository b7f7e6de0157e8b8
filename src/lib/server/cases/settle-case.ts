import { and, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import { needCoordinator, type Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';
import { lockPerson, refreshCase } from './refresh-case';

const { assessments, cases, messages, roundPeople } = schema;

/** Cases settled in one go at most. */
export const MOST_AT_ONCE = 500;

/** What a settling needs: whose, why, and the version that was seen where one case was looked at. */
export interface Settling {
	readonly personIds: readonly string[];
	/** Why, in the coordinator's words; may be empty from the day sheet. */
	readonly reason: string;
	/** The version of the case that was seen; null for a batch, where what came in since stays open by its own time. */
	readonly version: number | null;
}

const CHANGED =
	'Somebody else changed this case meanwhile. What they did is shown below; settle it again if it still is.';

/**
 * Says that what was open is dealt with: answers seen, messages answered, calls made. What is asked for and not decided
 * stays open. The moment is the key by which it can be undone as one.
 *
 * Cost: a dozen small statements a person.
 */
export async function settleCases(db: Db, actor: Actor, input: Settling, now: Date): Promise<void> {
	needCoordinator(actor);
	if (input.personIds.length > MOST_AT_ONCE)
		throw new Fault('invalid', `Settle at most ${MOST_AT_ONCE} cases at once.`, '/person');
	await db.transaction(async (tx) => {
		// In one order, so that two batches at once never wait for each other in a ring.
		for (const personId of [...new Set(input.personIds)].sort()) {
			await lockPerson(tx, personId);
			const [row] = await tx.select().from(cases).where(eq(cases.personId, personId));
			if (!row) throw new Fault('not-found', 'This person is not in the list any more.');
			if (input.version !== null && row.version !== input.version) throw new Fault('conflict', CHANGED);
			await tx
				.update(assessments)
				.set({ seenAt: now })
				.where(
					and(
						eq(assessments.personId, personId),
						isNotNull(assessments.levelRank),
						isNull(assessments.seenAt)
					)
				);
			await tx
				.update(messages)
				.set({ answeredAt: now })
				.where(and(eq(messages.personId, personId), eq(messages.fromPerson, 1), isNull(messages.answeredAt)));
			await tx.update(roundPeople).set({ toCall: 0 }).where(eq(roundPeople.personId, personId));
			await refreshCase(tx, personId, now);
			await tx
				.update(cases)
				.set({ settledAt: now, settledReason: input.reason })
				.where(and(eq(cases.personId, personId), isNull(cases.openSince)));
			await writeAuditLine(tx, actor, { at: now, act: 'case-seen', personId });
		}
	});
}

/** Takes a settling back: exactly what was closed at that moment is open again. */
export async function undoSettling(
	db: Db,
	actor: Actor,
	input: { personIds: readonly string[]; at: Date },
	now: Date
): Promise<void> {
	needCoordinator(actor);
	const ids = [...new Set(input.personIds)].sort();
	if (ids.length === 0) return;
	await db.transaction(async (tx) => {
		for (const personId of ids) await lockPerson(tx, personId);
		await tx
			.update(assessments)
			.set({ seenAt: null })
			.where(and(inArray(assessments.personId, ids), eq(assessments.seenAt, input.at)));
		await tx
			.update(messages)
			.set({ answeredAt: null })
			.where(and(inArray(messages.personId, ids), eq(messages.answeredAt, input.at)));
		for (const personId of ids) await openAgain(tx, actor, personId, now);
	});
}

/** Puts a case that was settled back on the sheet. */
export async function reopenCase(db: Db, actor: Actor, personId: string, now: Date): Promise<void> {
	needCoordinator(actor);
	await db.transaction(async (tx) => {
		await lockPerson(tx, personId);
		const [newest] = await tx
			.select({ id: assessments.id })
			.from(assessments)
			.where(
				and(eq(assessments.personId, personId), isNotNull(assessments.levelRank), isNull(assessments.spotOf))
			)
			.orderBy(assessments.sentAt)
			.limit(1);
		if (!newest) throw new Fault('conflict', 'There are no answers to open again.');
		await tx
			.update(assessments)
			.set({ seenAt: null })
			.where(and(eq(assessments.personId, personId), isNotNull(assessments.levelRank)));
		await openAgain(tx, actor, personId, now);
	});
}

async function openAgain(tx: Db, actor: Actor, personId: string, now: Date): Promise<void> {
	await tx.update(cases).set({ settledAt: null, settledReason: '' }).where(eq(cases.personId, personId));
	await refreshCase(tx, personId, now);
	await writeAuditLine(tx, actor, { at: now, act: 'case-reopened', personId });
}
