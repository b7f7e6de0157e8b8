import { readSheet } from 'read-excel-file/web-worker';
import {
	guessColumns,
	readRoster,
	type ColumnMap,
	type RosterFault,
	type RosterPerson
} from '$lib/core/exchange';
import { hasHeadings, tableOf, type RosterTable } from '../ui/people/roster-table';

/** What the page asks of the worker that holds its file. */
export type RosterQuestion =
	| { readonly kind: 'open'; readonly file: File }
	/** The columns are guessed if left out. */
	| { readonly kind: 'arrange'; readonly isHeaded: boolean }
	| { readonly kind: 'check'; readonly isHeaded: boolean; readonly columns: ColumnMap }
	| { readonly kind: 'lines'; readonly isHeaded: boolean };

/** An opened file: its encoding and column headings. */
export interface OpenedRoster {
	readonly how: RosterTable['text'];
	readonly isHeaded: boolean;
	readonly headings: readonly string[];
	readonly count: number;
	readonly columns: ColumnMap;
}

/** The result of a mapping. */
export interface CheckedRoster {
	readonly people: readonly RosterPerson[];
	readonly count: number;
	readonly faults: readonly RosterFault[];
	readonly moreFaults: number;
}

/** People shown as they would be read, and errors shown at once. */
const [SHOWN, MOST_FAULTS] = [5, 200];

let table: RosterTable | null = null;

const linesOf = (isHeaded: boolean) => (table?.rows ?? []).slice(isHeaded ? 1 : 0);

function arranged(isHeaded: boolean): OpenedRoster | null {
	if (!table) return null;
	const first = table.rows[0] ?? [];
	const headings = isHeaded ? first : first.map((_, i) => `Column ${i + 1}`);
	const lines = linesOf(isHeaded);
	return {
		how: table.text,
		isHeaded,
		headings,
		count: lines.length,
		columns: guessColumns(headings, lines.slice(0, 50))
	};
}

async function answer(asked: RosterQuestion): Promise<unknown> {
	switch (asked.kind) {
		case 'open':
			table = await tableOf(asked.file, (file) => readSheet(file));
			return table && arranged(hasHeadings(table));
		case 'arrange':
			return arranged(asked.isHeaded);
		case 'check': {
			const { people, faults } = readRoster(linesOf(asked.isHeaded), asked.columns, asked.isHeaded ? 2 : 1);
			return {
				people: people.slice(0, SHOWN),
				count: people.length,
				faults: faults.slice(0, MOST_FAULTS),
				moreFaults: Math.max(0, faults.length - MOST_FAULTS)
			} satisfies CheckedRoster;
		}
		case 'lines':
			return linesOf(asked.isHeaded);
	}
}

self.onmessage = ({ data: { id, asked } }: MessageEvent<{ id: number; asked: RosterQuestion }>) => {
	answer(asked).then(
		(given) => self.postMessage({ id, given }),
		(error: unknown) => self.postMessage({ id, fault: error instanceof Error ? error.message : 'unknown' })
	);
};
