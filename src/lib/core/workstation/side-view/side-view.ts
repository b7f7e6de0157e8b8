import type { DrawnLevelName } from './drawn-levels';
import { bodyOf } from '../../body/body-length';
import { bodyHeights, type CheckId } from '../checks/check-values';
import { measurementGainOf, type MeasurementGains } from '../checks/measure-next';
import { checkCorner, type CheckResult } from '../checks/check-corner';
import { setUpAsMeasured } from '../checks/set-up';
import { seatKindOf } from '../corner/seat-kinds';
import type { Corner } from '../corner/corner';
import { forearmsOnSurface } from '../../body/guidance/sitting-styles';
import { plannedDistance } from '../../plan/situation-after';
import { setUpAfter, type Plan } from '../../plan/plan-corner';
import { viewingDistanceWith } from '../../body/sight/viewing-distance';
import type { DrawingStyle } from './drawing-style';
import { figureOutline, type FigureOutline } from './figure-outline';
import { drawnFurniture, drawnGazeAngle, type DrawnFurniture } from './drawn-furniture';
import type { Rectangle, Point } from './geometry';
import { postureOnOneKnee, stoolUnder } from './one-knee';
import { setUpFromRemeasured, type RemeasuredHeights } from './remeasured-heights';
import { postureAngles, postureOf, type Posture, type PostureAngles } from './posture';

/** A height drawn across to the scale, mm above the floor. */
export interface DrawnLevel {
	readonly name: DrawnLevelName;
	readonly y: number;
}

/** Where a height is good: from the lower to the upper end of a check's range, drawn next to what it is compared with. */
interface GoodZone {
	readonly check: Exclude<CheckId, 'thigh'>;
	/** Horizontal position, mm from the back. */
	readonly x: number;
	/** Ends of the zone, mm above the floor. */
	readonly bottom: number;
	readonly top: number;
}

/** A gap dimensioned in place: from the nearer end of the good zone to the actual height. Its length is the number shown. */
export interface DrawnGap {
	readonly check: GoodZone['check'];
	/** What is compared: an elbow with the keyboard or, with forearms resting on it, the table. */
	readonly against: 'keys' | 'table' | 'eye' | 'knee';
	/** The end of the range where the value lies. */
	readonly side: 'low' | 'high';
	readonly from: Point;
	readonly to: Point;
}

/** The side view of one person at one workstation, before or after a plan. Everything is computed, in mm; nothing is decoration. */
export interface SideView {
	readonly posture: 'sitting' | 'standing';
	readonly drawnAs: DrawingStyle;
	readonly figure: FigureOutline;
	readonly joints: readonly Point[];
	readonly furniture: DrawnFurniture;
	readonly eye: Point;
	readonly levels: readonly DrawnLevel[];
	readonly zones: readonly GoodZone[];
	readonly gaps: readonly DrawnGap[];
	readonly angles: PostureAngles & { readonly gazeBelowLevel: number };
	readonly checks: readonly CheckResult[];
	/** What would make each check more certain. */
	readonly certainty: MeasurementGains;
	/** The stool that one knee rests on; null where both feet are on the floor. */
	readonly stool: Rectangle | null;
	/** The smallest box that contains everything. */
	readonly extent: Rectangle;
}

/** What a check compares, as heights: the position, the actual height, and the heights for the values 0 and 1. */
interface Compared {
	readonly check: CheckResult & { readonly id: GoodZone['check'] };
	readonly x: number;
	readonly y: number;
	/** The height at which the check would have this value. */
	readonly at: (value: number) => number;
}

function comparedOf(
	furniture: DrawnFurniture,
	section: Pick<SideView, 'levels' | 'checks'>,
	p: Posture
): Compared[] {
	const level = (name: DrawnLevel['name']) => section.levels.find((l) => l.name === name)?.y ?? 0;
	const { surface, screen } = furniture;
	return section.checks.flatMap((check): Compared[] => {
		const { value } = check;
		if (check.id === 'elbow') {
			const at = (v: number) => level('elbow') - v;
			return [{ check: { ...check, id: check.id }, x: surface.x - 28, y: at(value), at }];
		}
		if (check.id === 'eye') {
			const at = (v: number) => level('eye') + v;
			return [{ check: { ...check, id: check.id }, x: screen.top.x + 48, y: at(value), at }];
		}
		if (check.id === 'knee') {
			const at = (v: number) => p.seatY - value + v;
			return [{ check: { ...check, id: check.id }, x: p.knee.x + 0.06 * p.stature, y: p.seatY, at }];
		}
		return [];
	});
}

