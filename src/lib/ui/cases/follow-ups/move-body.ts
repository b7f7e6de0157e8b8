import type { FollowUpBoardLine } from './board-line';

/**
 * The form that moves a follow-up to another day.
 * @param key makes it one act, however often it is sent
 */
export function moveBody(line: FollowUpBoardLine, to: string, key: string): Readonly<Record<string, string>> {
	return {
		key,
		person: line.personId,
		kind: line.kind,
		due: to,
		reason: line.reason,
		version: String(line.version)
	};
}
