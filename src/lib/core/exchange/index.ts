export { countryCode } from './countries';
export { BYTE_ORDER_MARK, csvOf, guarded } from './csv';
export { guessColumns, headingsKey } from './guess-columns';
export { isBlank, readRoster, RosterReader } from './read-roster';
export {
	MOST_JOINED,
	ROSTER_FIELDS,
	type ColumnMap,
	type RosterFault,
	type RosterField,
	type RosterPerson
} from './roster-fields';
export { textOfBytes, type TextEncoding } from './text-of-bytes';
export type { ImportReport, RosterChange, RosterLine } from './import-report';
export {
	columnsOf,
	EXPORT_COLUMNS,
	STANDING_COLUMNS,
	USUAL_COLUMNS,
	type ExportColumn
} from './export-columns';
