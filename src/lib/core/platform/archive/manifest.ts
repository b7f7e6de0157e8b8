import { Type, type Static } from 'typebox';
import type { Checked } from '../issue';
import { compileSchema } from '../schema/compile-schema';

/** The format that this version writes and reads. */
export const ARCHIVE_FORMAT = 'easy-corner.archive/1';

/** Name of the manifest in an archive; the last of its files, since it has the hash of every other one. */
export const MANIFEST_NAME = 'manifest.json';

/** How a table is written: as CSV (RFC 4180), or as one JSON document a line where it has documents in it. */
const TABLE_FORMS = ['csv', 'jsonl'] as const;

/** One of {@link TABLE_FORMS}. */
export type TableForm = (typeof TABLE_FORMS)[number];

const name = Type.String({ pattern: '^[a-z][a-z0-9_]{0,62}$' });

const manifestSchema = Type.Object(
	{
		format: Type.Literal(ARCHIVE_FORMAT),
		/** Newest migration of the database that it was written from: only a database of the same version takes it in. */
		schema: Type.String({ pattern: '^[0-9]{4}_[a-z0-9_]{1,80}$' }),
		/** Id of the only person in it; null for the whole organisation. */
		person: Type.Union([Type.String({ pattern: '^[0-9a-f-]{36}$' }), Type.Null()]),
		/** The tables, each after all those that it refers to. */
		tables: Type.Array(
			Type.Object(
				{
					name,
					form: Type.Enum(TABLE_FORMS),
					columns: Type.Array(name, { minItems: 1 }),
					rows: Type.Integer({ minimum: 0 })
				},
				{ additionalProperties: false }
			)
		),
		/** The files, in their order; a table may be in several. */
		files: Type.Array(
			Type.Object(
				{
					path: Type.String({ pattern: '^[A-Za-z0-9_-]+(?:/[A-Za-z0-9_-]+)*\\.[a-z]+$' }),
					bytes: Type.Integer({ minimum: 0 }),
					/** Hexadecimal. */
					sha256: Type.String({ pattern: '^[0-9a-f]{64}$' }),
					/** The table that it is a part of; null for one that is only for reading. */
					table: Type.Union([name, Type.Null()])
				},
				{ additionalProperties: false }
			)
		)
	},
	{ additionalProperties: false }
);

/** What is in an archive, with the size and hash of every file. */
export type ArchiveManifest = Static<typeof manifestSchema>;

/** A file of an archive, as its manifest has it. */
export type ArchivedFile = ArchiveManifest['files'][number];

/** A table of an archive, as its manifest has it. */
export type ArchivedTable = ArchiveManifest['tables'][number];

const checkManifest = compileSchema<ArchiveManifest>(manifestSchema);

/** Reads a manifest; what is wrong with it is said with its place. */
export function readManifest(text: string): Checked<ArchiveManifest> {
	let document: unknown;
	try {
		document = JSON.parse(text);
	} catch {
		return { ok: false, issue: { code: 'json', at: '', text: 'the document is not JSON' } };
	}
	return checkManifest(document);
}
