import { checkCorner } from '../checks/check-corner';
import { keyboardWedge } from '../desk/keyboard-wedge';
import { checksClosedBy, type VariantBase } from './variant-base';
import type { Variant } from './variant';

/** Findings that a slope away from the typist eases. Common practice. */
const EASED = ['troubled-wrists', 'wrist-bent-up', 'keyboard-feet-out'] as const;

/**
 * A ring binder under the keyboard, spine towards the typist, so that it slopes away from the hands: where the wrists call for it and the
 * height of the hands allows it.
 */
export function wedge(base: VariantBase): Variant | null {
	const { facts, corner, setUp, found, left, after } = base;
	const binder = left.find(({ kind }) => kind === 'binder');
	if (!binder || facts.keys !== 'separate' || !EASED.some((finding) => found.has(finding))) return null;
	const [spine = 0, depth = 0] = [...binder.size].sort((a, b) => a - b);
	const slope = keyboardWedge(spine, depth, Math.min(...corner.spot.keys.base));
	if (slope.state === 'steep') return null;
	const elbow = checkCorner(corner, { ...setUp, keys: setUp.keys + slope.homeRowRise }).find(
		({ id }) => id === 'elbow'
	);
	const before = after.find(({ id }) => id === 'elbow');
	// A slope that raises the keyboard out of range is no help.
	if (!elbow || (elbow.verdict !== 'fits' && before?.verdict === 'fits')) return null;
	if (elbow.value < elbow.low) return null;
	return {
		id: 'wedge',
		labels: [binder.label],
		numbers: { degrees: slope.tiltDeg, edgeMm: slope.nearEdgeRise, riseMm: slope.homeRowRise },
		after: [elbow],
		closes: checksClosedBy(base, [elbow])
	};
}
