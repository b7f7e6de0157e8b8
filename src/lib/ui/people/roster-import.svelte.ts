import { csvFormatOf, toCsv } from '$lib/core/people/exchange/csv';
import { headingsKey } from '$lib/core/people/exchange/headings-key';
import type { ColumnMap } from '$lib/core/people/exchange/roster-fields';
import type { ImportReport } from '$lib/core/people/exchange/import-report';
import type { CheckedRoster, OpenedRoster } from '../../workers/roster-worker';
import { refreshPage } from '../platform/kit/refresh-page';
import { RosterFile } from './roster-file';
import { deskCatalogue, deskWords } from '$lib/messages/desk';

/** A mapping used before for files with these headings. */
export interface KeptMapping {
	readonly headings: string;
	readonly columns: ColumnMap;
}

/** An import in progress: read, mapped, compared, then applied. */
export class RosterImport {
	file = $state.raw<{ readonly name: string; readonly opened: OpenedRoster } | null>(null);
	columns = $state.raw<ColumnMap | null>(null);
	checked = $state.raw<CheckedRoster | null>(null);
	report = $state.raw<ImportReport | null>(null);
	/** Whether the columns are those of an earlier file with these headings. */
	isKnown = $state(false);
	trouble = $state('');
	isBusy = $state(false);
	moves = $state.raw({ leaveAbsent: false, takeBack: true });
	/** Whether rows that can't be read are left out, and cells that can't be used left empty. */
	leaveOut = $state(false);
	/** People who are in the file under another address. */
	renames = $state.raw<readonly string[]>([]);
	private source: RosterFile | null = null;
	private key = '';

	/** @param kept mappings of earlier files */
	constructor(private readonly kept: () => readonly KeptMapping[]) {}

	readonly isMapped = $derived.by(
		() => this.columns !== null && this.columns.name.length > 0 && this.columns.email.length > 0
	);

	async open(chosen: File | undefined): Promise<void> {
		[this.trouble, this.file, this.report, this.checked] = ['', null, null, null];
		[this.leaveOut, this.renames] = [false, []];
		if (!chosen) return;
		this.source ??= new RosterFile();
		const opened = await this.source.open(chosen).catch(() => null);
		if (!opened) {
			this.trouble = deskWords.people.noTableIn(chosen.name);
			return;
		}
		await this.take(chosen.name, opened);
	}

	/** Takes the headings from another row, from 0; null where there are none. */
	async arrange(headingRow: number | null): Promise<void> {
		const opened = await this.source?.arrange(headingRow);
		if (opened && this.file) await this.take(this.file.name, opened);
	}

	private async take(name: string, opened: OpenedRoster): Promise<void> {
		this.file = { name, opened };
		const key = headingsKey(opened.headings);
		const known =
			opened.headingRow !== null ? this.kept().find(({ headings }) => headings === key) : undefined;
		this.isKnown = known !== undefined;
		await this.map(known ? { ...opened.columns, ...known.columns } : opened.columns);
	}

	/** Reads the file with a different mapping. */
	async map(columns: ColumnMap): Promise<void> {
		[this.columns, this.report] = [columns, null];
		const { file, source } = this;
		if (!file || !source) return;
		this.checked = this.isMapped ? await source.check(file.opened.headingRow, columns) : null;
	}

	/** Imports the rest of a file with errors, or nothing of it. */
	leave(is: boolean): void {
		[this.leaveOut, this.report] = [is, null];
		this.moves = { ...this.moves, leaveAbsent: false };
	}

	/** Chooses who is known under another address, and looks again what the file would do. */
	async rename(renames: readonly string[]): Promise<void> {
		this.renames = renames;
		await this.send(false);
	}

	/** The rows that can't be read as CSV, each with its number: to be corrected and imported later. */
	async faultyRows(): Promise<string> {
		const { file, source, checked } = this;
		if (!file || !source || !checked) return '';
		const { headingRow, headings } = file.opened;
		const firstRow = headingRow === null ? 1 : headingRow + 2;
		const lines = await source.lines(headingRow);
		const format = csvFormatOf(deskCatalogue().locale);
		return toCsv(
			[
				[deskWords.people.row, ...headings],
				...checked.faultyRows.map((row) => [row, ...(lines[row - firstRow] ?? [])])
			],
			format
		);
	}

	/** Requests a preview, or applies it as seen. */
	async send(isApplied: boolean): Promise<void> {
		const { file, source, columns, report } = this;
		if (!file || !source || !columns) return;
		[this.isBusy, this.trouble] = [true, ''];
		this.key ||= crypto.randomUUID();
		const { headingRow, headings } = file.opened;
		const apply =
			isApplied && report
				? { key: this.key, added: report.added, changed: report.changed, ...this.moves }
				: null;
		const response = await fetch('/desk/people/import', {
			method: 'POST',
			headers: { 'content-type': 'application/x-ndjson' },
			// A header, and a line for each row: the server reads it while it arrives, so it holds nobody up.
			body: [
				{
					columns,
					firstRow: headingRow === null ? 1 : headingRow + 2,
					headings: headingRow === null ? '' : headingsKey(headings),
					leaveOut: this.leaveOut,
					renames: this.renames,
					apply
				},
				...(await source.lines(headingRow))
			]
				.map((line) => JSON.stringify(line))
				.join('\n')
		}).catch(() => null);
		this.isBusy = false;
		if (!response) {
			this.trouble = deskWords.people.importNotReached;
			return;
		}
		const body: unknown = await response.json();
		if (response.ok) {
			this.report = body as ImportReport;
			// The list of imports, which may be undone.
			if (isApplied) await refreshPage();
		} else {
			this.trouble = (body as { message: string }).message;
			this.report = null;
		}
		if (isApplied) this.key = '';
	}

	end = () => this.source?.end();
}
