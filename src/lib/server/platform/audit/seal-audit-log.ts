import { createHash } from 'node:crypto';
import { and, asc, desc, eq, gt, isNull, sql, type SQL } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import type { ShouldContinue } from '../jobs/should-continue';
import { queueWebhookMessages } from '../webhooks/queue-messages';

const { auditChecks, auditLines, auditSeals } = schema;

/** Lines sealed at once. */
const BATCH = 5000;

/** How many lines back a line written late, by a long transaction, is looked for. Our assumption. */
const LOOK_BACK = 20_000n;

/** Lock held while lines are sealed: one chain, whichever process makes it. Any number. */
const LOCK = 727_301_443;

type Line = typeof auditLines.$inferSelect;

/** What the first seal builds on. */
const START = '0'.repeat(64);

/** The full content of a line in canonical form: keys of its details in alphabetical order. */
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

/** The seal of a line after another seal. */
const chainHash = (before: string, line: Line): string =>
	createHash('sha256')
		.update(`${before}\n${formOf(line)}`)
		.digest('hex');

/** The condition for a line without a seal, among the newest; a late line comes from a long transaction. */
async function unsealedOf(tx: Db): Promise<SQL | undefined> {
	const [furthest] = await tx.select({ id: sql<bigint | null>`max(${auditSeals.lineId})` }).from(auditSeals);
	const from = BigInt(furthest?.id ?? 0) - LOOK_BACK;
	return and(gt(auditLines.id, from), isNull(auditSeals.id));
}

/** The result for a batch of lines. */
export interface SealResult {
	readonly n: number;
	readonly newest: string | null;
	/** Lines deleted before they were sealed. */
	readonly missing: number;
}

/**
 * Seals unsealed lines in numerical order. Keeping the newest seal elsewhere is enough to prove later that nothing before it was changed.
 * @returns how many were sealed, the newest seal, and how many lines are missing
 */
export function sealAuditLines(db: Db, now: Date): Promise<SealResult> {
	return inTransaction(db, async (tx) => {
		// Held until the end: one chain, whichever process makes it.
		await tx.execute(sql`select pg_advisory_xact_lock(${LOCK})`);
		const [last] = await tx.select().from(auditSeals).orderBy(desc(auditSeals.id)).limit(1);
		const lines = await tx
			.select({ line: auditLines })
			.from(auditLines)
			.leftJoin(auditSeals, eq(auditSeals.lineId, auditLines.id))
			.where(await unsealedOf(tx))
			.orderBy(asc(auditLines.id))
			.limit(BATCH);
		let hash = last?.hash ?? START;
		const seals = lines.map(({ line }) => ({
			lineId: line.id,
			hash: (hash = chainHash(hash, line)),
			at: now
		}));
		if (seals.length > 0) await tx.insert(auditSeals).values(seals);
		await queueWebhookMessages(
			tx,
			lines.map(({ line }) => line.act),
			now
		);
		return {
			n: seals.length,
			newest: seals.length > 0 || last ? hash : null,
			missing: await missingLines(tx)
		};
	});
}

/**
 * Lines that were written but are neither sealed nor waiting to be: deleted from the database before sealing. Negative for lines inserted
 * without being counted. One statement, so one moment: an act being committed in the meantime counts on both sides or on neither. Cost: the
 * newest {@link LOOK_BACK} lines by number.
 */
async function missingLines(db: Db): Promise<number> {
	const { rows } = await db.execute<{ n: number }>(sql`
		with furthest as (select coalesce(max(line_id), 0) as id from audit_seals),
		unsealed as (
			select count(*) as n from audit_lines l, furthest f
			where l.id > f.id - ${LOOK_BACK.toString()}::bigint
				and not exists (select from audit_seals s where s.line_id = l.id))
		select (sum(case kind when 'line' then c.n else -c.n end) - (select n from unsealed))::int as n
		from audit_counts c`);
	return Number(rows[0]?.n ?? 0);
}

/** Seals everything written so far, batch by batch. */
export async function sealAuditLog(
	db: Db,
	clock: () => Date,
	shallGoOn: ShouldContinue
): Promise<SealResult> {
	let [n, sealed] = [0, await sealAuditLines(db, clock())];
	for (;;) {
		n += sealed.n;
		if (sealed.n < BATCH || !shallGoOn()) return { ...sealed, n };
		sealed = await sealAuditLines(db, clock());
	}
}

/** The result of checking the chain. */
export interface AuditLogCheck {
	readonly n: number;
	/** Time of the check that this one continued from; null where it began at the first line. */
	readonly since: Date | null;
	/** Number of the first line that differs from what was sealed, or is missing; null where all match. */
	readonly brokenAt: bigint | null;
	/** Lines deleted before they were sealed. */
	readonly missing: number;
	readonly newest: string | null;
}

/**
 * Recomputes the chain from the last successful check, or all of it, and records a successful check. Cost: every line since then once, in
 * batches.
 * @param isWhole whether to begin at the first line
 */
export async function verifyAuditLog(db: Db, now: Date, isWhole: boolean): Promise<AuditLogCheck> {
	const [last] = isWhole ? [] : await db.select().from(auditChecks).orderBy(desc(auditChecks.id)).limit(1);
	const known = last && (await db.select().from(auditSeals).where(eq(auditSeals.id, last.sealId)))[0];
	// Where the basis of the last check has changed, that line is reported and the rest is not trusted.
	const isKnown = !last || known?.hash === last.hash;
	const found = isKnown
		? await checkFrom(db, last ?? null)
		: { n: 0, brokenAt: known?.lineId ?? 0n, at: null };
	const missing = await missingLines(db);
	if (found.brokenAt === null && missing === 0 && found.at)
		await db
			.insert(auditChecks)
			.values({ at: now, sealId: found.at.id, hash: found.at.hash, n: (last?.n ?? 0) + found.n });
	return {
		n: found.n,
		since: last?.at ?? null,
		brokenAt: found.brokenAt,
		missing,
		newest: found.at?.hash ?? last?.hash ?? null
	};
}

type Seal = typeof auditSeals.$inferSelect;

/**
 * Recomputes the seals after one known to be right.
 * @returns the newest that is right, if any
 */
async function checkFrom(
	db: Db,
	from: { readonly sealId: bigint; readonly hash: string } | null
): Promise<{ n: number; brokenAt: bigint | null; at: Seal | null }> {
	let [n, after, hash] = [0, from?.sealId ?? 0n, from?.hash ?? START];
	let at: Seal | null = null;
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
			if (!line || chainHash(hash, line) !== seal.hash) return { n, brokenAt: seal.lineId, at };
			hash = seal.hash;
			at = seal;
		}
		if (batch.length < BATCH) return { n, brokenAt: null, at };
	}
}