function zoneOf({ check, x, at }: Compared): GoodZone {
	const ends = [at(check.low), at(check.high ?? check.low)];
	return { check: check.id, x, bottom: Math.min(...ends), top: Math.max(...ends) };
}

function gapsOf(corner: Corner, compared: readonly Compared[]): DrawnGap[] {
	return compared.flatMap(({ check, x, y, at }): DrawnGap[] => {
		const { id, value, low, high, verdict } = check;
		const side = value < low ? 'low' : high !== null && value > high ? 'high' : null;
		if (side === null || verdict === 'fits') return [];
		const against = id === 'elbow' ? (forearmsOnSurface(corner) ? 'table' : 'keys') : id;
		const end = side === 'low' ? low : (high ?? low);
		return [{ check: id, against, side, from: { x, y: at(end) }, to: { x, y } }];
	});
}

function extentOf(
	{ body, arm, farLeg }: FigureOutline,
	stool: Rectangle | null,
	{ seat, surface, screen, pieces }: DrawnFurniture
): Rectangle {
	const xs = [...body, ...arm, ...(stool ? farLeg : []), screen.top, ...(seat?.back ?? [])].map((p) => p.x);
	const ys = [...body, screen.top].map((p) => p.y);
	const left = Math.min(...xs, seat?.slab.x ?? 0, stool?.x ?? 0, ...pieces.map((p) => p.x)) - 20;
	const right = Math.max(...xs, surface.x + surface.width, ...pieces.map((p) => p.x + p.width)) + 70;
	return { x: left, y: 0, width: right - left, height: Math.max(...ys) + 30 };
}

/**
 * The side view of a workstation.
 * @param plan the plan carried out, or null for the workstation as measured
 * @param again what was measured again after the plan
 * @param wanted how the person wants to be drawn
 * @param stoolMm height of a stool that one knee rests on, mm; standing only
 */
export function sideViewOf(
	corner: Corner,
	plan: Plan | null,
	again: RemeasuredHeights | null = null,
	wanted: DrawingStyle = 'standard',
	stoolMm: number | null = null
): SideView {
	// Someone who sits in a wheelchair is drawn in one, and so is someone who chose it before seats had a type.
	const drawnAs = seatKindOf(corner) === 'wheelchair' ? 'wheelchair' : wanted;
	const body = bodyOf(corner);
	const planned = plan ? setUpAfter(corner, plan) : setUpAsMeasured(corner);
	const setUp = again ? setUpFromRemeasured(corner, again, planned) : planned;
	const posture = postureOf(corner, body, setUp);
	const distanceMm = plan ? plannedDistance(corner, plan).mm : viewingDistanceWith(corner, setUp, body);
	const furniture = drawnFurniture(corner, posture, setUp, plan, distanceMm);
	const stool = stoolMm === null || !posture.standing ? null : stoolUnder(posture, stoolMm);
	const figure = stool
		? postureOnOneKnee(figureOutline(posture, drawnAs), posture, stool)
		: figureOutline(posture, drawnAs);
	const checks = checkCorner(corner, setUp, body);
	const { elbow, eye } = bodyHeights(corner, body, setUp);
	const levels: DrawnLevel[] = [
		{ name: 'eye', y: eye },
		{ name: 'elbow', y: elbow },
		...(posture.standing ? [] : [{ name: 'seat' as const, y: posture.seatY }])
	];
	const compared = comparedOf(furniture, { levels, checks }, posture);
	return {
		posture: corner.spot.posture,
		drawnAs,
		figure,
		joints: [posture.shoulder, posture.elbow, posture.wrist, posture.hip, posture.knee, posture.ankle],
		furniture,
		eye: posture.eye,
		levels,
		checks,
		certainty: measurementGainOf(corner, checks, body),
		zones: compared.map(zoneOf),
		gaps: gapsOf(corner, compared),
		angles: { ...postureAngles(posture), gazeBelowLevel: drawnGazeAngle(posture, furniture.screen) },
		stool,
		extent: extentOf(figure, stool, furniture)
	};
}
