import { checkCorner, type CheckResult } from '../checks/check-corner';
import { forearmsOnSurface } from '../../body/guidance/sitting-styles';
import { checksClosedBy, isCheckOpen, type VariantBase } from './variant-base';
import type { Variant } from './variant';

/** Layers of a towel folded in half, under a keyboard on the lap. */
const LAYERS = 2;
const LEFT_OF_FOLD = 0.8;

/** The elbow check with the keyboard on the lap: it rests on the thigh, and on a towel if there is one. */
function onLap({ corner, setUp, body }: VariantBase, towelMm: number): CheckResult | null {
	const lap = setUp.seat + setUp.pads + body.thigh.mm + towelMm;
	const { spot } = corner;
	// On the lap, a tray under the table no longer carries it.
	const offTray = { ...corner, spot: { ...spot, keys: { ...spot.keys, tray: null } } };
	return (
		checkCorner(offTray, { ...setUp, keys: lap - setUp.surface }).find(({ id }) => id === 'elbow') ?? null
	);
}

/**
 * The keyboard on the lap: where the table is too high for the hands, and only if the range of the sitting style allows it. Common practice
 * for the style "open".
 */
export function keyboardOnLap(base: VariantBase): Variant | null {
	const { facts, corner, answers, left } = base;
	const canBe =
		facts.posture === 'sitting' &&
		facts.keys === 'separate' &&
		(facts.seat === 'chair' || facts.seat === 'stool') &&
		facts.armrest === 'no' &&
		!forearmsOnSurface(corner) &&
		answers.lap !== 'would-not';
	if (!canBe || !isCheckOpen(base, 'elbow', 'low')) return null;
	const towel = left.find(({ kind }) => kind === 'towel') ?? null;
	const towelMm = towel ? Math.round(LEFT_OF_FOLD * LAYERS * towel.size[2]) : 0;
	const elbow = onLap(base, towelMm);
	if (!elbow || elbow.verdict !== 'fits') return null;
	return {
		id: 'keyboard-on-lap',
		labels: towel ? [towel.label] : [],
		numbers: { riseMm: towelMm },
		after: [elbow],
		closes: checksClosedBy(base, [elbow])
	};
}

/** The mouse on a side table at hand height: where the keyboard is on the lap, or the mouse has no room within reach. */
export function mouseOnSideTable(base: VariantBase): Variant | null {
	const { facts, corner, setUp, body, found, answers, after } = base;
	const lap = keyboardOnLap(base);
	const hasNoRoom = found.has('mouse-far') && answers['side-table'] === 'there-is-one';
	const elbow = lap?.after[0] ?? after.find(({ id }) => id === 'elbow');
	if (facts.mouse !== 'separate' || facts.posture !== 'sitting' || !elbow || (!lap && !hasNoRoom))
		return null;
	const level = setUp.seat + setUp.pads + body.sittingElbow.mm;
	const row = forearmsOnSurface(corner) ? 0 : corner.spot.keys.homeRow;
	return {
		id: 'mouse-on-side-table',
		labels: [],
		numbers: { fromMm: level - row - (elbow.high ?? elbow.low), toMm: level - row - elbow.low },
		after: [],
		closes: []
	};
}
