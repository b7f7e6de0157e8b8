import { createHash } from 'node:crypto';
import { and, asc, desc, eq, gt, isNull, sql, type SQL } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import type { ShouldContinue } from '../jobs/should-continue';

const { auditChecks, auditLines, auditSeals } = schema;

/** Lines that are sealed at once. */
const BATCH = 5000;

/** A line that was written late, by a transaction that took long, is looked for so many lines back. Our assumption. */
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
export const chainHash = (before: string, line: Line): string =>
	createHash('sha256')
		.update(`${before}\n${formOf(line)}`)
		.digest('hex');

/** The condition that a line has no seal, among the newest; a late line is of a transaction that took long. */
async function unsealedOf(tx: Db): Promise<SQL | undefined> {
	const [furthest] = await tx.select({ id: sql<bigint | null>`max(${auditSeals.lineId})` }).from(auditSeals);
	const from = BigInt(furthest?.id ?? 0) - LOOK_BACK;
	return and(gt(auditLines.id, from), isNull(auditSeals.id));
}

/** What became of a batch of lines. */
export interface SealResult {
	readonly n: number;
	readonly newest: string | null;
	/** Lines that were taken out before they were sealed. */
	readonly missing: number;
}

/**
 * Seals the lines that have none yet, in the order of their numbers as far as they are there. The newest seal is all that has to be
 * noted elsewhere to prove later that nothing before it was changed.
 *
 * @returns how many were sealed, the newest seal, and how many lines are gone
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
		return {
			n: seals.length,
			newest: seals.length > 0 || last ? hash : null,
			missing: await missingLines(tx)
		};
	});
}

/**
 * Lines that were written and are neither sealed nor waiting for it: taken out of the database before they were sealed. Below 0 for lines that were put in
 * without being counted. One statement, and so of one moment: an act that is being kept in the meantime counts on both sides or on neither.
 *
 * Cost: the newest {@link LOOK_BACK} lines by their numbers.
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

/** Seals all that was written until now, batch by batch. */
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

/** What a look at the chain found. */
export interface AuditLogCheck {
	/** Seals that were looked at. */
	readonly n: number;
	/** The moment of the check that this one went on from; null where it began at the first line. */
	readonly since: Date | null;
	/** The number of the first line that is not what was sealed, or is gone; null where all are. */
	readonly brokenAt: bigint | null;
	/** Lines that were taken out before they were sealed. */
	readonly missing: number;
	readonly newest: string | null;
}

/**
 * Works the chain out again, from the last check that found it whole, or all of it. A check that finds it whole is kept.
 *
 * Cost: every line since once, in batches.
 *
 * @param isWhole whether it begins at the first line
 */
export async function verifyAuditLog(db: Db, now: Date, isWhole: boolean): Promise<AuditLogCheck> {
	const [last] = isWhole ? [] : await db.select().from(auditChecks).orderBy(desc(auditChecks.id)).limit(1);
	const known = last && (await db.select().from(auditSeals).where(eq(auditSeals.id, last.sealId)))[0];
	// What the last check rested on is not what it was: the line is told, and the rest is not believed.
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

/** Works out the seals after one that is known to be right. @returns the newest of them that is right, if any */
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
