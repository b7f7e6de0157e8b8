import type { LengthFieldName } from '../../questionnaire/answers/fields';
import { point, type Rectangle, type Point } from './geometry';
import type { DrawnLevelName } from './drawn-levels';
import type { SideView } from './side-view';

/** A drawn dimension: from one point to another, vertical or horizontal, mm. */
export interface DrawnDimension {
	readonly name: LengthFieldName;
	readonly from: Point;
	readonly to: Point;
	readonly axis: 'up' | 'ahead';
	/** Whether it stands in front of what it measures; its number is then on the far side. */
	readonly isBeforeIt: boolean;
	/** The part of the drawing worth seeing around it. */
	readonly around: Rectangle;
}

/** How much of the drawing is shown next to a dimension, and how little above and below it, mm. */
const BESIDE_MM = 640;
const EDGE_MM = 150;
/** A dimension shorter than this is shown closer up, mm. */
const SHORT_MM = 120;
const NEAR_MM = 300;

/** A vertical dimension; `of` says on which side the measured part is. */
function up(
	name: LengthFieldName,
	x: number,
	from: number,
	to: number,
	of: 'behind' | 'ahead'
): DrawnDimension {
	const isShort = to - from < SHORT_MM;
	const beside = isShort ? NEAR_MM : BESIDE_MM;
	const high = Math.max(to - from + (isShort ? EDGE_MM : 2 * EDGE_MM), beside * 0.8);
	const low = Math.max(Math.min(-30, from - 20), (from + to) / 2 - high / 2);
	const left = of === 'ahead' ? x - EDGE_MM : x + EDGE_MM - beside;
	return {
		name,
		axis: 'up',
		from: point(x, from),
		to: point(x, to),
		isBeforeIt: of === 'behind',
		around: { x: left, y: low, width: beside, height: high }
	};
}

function ahead(name: LengthFieldName, y: number, from: number, to: number): DrawnDimension {
	const wide = Math.max(to - from + 2 * EDGE_MM, BESIDE_MM * 0.8);
	return {
		name,
		axis: 'ahead',
		from: point(from, y),
		to: point(to, y),
		isBeforeIt: false,
		around: { x: (from + to) / 2 - wide / 2, y: y - wide * 0.4, width: wide, height: wide * 0.8 }
	};
}

/** Dimensions of furniture and what stands on it. */
function ofFurniture(name: LengthFieldName, { furniture: f, eye }: SideView): DrawnDimension | null {
	const top = f.surface.y + f.surface.height;
	const far = f.surface.x + f.surface.width;
	const base = f.screen.foot.y;
	switch (name) {
		case 'surfaceHeight':
		case 'surfaceLow':
		case 'surfaceHigh':
			return up(name, far + 40, 0, top, 'behind');
		case 'surfaceThickness':
			return up(name, far + 40, f.surface.y, top, 'behind');
		case 'surfaceDepth':
			return ahead(name, f.surface.y - 60, f.surface.x, far);
		case 'topAboveBase':
		case 'screenLow':
		case 'screenHigh':
			return up(name, f.screen.top.x + 60, base, f.screen.top.y, 'behind');
		case 'visibleHeight':
			return up(name, f.screen.top.x + 60, f.screen.bottom.y, f.screen.top.y, 'behind');
		case 'baseShort':
		case 'baseLong':
			return ahead(name, base - 40, f.screen.foot.x, f.screen.foot.x + f.screen.foot.width);
		case 'distance':
			return ahead(name, eye.y + 70, eye.x, f.screen.middle.x);
		case 'homeRow':
			return f.keys ? up(name, f.keys.x - 40, top, f.keys.y + f.keys.height, 'ahead') : null;
		case 'keysShort':
		case 'keysLong':
			return f.keys ? ahead(name, f.keys.y + f.keys.height + 60, f.keys.x, f.keys.x + f.keys.width) : null;
		default:
			return null;
	}
}

/** Dimensions of the seat. */
function ofSeat(name: LengthFieldName, { furniture: { seat } }: SideView): DrawnDimension | null {
	if (!seat) return null;
	const { x, y, width, height } = seat.slab;
	const top = y + height;
	switch (name) {
		case 'seatHeight':
		case 'seatLow':
		case 'seatHigh':
			return up(name, x - 70, 0, top, 'ahead');
		case 'seatDepth':
			return ahead(name, top + 150, 0, x + width);
		case 'armrestHeight':
			return up(name, x + width * 0.4, top, top + 220, 'ahead');
		default:
			return null;
	}
}

/** Dimensions of the person, between the levels that the checks use. */
function ofPerson(name: LengthFieldName, section: SideView): DrawnDimension | null {
	const level = (of: DrawnLevelName) => section.levels.find((one) => one.name === of)?.y ?? 0;
	const [shoulder, elbow, , , knee, ankle] = section.joints;
	if (!shoulder || !elbow || !knee || !ankle) return null;
	const seat = level('seat');
	const behind = Math.min(...section.figure.body.map(({ x }) => x)) - 70;
	switch (name) {
		case 'popliteal':
			return up(name, knee.x + 110, soleOf(section), knee.y - 0.036 * heightOf(section), 'behind');
		case 'thigh':
			return up(name, (knee.x + shoulder.x) / 2, seat, seat + 150, 'ahead');
		case 'sittingElbow':
			return up(name, behind, seat, level('elbow'), 'ahead');
		case 'sittingEye':
			return up(name, behind, seat, level('eye'), 'ahead');
		case 'buttockPopliteal':
			return ahead(name, seat - 90, 0, knee.x - 40);
		case 'standingElbow':
			return up(name, behind, 0, level('elbow'), 'ahead');
		case 'standingEye':
			return up(name, behind, 0, level('eye'), 'ahead');
		case 'stature':
			return up(name, behind, 0, heightOf(section), 'ahead');
		default:
			return null;
	}
}

const heightOf = ({ figure }: SideView) => Math.max(...figure.body.map(({ y }) => y));
const soleOf = ({ figure }: SideView) => Math.min(...figure.body.map(({ y }) => y));

/** Where a length is in the drawing; null where the side view does not show it. */
export function drawnDimension(name: LengthFieldName, section: SideView): DrawnDimension | null {
	return ofPerson(name, section) ?? ofSeat(name, section) ?? ofFurniture(name, section);
}
