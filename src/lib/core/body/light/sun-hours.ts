import { angleBetween } from './window-angle';
import { sunPosition, type GeoPosition, type SunPosition } from './sun-position';

/** A window and the person next to it. Heights in mm above the floor. */
export interface SunnyWindow {
	/** Direction the window faces outwards, degrees clockwise from north. */
	readonly facesDeg: number;
	/** Direction of the person's line of sight, degrees clockwise from north. */
	readonly sightDeg: number;
	/** Lower and upper edge of the glass. */
	readonly sill: number;
	readonly head: number;
	/** From the pane to the person and screen, perpendicular to the pane, mm. */
	readonly away: number;
	/** Height that the sun must reach: midway between eye and screen. */
	readonly target: number;
}

/** What the sun shines on. */
export type SunGlare = 'face' | 'screen';

/** Minutes after midnight, from and to. */
export type MinuteRange = readonly [fromMin: number, toMin: number];

/** The sun on the middle day of a month, in minutes after local midnight. */
export interface MonthlySun {
	/** 1 to 12. */
	readonly month: number;
	readonly face: readonly MinuteRange[];
	readonly screen: readonly MinuteRange[];
}

/** Sampling interval, minutes: the start and end of a spell are known to within one step. */
const SUN_STEP_MIN = 10;

/** At a flatter angle to the wall than this, only the window frame is lit, degrees. Our working assumption. */
const WIDEST_SLANT_DEG = 75;

/** Below this altitude the sun is behind houses and hedges, degrees. Our working assumption. */
const LOWEST_SUN_DEG = 3;

const MINUTES_A_DAY = 24 * 60;
const MIDDLE_DAY = 15;

/**
 * What the sun shines on through a window: the face if it comes from in front, the screen if from behind, nothing if the beam does not
 * enter or passes above or below. The beam drops by `away * tan(altitude) / cos(slant)` between the pane and the person, so it reaches the
 * target if the height it started from lies between sill and head.
 */
export function sunGlareAt(sun: SunPosition, window: SunnyWindow): SunGlare | null {
	const slant = angleBetween(sun.azimuthDeg, window.facesDeg);
	if (sun.altitudeDeg < LOWEST_SUN_DEG || slant > WIDEST_SLANT_DEG) return null;
	const rad = Math.PI / 180;
	const falls = (window.away * Math.tan(sun.altitudeDeg * rad)) / Math.cos(slant * rad);
	const startsAt = window.target + falls;
	if (startsAt < window.sill || startsAt > window.head) return null;
	return angleBetween(sun.azimuthDeg, window.sightDeg) < 90 ? 'face' : 'screen';
}

function spells(met: readonly (SunGlare | null)[], wanted: SunGlare): MinuteRange[] {
	const found: [number, number][] = [];
	met.forEach((meets, i) => {
		if (meets !== wanted) return;
		const from = i * SUN_STEP_MIN;
		const last = found.at(-1);
		if (last && last[1] === from) last[1] = from + SUN_STEP_MIN;
		else found.push([from, from + SUN_STEP_MIN]);
	});
	return found;
}

/**
 * The hours at which the sun shines on face or screen on the 15th of each month, under a clear sky. Cost: 12 x 144 sun positions, about 2
 * ms.
 * @param year the year; it hardly matters
 * @param utcOffsetMin minutes by which local time is ahead of UTC in each month, January first: the caller knows about daylight saving
 */
export function monthlySunHours(
	place: GeoPosition,
	window: SunnyWindow,
	year: number,
	utcOffsetMin: readonly number[]
): MonthlySun[] {
	return Array.from({ length: 12 }, (_, i) => {
		const midnight = Date.UTC(year, i, MIDDLE_DAY) - (utcOffsetMin[i] ?? 0) * 60_000;
		const met = Array.from({ length: MINUTES_A_DAY / SUN_STEP_MIN }, (_, step) =>
			// The middle of a step stands for the whole step.
			sunGlareAt(sunPosition(midnight + (step + 0.5) * SUN_STEP_MIN * 60_000, place), window)
		);
		return { month: i + 1, face: spells(met, 'face'), screen: spells(met, 'screen') };
	});
}

/** Total length of some spells, hours. */
export function totalHours(list: readonly MinuteRange[]): number {
	return list.reduce((sum, [from, to]) => sum + to - from, 0) / 60;
}
