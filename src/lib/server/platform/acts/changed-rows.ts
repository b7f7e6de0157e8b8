import { and, getTableColumns, getTableName, sql, type SQL } from 'drizzle-orm';
import type { PgTable, PgUpdateSetSource } from 'drizzle-orm/pg-core';
import { sameDocument } from '../../../core/platform/same-document';
import { schema, type Db } from '../db/client';
import type { RowChange } from '../db/schema/acts';
import { DomainError } from '../domain-error';

interface Known {
	readonly table: PgTable;
	readonly key: readonly string[];
	readonly only?: readonly string[];
}

/**
 * Tables whose rows desk acts change, with their keys; `only` where the other columns are derived and not set by an act. Column names as in
 * the database.
 */
const TABLES = {
	assessments: { table: schema.assessments, key: ['id'] },
	cases: { table: schema.cases, key: ['person_id'], only: ['settled_at', 'settled_reason'] },
	check_ins: { table: schema.checkIns, key: ['id'] },
	contacts: { table: schema.contacts, key: ['id'] },
	finding_ticks: { table: schema.findingTicks, key: ['assessment_id', 'finding'] },
	equipment_store: { table: schema.equipmentStore, key: ['id'] },
	equipment_requests: { table: schema.equipmentRequests, key: ['id'] },
	follow_ups: { table: schema.followUps, key: ['id'] },
	messages: { table: schema.messages, key: ['id'] },
	notes: { table: schema.notes, key: ['id'] },
	people: { table: schema.people, key: ['id'] },
	referral_lines: { table: schema.referralLines, key: ['id'] },
	referrals: { table: schema.referrals, key: ['id'] },
	reported_discomfort: { table: schema.reportedDiscomfort, key: ['id'] },
	round_people: { table: schema.roundPeople, key: ['round_id', 'person_id'] }
} as const satisfies Record<string, Known>;

type Row = Readonly<Record<string, unknown>>;

/** The column that counts changes of a row, for forms opened earlier. */
const VERSION = 'version';

function known(name: string): Known {
	if (!Object.hasOwn(TABLES, name)) throw new RangeError(`No act changes the table ${name}`);
	return TABLES[name as keyof typeof TABLES];
}

function byKey(name: string, key: RowChange['key']): SQL {
	const { table, key: columns } = known(name);
	const types = Object.fromEntries(
		Object.values(getTableColumns(table)).map((column) => [column.name, sql.raw(column.getSQLType())])
	);
	const parts = columns.map(
		(column) => sql`${table}.${sql.identifier(column)} = ${key[column]}::${types[column]}`
	);
	return and(...parts) ?? sql`false`;
}

/** Changes rows and remembers their values before and after, so that the act can be undone exactly. */
export class ChangedRows {
	readonly changes: RowChange[] = [];

	constructor(private readonly tx: Db) {}

	private async rows(table: PgTable, where: SQL): Promise<Row[]> {
		const { rows } = await this.tx.execute<{ row: Row }>(
			sql`select to_jsonb(${table}.*) as row from ${table} where ${where}`
		);
		return rows.map(({ row }) => row);
	}

	private note(name: string, before: Row | null, after: Row | null): void {
		const { key } = known(name);
		const of = after ?? before;
		const keys = Object.fromEntries(key.map((column) => [column, String(of?.[column])]));
		this.changes.push({ table: name, key: keys, before, after });
	}

	/**
	 * Updates the rows of a condition.
	 * @returns how many
	 */
	async update<T extends PgTable>(
		table: T,
		set: PgUpdateSetSource<T>,
		where: SQL | undefined
	): Promise<number> {
		const name = getTableName(table);
		const before = await this.rows(table, where ?? sql`true`);
		for (const row of before) {
			const one = byKey(name, row as Record<string, string>);
			await this.tx.update(table).set(set).where(one);
			const [after = null] = await this.rows(table, one);
			this.note(name, row, after);
		}
		return before.length;
	}

	async insert<T extends PgTable>(table: T, values: T['$inferInsert']): Promise<void> {
		const [made] = await this.tx
			.insert(table as PgTable)
			.values(values as Record<string, unknown>)
			.returning({ row: sql<Row>`to_jsonb(${table}.*)` });
		this.note(getTableName(table), null, made?.row ?? null);
	}
}

/** A row without its version: its values, whichever act set them last. */
const saidBy = (row: Row | null) => {
	const { version: _version, ...said } = row ?? {};
	return row && said;
};

/**
 * Undoes changes, the last one first: every row gets back its values from before the act. Its version keeps rising, so that a form opened
 * before the act or its undo is refused, whoever did either.
 * @throws DomainError where a row no longer has the values the act left
 */
export async function revertRows(tx: Db, changes: readonly RowChange[]): Promise<void> {
	for (const { table: name, key, before, after } of [...changes].reverse()) {
		const { table, only } = known(name);
		const one = byKey(name, key);
		const { rows } = await tx.execute<{ row: Row }>(
			sql`select to_jsonb(${table}.*) as row from ${table} where ${one} for no key update`
		);
		// Derived columns have moved on in the meantime, and are computed again below.
		if (!only && !sameDocument(saidBy(rows[0]?.row ?? null), saidBy(after)))
			throw new DomainError('conflict', 'changedSince');
		if (before === null) await tx.delete(table).where(one);
		else {
			const names = Object.values(getTableColumns(table)).map((column) => column.name);
			const columns = names.filter((column) =>
				only
					? only.includes(column)
					: column !== VERSION && Object.hasOwn(before, column) && !Object.hasOwn(key, column)
			);
			const old = columns.map((column) => sql`${sql.identifier(column)} = r.${sql.identifier(column)}`);
			const rises = !only && names.includes(VERSION) ? [sql`version = ${table}.version + 1`] : [];
			const set = sql.join([...old, ...rises], sql`, `);
			await tx.execute(
				sql`update ${table} set ${set} from jsonb_populate_record(null::${table}, ${JSON.stringify(before)}::jsonb) r where ${one}`
			);
		}
	}
}
