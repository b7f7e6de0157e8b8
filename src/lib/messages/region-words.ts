import type { RegionReport } from '$lib/core/discomfort';
import type { Catalogue } from './index';

/** A body region with its side, as a label. */
export function regionWords({ region, side }: Pick<RegionReport, 'region' | 'side'>, t: Catalogue): string {
	const name = t.discomfort.places[region];
	if (side === null) return name;
	return side === 'both' ? t.discomfort.bothSides(name) : t.discomfort.sided(name, side);
}
