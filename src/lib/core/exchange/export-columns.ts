import { ROSTER_FIELDS, type RosterField } from './roster-fields';

/** What is known of people beside what a roster tells, as columns of a table that is taken along. Days are ISO dates. */
export const STATUS_COLUMNS = [
	'state',
	'answered',
	'level',
	'open since',
	'act by',
	'checks off',
	'checks unsure',
	'worst discomfort',
	'where',
	'asked for',
	'follow-up',
	'looked after by',
	'left'
] as const;

/** One of {@link STATUS_COLUMNS}. */
export type StatusColumn = (typeof STATUS_COLUMNS)[number];

/** Every column that people can be taken along with: those that an import takes first. */
export const EXPORT_COLUMNS = [...ROSTER_FIELDS, ...STATUS_COLUMNS] as const;

/** One of {@link EXPORT_COLUMNS}. */
export type ExportColumn = RosterField | StatusColumn;

/** Columns that are taken along where none are chosen. */
export const DEFAULT_EXPORT_COLUMNS: readonly ExportColumn[] = [
	...ROSTER_FIELDS,
	'answered',
	'level',
	'checks off',
	'follow-up'
];

/** The columns of a list apart by commas, in their one order; the usual ones where none of it is one. */
export function parseExportColumns(list: string): readonly ExportColumn[] {
	const wanted = new Set(list.split(','));
	const chosen = EXPORT_COLUMNS.filter((column) => wanted.has(column));
	return chosen.length > 0 ? chosen : DEFAULT_EXPORT_COLUMNS;
}
