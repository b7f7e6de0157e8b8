export { countryCode } from './countries';
export { BYTE_ORDER_MARK, csvFormatOf, toCsv, type CsvCell, type CsvFormat } from './csv';
export { guessColumns } from './guess-columns';
export { headingsKey } from './headings-key';
export { groupFaults } from './group-faults';
export { headingRowOf } from './heading-row';
export { languageCode } from './languages';
export { isBlankRow, readRoster, RosterReader } from './read-roster';
export {
	MAX_JOINED_COLUMNS,
	ROSTER_COLUMNS,
	ROSTER_FIELDS,
	type ColumnMap,
	type FaultGroup,
	type IgnoredRow,
	type RosterColumn,
	type RosterFault,
	type RosterField,
	type RosterPerson
} from './roster-fields';
export { decodeText, type TextEncoding } from './text-of-bytes';
export type {
	AsideReason,
	ImportReport,
	KeptPerson,
	RenamedPerson,
	RosterChange,
	RosterLine,
	UndoRefusal
} from './import-report';
export {
	parseExportColumns,
	EXPORT_COLUMNS,
	STATUS_COLUMNS,
	DEFAULT_EXPORT_COLUMNS,
	type ExportColumn
} from './export-columns';
