import type { ColumnMap } from '$lib/core/people/exchange/roster-fields';
import type { CheckedRoster, OpenedRoster, RosterQuestion } from '../../workers/roster-worker';

/** A roster file in a worker of its own: a long one is read while the page stays responsive. */
export class RosterFile {
	private readonly worker = new Worker(new URL('../../workers/roster-worker.ts', import.meta.url), {
		type: 'module'
	});
	private readonly waiting = new Map<
		number,
		{ resolve: (given: unknown) => void; reject: (fault: Error) => void }
	>();
	private asked = 0;

	constructor() {
		this.worker.onmessage = ({ data }: MessageEvent<{ id: number; given?: unknown; fault?: string }>) => {
			const waits = this.waiting.get(data.id);
			this.waiting.delete(data.id);
			if (data.fault === undefined) waits?.resolve(data.given);
			else waits?.reject(new Error(data.fault));
		};
	}

	private ask<T>(asked: RosterQuestion): Promise<T> {
		const id = (this.asked += 1);
		return new Promise<T>((resolve, reject) => {
			this.waiting.set(id, { resolve: (given) => resolve(given as T), reject });
			this.worker.postMessage({ id, asked });
		});
	}

	/** @returns null where the file holds no table */
	open = (file: File) => this.ask<OpenedRoster | null>({ kind: 'open', file });
	/** The same with its headings in another row, from 0, or without any. */
	arrange = (headingRow: number | null) => this.ask<OpenedRoster | null>({ kind: 'arrange', headingRow });
	check = (headingRow: number | null, columns: ColumnMap) =>
		this.ask<CheckedRoster>({ kind: 'check', headingRow, columns });
	lines = (headingRow: number | null) =>
		this.ask<readonly (readonly string[])[]>({ kind: 'lines', headingRow });
	end = () => this.worker.terminate();
}
