import { bodyOf } from '../body';
import {
	bodyHeights,
	certaintyOf,
	checkCorner,
	setUpAsMeasured,
	type Certainties,
	type CheckId,
	type CheckResult
} from '../checks';
import type { Corner } from '../corner';
import { forearmsOnSurface } from '../guidance';
import { setUpAfter, type Plan } from '../plan';
import type { DrawnAs } from './drawn-as';
import { figureOf, type Figure } from './figure';
import { furnitureOf, gazeBelowLevel, type Furniture } from './furniture';
import type { Box, Point } from './geometry';
import { setUpReMeasured, type ReMeasured } from './re-measured';
import { postureAngles, postureOf, type Posture, type PostureAngles } from './posture';

/** Heights that a section shows as levels. */
export type LevelName = 'eye' | 'elbow' | 'seat';

/** A height that is carried to the rail, mm above the floor. */
export interface Level {
	readonly name: LevelName;
	readonly y: number;
}

/** A gap that is dimensioned where it is: from the height it should meet to the height it has. As long as its check's value. */
export interface Gap {
	readonly check: Exclude<CheckId, 'thigh'>;
	/** What is compared: an elbow with the keys or, with the forearms carried by the table, with that. */
	readonly against: 'keys' | 'table' | 'eye' | 'knee';
	readonly from: Point;
	readonly to: Point;
}

/** The side view of one person at one corner, before or after a plan. All of it computed, in mm; nothing is decoration. */
export interface Section {
	readonly posture: 'sitting' | 'standing';
	readonly drawnAs: DrawnAs;
	readonly figure: Figure;
	readonly joints: readonly Point[];
	readonly furniture: Furniture;
	readonly eye: Point;
	readonly levels: readonly Level[];
	readonly gaps: readonly Gap[];
	readonly angles: PostureAngles & { readonly gazeBelowLevel: number };
	readonly checks: readonly CheckResult[];
	/** What would make each of them surer. */
	readonly certainty: Certainties;
	/** The smallest box that holds all of it. */
	readonly extent: Box;
}

function gapsOf(
	corner: Corner,
	furniture: Furniture,
	section: Pick<Section, 'levels' | 'checks'>,
	p: Posture
): Gap[] {
	const level = (name: Level['name']) => section.levels.find((l) => l.name === name)?.y ?? 0;
	const { surface, screen } = furniture;
	const open = section.checks.filter((check) => check.verdict !== 'fits');
	return open.flatMap(({ id, value }): Gap[] => {
		if (id === 'elbow') {
			const [x, y] = [surface.x - 28, level('elbow')];
			const against = forearmsOnSurface(corner) ? 'table' : 'keys';
			return [{ check: id, against, from: { x, y }, to: { x, y: y - value } }];
		}
		if (id === 'eye') {
			const [x, y] = [screen.top.x + 48, level('eye')];
			return [{ check: id, against: 'eye', from: { x, y }, to: { x, y: y + value } }];
		}
		if (id === 'knee') {
			const x = p.knee.x + 0.06 * p.stature;
			return [{ check: id, against: 'knee', from: { x, y: p.seatY }, to: { x, y: p.seatY - value } }];
		}
		return [];
	});
}

function extentOf({ body, arm }: Figure, { seat, surface, screen, pieces }: Furniture): Box {
	const xs = [...body, ...arm, screen.top, ...(seat?.back ?? [])].map((p) => p.x);
	const ys = [...body, screen.top].map((p) => p.y);
	const left = Math.min(...xs, seat?.slab.x ?? 0, ...pieces.map((p) => p.x)) - 20;
	const right = Math.max(...xs, surface.x + surface.width, ...pieces.map((p) => p.x + p.width)) + 70;
	return { x: left, y: 0, width: right - left, height: Math.max(...ys) + 30 };
}

/**
 * The section of a corner.
 *
 * @param plan the plan that is carried out, or null for the corner as it was measured
 * @param again what was measured again once the plan was carried out
 * @param drawnAs how the person wants to be drawn
 */
export function sectionOf(
	corner: Corner,
	plan: Plan | null,
	again: ReMeasured | null = null,
	drawnAs: DrawnAs = 'standard'
): Section {
	const body = bodyOf(corner);
	const planned = plan ? setUpAfter(corner, plan) : setUpAsMeasured(corner);
	const setUp = again ? setUpReMeasured(again, planned) : planned;
	const posture = postureOf(corner, body, setUp);
	const furniture = furnitureOf(corner, posture, setUp, plan);
	const figure = figureOf(posture, drawnAs);
	const checks = checkCorner(corner, setUp, body);
	const { elbow, eye } = bodyHeights(corner, body, setUp);
	const levels: Level[] = [
		{ name: 'eye', y: eye },
		{ name: 'elbow', y: elbow },
		...(posture.standing ? [] : [{ name: 'seat' as const, y: posture.seatY }])
	];
	return {
		posture: corner.spot.posture,
		drawnAs,
		figure,
		joints: [posture.shoulder, posture.elbow, posture.wrist, posture.hip, posture.knee, posture.ankle],
		furniture,
		eye: posture.eye,
		levels,
		checks,
		certainty: certaintyOf(corner, checks, body),
		gaps: gapsOf(corner, furniture, { levels, checks }, posture),
		angles: { ...postureAngles(posture), gazeBelowLevel: gazeBelowLevel(posture, furniture.screen) },
		extent: extentOf(figure, furniture)
	};
}
