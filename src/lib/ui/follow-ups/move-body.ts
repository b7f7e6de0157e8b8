import type { BoardLine } from './board-line';

/** The form that carries a follow-up to another day; its key makes it one act, however often it is sent. */
export function moveBody(line: BoardLine, to: string): URLSearchParams {
	return new URLSearchParams({
		key: crypto.randomUUID(),
		person: line.personId,
		kind: line.kind,
		due: to,
		reason: line.reason,
		version: String(line.version)
	});
}
