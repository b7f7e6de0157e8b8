export { countryCode } from './countries';
export { BYTE_ORDER_MARK, csvFormatOf, toCsv, type CsvCell, type CsvFormat } from './csv';
export { guessColumns, headingsKey } from './guess-columns';
export { isBlankRow, readRoster, RosterReader } from './read-roster';
export {
	MAX_JOINED_COLUMNS,
	ROSTER_FIELDS,
	type ColumnMap,
	type RosterFault,
	type RosterField,
	type RosterPerson
} from './roster-fields';
export { decodeText, type TextEncoding } from './text-of-bytes';
export type { ImportReport, RosterChange, RosterLine } from './import-report';
export {
	parseExportColumns,
	EXPORT_COLUMNS,
	STATUS_COLUMNS,
	DEFAULT_EXPORT_COLUMNS,
	type ExportColumn
} from './export-columns';
