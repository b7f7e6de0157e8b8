/**
 * The ids of the copies of a household item: `b1`, `b1#2`, `b1#3`. Ids of copies count as used: an item called `b1#2` beside three of `b1`
 * is a duplicate.
 */
export function pieceIds(id: string, count: number): string[] {
	return Array.from({ length: count }, (_, i) => (i === 0 ? id : `${id}#${i + 1}`));
}
