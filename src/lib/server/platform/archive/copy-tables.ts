import { pipeline } from 'node:stream/promises';
import { Readable } from 'node:stream';
import type pg from 'pg';
import { from as copyFrom, to as copyTo } from 'pg-copy-streams';
import type { ArchiveTable } from './archive-tables';
import { splitRows, type Rows } from './split-rows';

/** A part of a table ends with the row that reaches this, bytes: little to hold, and few files. Our assumption. */
const PART_BYTES = 4_000_000;

/** How documents are copied as they are: by signs that no JSON text has. */
const DOCUMENTS = `(format csv, delimiter E'\\x02', quote E'\\x01')`;

const quoted = (name: string) => `"${name.replaceAll('"', '""')}"`;
const listed = (names: readonly string[]) => names.map(quoted).join(', ');

const UUID = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;

/** A condition on rows, with the id of a person in it: COPY takes no parameters. */
function conditionOf(where: string, person: string | null): string {
	if (person === null) return where;
	if (!UUID.test(person)) throw new Error(`Not a person’s id: ${person}`);
	return where.replaceAll('$1', `'${person}'::uuid`);
}

/** The first line of a part that is CSV. */
export const csvHead = ({ publishedColumns }: ArchiveTable): string => `${publishedColumns.join(',')}\n`;

/** What every connection of an archive is set to, so that the same data is the same text. */
export const SAME_TEXT = `set timezone = 'UTC'; set datestyle = 'ISO, YMD'; set bytea_output = 'hex'; set extra_float_digits = 1`;

/**
 * Reads a table in the order of its key, in parts of whole rows: written by PostgreSQL itself, so that nothing is lost between types. Cost:
 * one pass over the table, with one part in memory.
 * @param where which rows, with the person's id as `$1`
 */
export function copyOut(
	client: pg.ClientBase,
	table: ArchiveTable,
	where = 'true',
	person: string | null = null
): AsyncGenerator<Rows> {
	const columns = table.columns.map(
		(name, i) => `${table.written[name] ?? quoted(name)} as ${quoted(table.publishedColumns[i] ?? name)}`
	);
	const rows = `select ${columns.join(', ')} from ${quoted(table.name)} where ${conditionOf(where, person)} order by ${table.order}`;
	const isCsv = table.form === 'csv';
	const stream = client.query(
		copyTo(
			isCsv
				? `copy (${rows}) to stdout (format csv)`
				: `copy (select row_to_json(r) from (${rows}) r) to stdout ${DOCUMENTS}`
		)
	);
	return splitRows(stream, { hasQuotes: isCsv, leastBytes: PART_BYTES });
}

/** Copies bytes into a table, or a part of one. */
async function copyIn(client: pg.ClientBase, target: string, bytes: Buffer, how: string): Promise<void> {
	await pipeline(Readable.from([bytes]), client.query(copyFrom(`copy ${target} from stdin ${how}`)));
}

/** Loads a part of a table, as {@link copyOut} wrote it. Within a transaction. */
export async function copyPartIn(client: pg.ClientBase, table: ArchiveTable, bytes: Buffer): Promise<void> {
	const { columns } = table;
	const name = quoted(table.name);
	const filled = Object.entries(table.filled);
	if (table.form === 'csv') {
		const rows = bytes.subarray(bytes.indexOf('\n') + 1);
		if (filled.length === 0) return copyIn(client, `${name} (${listed(columns)})`, rows, '(format csv)');
		await client.query(
			`create temporary table archived_rows on commit drop as select ${listed(columns)} from ${name} with no data`
		);
		await copyIn(client, 'archived_rows', rows, '(format csv)');
		await client.query(
			`insert into ${name} (${listed([...columns, ...filled.map(([column]) => column)])})
			select ${listed(columns)}, ${filled.map(([, value]) => value).join(', ')} from archived_rows`
		);
	} else {
		await client.query('create temporary table archived_rows (document jsonb) on commit drop');
		await copyIn(client, 'archived_rows', bytes, DOCUMENTS);
		const renamed = columns.flatMap((column, i) => {
			const published = table.publishedColumns[i] ?? column;
			return published === column ? [] : [`'${column}', document -> '${published}'`];
		});
		await client.query(
			`insert into ${name} (${listed(columns)})
			select ${columns.map((column) => `r.${quoted(column)}`).join(', ')} from archived_rows,
				jsonb_populate_record(null::${name}, document || jsonb_build_object(${renamed.join(', ')})) r`
		);
	}
	await client.query('drop table archived_rows');
}
