import { is } from 'drizzle-orm';
import { getTableConfig, PgTable } from 'drizzle-orm/pg-core';
import type { TableForm } from '../../../core/platform/archive/manifest';
import { schema } from '../db/client';
import { publishedColumn, publishedTable } from '../db/published-names';
import { OF_ASSESSMENT, OF_PERSON } from '../../people/erasure/own-rows';

/** Tables that are no part of what the organisation has: sign-ins, what a running program keeps, counters. */
const LEFT_OUT: readonly string[] = [
	// Who is signed in, and what opens an account: everybody chooses a password again.
	'account_links',
	'api_tokens',
	'known_devices',
	'passkey_challenges',
	'passkeys',
	'sessions',
	'sign_in_failures',
	// Where other programs are told of acts: no two servers tell the same one.
	'webhook_messages',
	'webhooks',
	// Where the staff directory is read, and what was read of it.
	'directory',
	// What the running program keeps for itself.
	'archive_loads',
	'case_visitors',
	'shared_session_visits',
	// Counted again where it is loaded.
	'current_figures',
	'heartbeat',
	'link_uses',
	'test_inbox',
	'restore_state',
	'write_limits',
	// Triggers count again as lines are loaded.
	'audit_counts'
];

/** Columns that open something or belong to one server, by table, with what is loaded in their place; null for the column's default. */
const COLUMNS_LEFT_OUT: Readonly<Record<string, Readonly<Record<string, string | null>>>> = {
	users: {
		password_hash: `''`,
		calendar_hash: null,
		code_secret: null,
		code_since: null,
		code_step: null,
		recovery_hashes: null,
		provider_subject: null,
		warned_at: null,
		code_warned_at: null
	},
	cover_settings: { webhook_url: `''`, webhook_secret: null },
	emails: { claimed_until: null }
};

/** What is written instead of a column: of emails, the personal link only while they wait to be sent with it. */
const WRITTEN_AS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
	emails: { link_path: `case when state = 'waiting' then link_path else '' end` }
};

/** Folders of an archive, each with its tables. A table that is in none of them, nor left out, is an error: somebody must decide on it. */
const FOLDERS: Readonly<Record<string, readonly string[]>> = {
	accounts: ['users', 'saved_filters', 'roster_mappings', 'practice_rounds'],
	settings: [
		'cover_settings',
		'crisis_lines',
		'equipment_budgets',
		'equipment_store',
		'email_days',
		'email_limit',
		'organisation',
		'published_versions',
		'purchase_prices',
		'retention',
		'version_drafts'
	],
	languages: ['language_reviews'],
	figures: [
		'observations',
		'purchase_needs',
		'published_figures',
		'published_states',
		'workforce_closings',
		'workforce_reports'
	],
	audit: ['audit_checks', 'audit_lines', 'audit_seals'],
	people: [
		'assessments',
		'cases',
		'check_ins',
		'contacts',
		'deputy_alerts',
		'desk_acts',
		'equipment_requests',
		'finding_ticks',
		'follow_ups',
		'assessment_results',
		'emails',
		'messages',
		'break_settings',
		'break_weeks',
		'notes',
		'people',
		'person_merges',
		'plans',
		'remeasurements',
		'referral_lines',
		'referrals',
		'reported_discomfort',
		'reported_signs',
		'roster_import_people',
		'roster_imports',
		'round_people',
		'rounds',
		'second_opinion_cases',
		'second_opinions',
		'sign_lifts',
		'step_events',
		'shared_session_entries',
		'shared_session_members',
		'shared_sessions'
	]
};

function folderOf(table: string): string {
	const [folder] = Object.entries(FOLDERS).find(([, tables]) => tables.includes(table)) ?? [];
	if (folder === undefined) throw new Error(`No archive has the table ${table}, and nobody left it out`);
	return folder;
}

/** A column that refers to another table, or to its own. */
interface ArchiveReference {
	readonly column: string;
	readonly to: string;
	readonly isRequired: boolean;
}

/** A table as it goes into an archive. */
export interface ArchiveTable {
	readonly name: string;
	readonly publishedName: string;
	readonly folder: string;
	readonly form: TableForm;
	/** Columns that are written, in the order of the schema. */
	readonly columns: readonly string[];
	readonly publishedColumns: readonly string[];
	/** SQL of a column, where it is not the column itself. */
	readonly written: Readonly<Record<string, string>>;
	/** SQL of what is loaded into columns that are not written and have no default. */
	readonly filled: Readonly<Record<string, string>>;
	/** SQL of the rows' order: the primary key, alike on every server. */
	readonly order: string;
	/** The column numbered by the database, which goes on after the highest. */
	readonly serial: string | null;
	readonly references: readonly ArchiveReference[];
}

