export {
	csvOf,
	guarded,
	guessColumns,
	readRoster,
	ROSTER_FIELDS,
	type ColumnMap,
	type RosterFault,
	type RosterField,
	type RosterPerson
} from './roster';
export { textOfBytes, type TextEncoding } from './text-of-bytes';
