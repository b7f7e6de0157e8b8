import {
	NEIGHBOUR_GAP_MM as GAP,
	oppositeSide,
	type DeskThing,
	type Placement,
	type DeskSide
} from './placed-thing';

/** An A4 document stand, and a lamp's foot, width and depth, mm. Our working assumptions. */
const SIZE = { papers: [297, 210], lamp: [150, 150] } as const;

/** The document stand is slightly farther than the screen, clear of the mouse, and turned in, mm and degrees. Our assumption. */
const PAPERS_FARTHER_MM = 40;
const PAPERS_TURNED_DEG = 25;

function outerEdge(screens: readonly Placement[], side: DeskSide): number {
	const reach = ({ at, size, turnedDeg }: Placement) =>
		side * at.x + (size[0] / 2) * Math.cos((turnedDeg * Math.PI) / 180);
	return Math.max(0, ...screens.map(reach));
}

/**
 * Places the document stand by the screen, and the lamp on the side away from the writing hand. A second screen takes one side, so the
 * papers go to the other. Common practice.
 * @param screens the screens in their places, in any order; none for an empty desk
 */
export function placePaperThings(
	things: readonly DeskThing[],
	screens: readonly Placement[],
	writing: DeskSide
): Placement[] {
	const farY = Math.max(0, ...screens.map(({ at }) => at.y));
	const away = oppositeSide(writing);
	const writingSideTaken = screens.some(({ at }) => Math.sign(at.x) === writing && screens.length > 1);
	const side = writingSideTaken ? away : writing;
	const placed: Placement[] = [];
	let lampFrom = outerEdge(screens, away);
	if (things.includes('papers')) {
		const x = side * (outerEdge(screens, side) + GAP + SIZE.papers[0] / 2);
		const turnedDeg = side * PAPERS_TURNED_DEG;
		placed.push({ name: 'papers', at: { x, y: farY + PAPERS_FARTHER_MM }, size: SIZE.papers, turnedDeg });
		if (side === away) lampFrom += GAP + SIZE.papers[0];
	}
	if (things.includes('lamp')) {
		const x = away * (lampFrom + GAP + SIZE.lamp[0] / 2);
		placed.push({ name: 'lamp', at: { x, y: farY }, size: SIZE.lamp, turnedDeg: 0 });
	}
	return placed;
}
