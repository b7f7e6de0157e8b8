import type { FaultGroup, RosterFault } from './roster-fields';

/** Texts shown of a kind of fault, and rows of each. */
const [MOST_TEXTS, MOST_ROWS] = [8, 12];

/** Faults by kind and column, the most frequent first: what is wrong in four hundred rows is often one thing. */
export function groupFaults(faults: readonly RosterFault[]): FaultGroup[] {
	const groups = new Map<string, Map<string, RosterFault[]>>();
	for (const fault of faults) {
		const kind = `${fault.code} ${fault.field}`;
		const texts = groups.get(kind) ?? new Map<string, RosterFault[]>();
		groups.set(kind, texts);
		texts.set(fault.text, [...(texts.get(fault.text) ?? []), fault]);
	}
	return [...groups.values()]
		.flatMap((texts): FaultGroup[] => {
			const lists = [...texts.values()].sort((a, b) => b.length - a.length);
			const fault = lists[0]?.[0];
			if (!fault) return [];
			return [
				{
					field: fault.field,
					code: fault.code,
					count: lists.reduce((sum, { length }) => sum + length, 0),
					texts: lists.slice(0, MOST_TEXTS).flatMap((same) => {
						const [first] = same;
						const rows = same.slice(0, MOST_ROWS).map(({ row }) => row);
						return first ? [{ fault: first, count: same.length, rows }] : [];
					}),
					more: Math.max(0, lists.length - MOST_TEXTS)
				}
			];
		})
		.sort((a, b) => b.count - a.count);
}
