/**
 * Body regions for which discomfort is reported, from the head down: the nine of Kuorinka et al. 1987, Applied Ergonomics 18:233 (from
 * memory), plus head and eyes, which screen work affects.
 */
export const REGIONS = [
	'head',
	'eyes',
	'neck',
	'shoulder',
	'upper-back',
	'elbow',
	'wrist-hand',
	'low-back',
	'hip-thigh',
	'knee',
	'ankle-foot'
] as const;

/** One region; see {@link REGIONS}. */
export type Region = (typeof REGIONS)[number];

/** Regions with a left and a right side. */
export const SIDED_REGIONS = [
	'shoulder',
	'elbow',
	'wrist-hand',
	'hip-thigh',
	'knee',
	'ankle-foot'
] as const satisfies readonly Region[];

/** The sides that can be reported for them. */
export const BODY_SIDES = ['left', 'right', 'both'] as const;

/** Which side; null for a region that has none. */
export type BodySide = (typeof BODY_SIDES)[number] | null;

/** Whether a region has sides. */
export function hasSides(region: Region): boolean {
	return (SIDED_REGIONS as readonly Region[]).includes(region);
}
