import { ROSTER_FIELDS, type RosterField } from './roster-fields';

/** Export columns for what is known about people beyond a roster's columns. Days are ISO dates. */
const STATUS_COLUMNS = [
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
type StatusColumn = (typeof STATUS_COLUMNS)[number];

/** Every export column: first those that an import accepts. */
export const EXPORT_COLUMNS = [...ROSTER_FIELDS, ...STATUS_COLUMNS] as const;

/** One of {@link EXPORT_COLUMNS}. */
export type ExportColumn = RosterField | StatusColumn;

/** Columns exported where none are chosen. */
export const DEFAULT_EXPORT_COLUMNS: readonly ExportColumn[] = [
	...ROSTER_FIELDS,
	'answered',
	'level',
	'checks off',
	'follow-up'
];

/** The columns of a comma-separated list in their fixed order; the default ones where the list names none. */
export function parseExportColumns(list: string): readonly ExportColumn[] {
	const wanted = new Set(list.split(','));
	const chosen = EXPORT_COLUMNS.filter((column) => wanted.has(column));
	return chosen.length > 0 ? chosen : DEFAULT_EXPORT_COLUMNS;
}
