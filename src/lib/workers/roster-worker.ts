import { readSheet } from 'read-excel-file/web-worker';
import { groupFaults } from '$lib/core/people/exchange/group-faults';
import { guessColumns } from '$lib/core/people/exchange/guess-columns';
import { headingRowOf } from '$lib/core/people/exchange/heading-row';
import { headingsKey } from '$lib/core/people/exchange/headings-key';
import { readRoster } from '$lib/core/people/exchange/read-roster';
import type {
	ColumnMap,
	FaultGroup,
	IgnoredRow,
	RosterPerson
} from '$lib/core/people/exchange/roster-fields';
import { tableOf, type RosterTable } from '../ui/people/roster-table';

/** What the page asks of the worker that holds its file. Rows count from 0; null for a table without headings. */
export type RosterQuestion =
	| { readonly kind: 'open'; readonly file: File }
	/** The columns are guessed. */
	| { readonly kind: 'arrange'; readonly headingRow: number | null }
	| { readonly kind: 'check'; readonly headingRow: number | null; readonly columns: ColumnMap }
	| { readonly kind: 'lines'; readonly headingRow: number | null };

/** An opened file: its encoding and column headings. */
export interface OpenedRoster {
	readonly how: RosterTable['text'];
	/** The row of the headings, from 0. */
	readonly headingRow: number | null;
	readonly headings: readonly string[];
	/** The first rows, to choose the headings from. */
	readonly top: readonly string[];
	readonly count: number;
	readonly columns: ColumnMap;
}

/** The result of a mapping. */
export interface CheckedRoster {
	/** The first people as they would be read. */
	readonly people: readonly RosterPerson[];
	readonly count: number;
	/** How many errors there are, and what they are. */
	readonly faults: number;
	readonly groups: readonly FaultGroup[];
	/** Numbers of the rows with errors, as the spreadsheet shows them. */
	readonly faultyRows: readonly number[];
	readonly ignored: readonly IgnoredRow[];
}

/** People shown, and rows among which the headings are chosen. */
const [SHOWN, TOP] = [5, 12];

let table: RosterTable | null = null;

const linesOf = (headingRow: number | null) =>
	(table?.rows ?? []).slice(headingRow === null ? 0 : headingRow + 1);

const headingsOf = (headingRow: number | null) => {
	const widest = Math.max(
		0,
		...linesOf(headingRow)
			.slice(0, 200)
			.map(({ length }) => length)
	);
	const named = headingRow === null ? [] : (table?.rows[headingRow] ?? []);
	return Array.from({ length: Math.max(widest, named.length) }, (_, i) => named[i]?.trim() ?? '');
};

function arranged(headingRow: number | null): OpenedRoster | null {
	if (!table) return null;
	const headings = headingsOf(headingRow);
	const lines = linesOf(headingRow);
	return {
		how: table.text,
		headingRow,
		headings,
		top: table.rows.slice(0, TOP).map((cells) => cells.filter((cell) => cell.trim() !== '').join(' · ')),
		count: lines.length,
		columns: guessColumns(headings, lines.slice(0, 50))
	};
}

async function answer(asked: RosterQuestion): Promise<unknown> {
	switch (asked.kind) {
		case 'open':
			table = await tableOf(asked.file, (file) => readSheet(file));
			return table && arranged(headingRowOf(table.rows));
		case 'arrange':
			return arranged(asked.headingRow);
		case 'check': {
			const { headingRow, columns } = asked;
			const firstRow = headingRow === null ? 1 : headingRow + 2;
			const headings = headingRow === null ? '' : headingsKey(table?.rows[headingRow] ?? []);
			const { people, faults, ignored } = readRoster(linesOf(headingRow), columns, firstRow, headings);
			return {
				people: people.slice(0, SHOWN),
				count: people.length,
				faults: faults.length,
				groups: groupFaults(faults),
				faultyRows: [...new Set(faults.map(({ row }) => row))],
				ignored
			} satisfies CheckedRoster;
		}
		case 'lines':
			return linesOf(asked.headingRow);
	}
}

self.onmessage = ({ data: { id, asked } }: MessageEvent<{ id: number; asked: RosterQuestion }>) => {
	answer(asked).then(
		(given) => self.postMessage({ id, given }),
		(error: unknown) => self.postMessage({ id, fault: error instanceof Error ? error.message : 'unknown' })
	);
};