function archiveTable(table: PgTable): ArchiveTable {
	const { name, columns, foreignKeys, primaryKeys } = getTableConfig(table);
	const without = COLUMNS_LEFT_OUT[name] ?? {};
	const written = columns.filter((column) => !Object.hasOwn(without, column.name));
	const named = primaryKeys[0]?.columns.map((column) => column.name);
	const key = columns.filter((column) => (named ? named.includes(column.name) : column.primary));
	return {
		name,
		publishedName: publishedTable(name),
		folder: folderOf(name),
		form: written.some((column) => column.getSQLType() === 'jsonb') ? 'jsonl' : 'csv',
		columns: written.map((column) => column.name),
		publishedColumns: written.map((column) => publishedColumn(name, column.name)),
		written: WRITTEN_AS[name] ?? {},
		filled: Object.fromEntries(
			Object.entries(without).flatMap(([column, value]) => (value === null ? [] : [[column, value]]))
		),
		order: key
			.map((column) => `"${column.name}"${column.getSQLType() === 'text' ? ' collate "C"' : ''}`)
			.join(', '),
		serial: columns.find((column) => column.getSQLType() === 'bigserial')?.name ?? null,
		references: foreignKeys.flatMap((one) => {
			const { columns: from, foreignTable } = one.reference();
			const to = getTableConfig(foreignTable).name;
			return from.map((column) => ({ column: column.name, to, isRequired: column.notNull }));
		})
	};
}

/** Tables in an order in which each comes after those that it refers to; by name where that leaves a choice. */
function inOrder(tables: readonly ArchiveTable[]): ArchiveTable[] {
	const left = tables.toSorted((a, b) => (a.publishedName < b.publishedName ? -1 : 1));
	const ordered: ArchiveTable[] = [];
	while (left.length > 0) {
		const at = left.findIndex(({ name, references }) =>
			references.every(({ to }) => to === name || !left.some((other) => other.name === to))
		);
		const next = left.splice(at, 1)[0];
		if (at < 0 || !next) throw new Error('Tables refer to each other in a circle');
		ordered.push(next);
	}
	return ordered;
}

const nameOf = (table: PgTable) => getTableConfig(table).name;

const allTables = Object.values(schema).flatMap((one) => (is(one, PgTable) ? [one] : []));

/** Every table of an archive of the whole organisation, each after those that it refers to. */
export const ARCHIVE_TABLES: readonly ArchiveTable[] = inOrder(
	allTables.filter((table) => !LEFT_OUT.includes(nameOf(table))).map(archiveTable)
);

/** Whether rows of a table refer to others of the same table. */
export const refersToItself = ({ name, references }: ArchiveTable): boolean =>
	references.some(({ to }) => to === name);

/** Which rows of a table are about one person, whose id is `$1`; tables that are missing here are in nobody's file. */
const ROWS_OF_PERSON: Readonly<Record<string, string>> = {
	people: 'id = $1',
	...Object.fromEntries(Object.values(OF_PERSON).map((table) => [nameOf(table), 'person_id = $1'])),
	...Object.fromEntries(
		Object.values(OF_ASSESSMENT).map((table) => [
			nameOf(table),
			'assessment_id in (select id from assessments where person_id = $1)'
		])
	),
	// What coordinators keep to themselves is not disclosed.
	notes: 'person_id = $1 and is_disclosed',
	step_events:
		'plan_id in (select plans.id from plans join assessments a on a.id = assessment_id where person_id = $1)',
	referral_lines: 'referral_id in (select id from referrals where person_id = $1)',
	// Their state on lists, and the questions and the rounds that their answers belong to.
	cases: 'person_id = $1',
	published_versions: `subject = 'checklist' and version in (select checklist_version from assessments where person_id = $1)`,
	rounds: 'id in (select round_id from round_people where person_id = $1)'
};

const ABOUT_OTHERS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
	rounds: { counts: 'null::jsonb' }
};

/** Tables of one person's archive with the rows that are theirs; what refers to anything outside it is empty. */
export const PERSON_TABLES: readonly (ArchiveTable & { readonly where: string })[] = ARCHIVE_TABLES.flatMap(
	(table) => {
		const where = ROWS_OF_PERSON[table.name];
		if (where === undefined) return [];
		const outside = table.references.filter(({ to }) => !Object.hasOwn(ROWS_OF_PERSON, to));
		const emptied = Object.fromEntries(outside.map(({ column }) => [column, 'null::uuid']));
		return [{ ...table, where, written: { ...table.written, ...ABOUT_OTHERS[table.name], ...emptied } }];
	}
);
