import { eq, max } from 'drizzle-orm';
import { isAnyOf } from '../../platform/db/is-any-of';
import { schema, type Db } from '../../platform/db/client';
import { erasePerson } from './erase-person';
import { appendErasures, readErasures, type ErasureLine } from './erasures-file';

const { auditLines, people, restoreState } = schema;

/** The database was restored from a backup, and people erased since may be in it; the message says what to do. */
export class RestoreError extends Error {}

/** People looked up at once. */
const CHUNK = 5000;

/** Whether a file of erasures extends beyond the audit log: the database is an older one, or a different one. */
async function isBehind(db: Db, lines: readonly ErasureLine[]): Promise<boolean> {
	const last = BigInt(lines.at(-1)?.line ?? '0');
	const [newest] = await db.select({ id: max(auditLines.id) }).from(auditLines);
	return last > BigInt(newest?.id ?? 0);
}

/** People in a file of erasures who are in the database again. Cost: one look-up by their keys. */
async function erasedAndBack(db: Db, lines: readonly ErasureLine[]): Promise<string[]> {
	const erased = [...new Set(lines.flatMap(({ person }) => person ?? []))];
	const back: string[] = [];
	for (let i = 0; i < erased.length; i += CHUNK) {
		const found = await db
			.select({ id: people.id })
			.from(people)
			.where(isAnyOf(people.id, erased.slice(i, i + CHUNK)));
		back.push(...found.map(({ id }) => id));
	}
	return back;
}

/**
 * Refuses to start on a database that contains people who were erased.
 * @param file of erasures; empty where none is kept
 * @throws RestoreError that says what to do
 */
export async function requireErasuresReplayed(db: Db, file: string): Promise<void> {
	const lines = file === '' ? [] : await readErasures(file);
	const back = await erasedAndBack(db, lines);
	const [state] = await db.select().from(restoreState);
	const isNoted = Boolean(state?.restoredAt) && !state?.replayedAt;
	// Also one that someone restored by hand: its audit log ends before the file does.
	if (back.length === 0 && !isNoted && !(await isBehind(db, lines))) return;
	throw new RestoreError(
		`This database was restored from a backup${back.length > 0 ? `, and holds ${back.length === 1 ? 'someone who was' : `${back.length} people who were`} erased since` : ''}: run "npm run app -- replay-erasures FILE" first, then start again.`
	);
}

/** Records that the database was restored from a backup: the application does not start until erasures were repeated. */
export async function recordRestore(db: Db, now: Date): Promise<void> {
	const values = { restoredAt: now, replayedAt: null };
	await db
		.insert(restoreState)
		.values({ id: 1, ...values })
		.onConflictDoUpdate({ target: restoreState.id, set: values });
}

/**
 * Erases again, after a restore, everyone named in a file of erasures; even people with an open warning sign in the backup, since they were
 * erased regardless. Can be repeated.
 * @returns how many were erased
 * @throws ErasuresFileError for an unreadable line
 */
export async function replayErasures(db: Db, file: string, now: Date): Promise<number> {
	const back = await erasedAndBack(db, await readErasures(file));
	for (const personId of back) await erasePerson(db, { kind: 'system' }, { personId, why: 'restore' }, now);
	const [newest] = await db
		.select({ id: max(auditLines.id) })
		.from(auditLines)
		.where(eq(auditLines.act, 'person-erased'));
	// Line numbers continue from where the backup ended: the file follows them.
	await appendErasures(file, [{ at: now.toISOString(), line: String(newest?.id ?? 0), person: null }]);
	await db
		.insert(restoreState)
		.values({ id: 1, replayedAt: now })
		.onConflictDoUpdate({
			target: restoreState.id,
			set: { replayedAt: now }
		});
	return back.length;
}
