import {
	NEIGHBOUR_GAP_MM as GAP,
	oppositeSide,
	type DeskThing,
	type Placement,
	type DeskSide
} from './placed-thing';

/** Room for the palms in front of the keyboard, mm. Our working assumption. */
const PALM_ROOM_MM = 70;

/** Sizes of what the hands use, width and depth, mm; for the mouse, of its mat. Our assumption. */
const SIZE = { mouse: [200, 180], phone: [160, 180], cup: [90, 90] } as const;

/** How far phone and cup lie behind the keyboard's row, mm, out of the way of the arm. Our assumption. */
const BEHIND_ROW_MM = { phone: 60, cup: 120 } as const;

/** What the hands use on a desk, and on which side. */
export interface HandThings {
	/** Longer and shorter side, mm. */
	readonly keyboard: readonly [number, number];
	/** Side of the mouse; null for a touchpad. */
	readonly mouse: DeskSide | null;
	/** Side of the writing hand: it stays free while the other one holds the phone. */
	readonly writing: DeskSide;
	readonly things: readonly DeskThing[];
}

/**
 * Places keyboard, mouse, phone and cup.
 * @param edgeMm the desk's front edge, in front of the shoulders
 */
export function placeHandThings(
	{ keyboard, mouse, writing, things }: HandThings,
	edgeMm: number
): Placement[] {
	const [long, short] = [Math.max(...keyboard), Math.min(...keyboard)];
	const row = edgeMm + PALM_ROOM_MM + short / 2;
	const away = oppositeSide(writing);
	const placed: Placement[] = [{ name: 'keyboard', at: { x: 0, y: row }, size: [long, short], turnedDeg: 0 }];
	/** Outer edge of what already lies on each side. */
	const outer = { [1]: long / 2, [-1]: long / 2 };
	const put = (name: 'mouse' | 'phone' | 'cup', side: DeskSide, behind: number) => {
		const size = SIZE[name];
		const x = side * (outer[side] + GAP + size[0] / 2);
		placed.push({ name, at: { x, y: row + behind }, size, turnedDeg: 0 });
		outer[side] += GAP + size[0];
	};
	if (mouse !== null) put('mouse', mouse, 0);
	if (things.includes('phone')) put('phone', away, BEHIND_ROW_MM.phone);
	if (things.includes('cup')) put('cup', away, BEHIND_ROW_MM.cup);
	return placed;
}
