import { createHash } from 'node:crypto';
import { asc, desc, eq, gt, isNull, and, sql } from 'drizzle-orm';
import { schema, type Db } from '../db/client';

const { auditLines, auditSeals } = schema;

/** Lines that are sealed at once. */
const BATCH = 2000;

/** A line that was written late, by a transaction that took long, is looked for so many lines back. Ours. */
const LOOK_BACK = 20_000n;

/** Held while lines are sealed: one chain, whichever process makes it. Any number. */
const LOCK = 727_301_443;

type Line = typeof auditLines.$inferSelect;

/** What the first seal rests on. */
const START = '0'.repeat(64);

/** Everything of a line, always in the same form: the order of keys in its details is the alphabet's. */
function formOf(line: Line): string {
	const detail = Object.entries(line.detail).sort(([a], [b]) => (a < b ? -1 : 1));
	return JSON.stringify([
		line.id.toString(),
		line.at.toISOString(),
		line.actorKind,
		line.actorId,
		line.act,
		line.personId,
		detail
	]);
}

/** The seal of a line behind another seal. */
export const sealOf = (before: string, line: Line): string =>
	createHash('sha256')
		.update(`${before}\n${formOf(line)}`)
		.digest('hex');

/**
 * Seals the lines that have none yet, in the order of their numbers as far as they are there. The newest seal is all that has to be
 * noted elsewhere to prove later that nothing before it was changed.
 *
 * @returns how many were sealed, and the newest seal
 */
export function sealRecord(db: Db, now: Date): Promise<{ n: number; newest: string | null }> {
	return db.transaction(async (tx) => {
		await tx.execute(sql`select pg_advisory_xact_lock(${LOCK})`);
		const [last] = await tx.select().from(auditSeals).orderBy(desc(auditSeals.id)).limit(1);
		const [furthest] = await tx
			.select({ id: sql<bigint | null>`max(${auditSeals.lineId})` })
			.from(auditSeals);
		const from = BigInt(furthest?.id ?? 0) - LOOK_BACK;
		const lines = await tx
			.select({ line: auditLines })
			.from(auditLines)
			.leftJoin(auditSeals, eq(auditSeals.lineId, auditLines.id))
			.where(and(gt(auditLines.id, from), isNull(auditSeals.id)))
			.orderBy(asc(auditLines.id))
			.limit(BATCH);
		let hash = last?.hash ?? START;
		const seals = lines.map(({ line }) => ({ lineId: line.id, hash: (hash = sealOf(hash, line)), at: now }));
		if (seals.length > 0) await tx.insert(auditSeals).values(seals);
		return { n: seals.length, newest: seals.length > 0 || last ? hash : null };
	});
}

/** What a look at the chain found. */
export interface RecordCheck {
	/** Seals that were looked at. */
	readonly n: number;
	/** The number of the first line that is not what was sealed, or is gone; null where all are. */
	readonly brokenAt: bigint | null;
	readonly newest: string | null;
}

/** Works the whole chain out again. Cost: every line once, in batches. */
export async function checkRecord(db: Db): Promise<RecordCheck> {
	let [n, after, hash] = [0, 0n, START];
	for (;;) {
		const batch = await db
			.select({ seal: auditSeals, line: auditLines })
			.from(auditSeals)
			.leftJoin(auditLines, eq(auditLines.id, auditSeals.lineId))
			.where(gt(auditSeals.id, after))
			.orderBy(asc(auditSeals.id))
			.limit(BATCH);
		for (const { seal, line } of batch) {
			n += 1;
			after = seal.id;
			if (!line || sealOf(hash, line) !== seal.hash) return { n, brokenAt: seal.lineId, newest: seal.hash };
			hash = seal.hash;
		}
		if (batch.length < BATCH) return { n, brokenAt: null, newest: n > 0 ? hash : null };
	}
}
