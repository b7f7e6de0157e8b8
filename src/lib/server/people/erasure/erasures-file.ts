import { existsSync } from 'node:fs';
import { open, readFile } from 'node:fs/promises';
import { and, asc, eq, gt, sql } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';

const { auditLines } = schema;

/** A line of the file: a person erased, by number, or that all before it were erased again after a restore. */
export interface ErasureLine {
	readonly at: string;
	/** Number of the audit-log line from which the file continues. */
	readonly line: string;
	/** Null for the mark that a restore was completed. */
	readonly person: string | null;
}

/** Lock held while lines are added to the file. Any number. */
const LOCK = 727_301_445;

const UUID = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;

/** The file can't be written, or a line of it can't be read; the message says which, and what to do. */
export class ErasuresFileError extends Error {}

/**
 * Why the file can't be written; null where it can, or where none is kept. It is opened as it will be when somebody is erased, and made
 * where there is none yet.
 */
export async function erasuresFileFault(file: string): Promise<string | null> {
	if (file === '') return null;
	try {
		await (await open(file, 'a', 0o600)).close();
		return null;
	} catch (error) {
		return (error as NodeJS.ErrnoException).code ?? 'no reason given';
	}
}

/**
 * Refuses to start where people who are erased couldn't be noted: after a restore they would be back.
 * @throws ErasuresFileError that says what to do
 */
export async function requireErasuresWritable(file: string): Promise<void> {
	const fault = await erasuresFileFault(file);
	if (fault !== null)
		throw new ErasuresFileError(
			`The file of erasures ${file} (EASY_CORNER_ERASURES_FILE) can’t be written (${fault}): let the program’s account write it, or choose a file in a folder that it may write to.`
		);
}

function lineOf(text: string, n: number): ErasureLine {
	try {
		const { at, line, person } = JSON.parse(text) as Partial<ErasureLine>;
		if (
			typeof at === 'string' &&
			/^\d{1,19}$/.test(line ?? '') &&
			(person === null || UUID.test(person ?? ''))
		)
			return { at, line: line ?? '0', person: person ?? null };
	} catch {
		// Reported below, with its number.
	}
	throw new ErasuresFileError(
		`Line ${n} of the file of erasures can’t be read: put it right, or take it out.`
	);
}

/**
 * The lines of the file, oldest first; none where there is no file yet.
 * @throws ErasuresFileError for an unreadable line
 */
export async function readErasures(file: string): Promise<ErasureLine[]> {
	if (!existsSync(file)) return [];
	const lines = (await readFile(file, 'utf8')).split('\n');
	return lines.flatMap((text, i) => (text.trim() === '' ? [] : [lineOf(text, i + 1)]));
}

/** Appends lines, and waits until they are on disk. Only the owner may read the file. */
export async function appendErasures(file: string, lines: readonly ErasureLine[]): Promise<void> {
	const handle = await open(file, 'a', 0o600);
	try {
		await handle.appendFile(lines.map((line) => `${JSON.stringify(line)}\n`).join(''));
		await handle.sync();
	} finally {
		await handle.close();
	}
}

/**
 * Appends people erased since the file's last line, by number: kept apart from the database, it says after a restore who must be erased
 * again. Several processes may share a file, or have one each. Cost: what is new, by audit_lines_act_idx; the file is read once.
 * @returns how many were added
 */
export function writeErasures(db: Db, file: string): Promise<number> {
	return inTransaction(db, async (tx) => {
		await tx.execute(sql`select pg_advisory_xact_lock(${LOCK})`);
		const last = (await readErasures(file)).at(-1)?.line ?? '0';
		const erased = await tx
			.select({ id: auditLines.id, at: auditLines.at, personId: auditLines.personId })
			.from(auditLines)
			.where(and(eq(auditLines.act, 'person-erased'), gt(auditLines.id, BigInt(last))))
			.orderBy(asc(auditLines.id));
		const lines = erased.map(({ id, at, personId }) => ({
			at: at.toISOString(),
			line: id.toString(),
			person: personId
		}));
		if (lines.length > 0) await appendErasures(file, lines);
		return lines.length;
	});
}
