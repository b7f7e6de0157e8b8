import type { RegionReport } from '$lib/core/cases/discomfort/report';
import type { Catalogue } from './shapes';

type Place = Pick<RegionReport, 'region' | 'side'>;

function withSide(name: string, side: Place['side'], t: Catalogue): string {
	if (side === null) return name;
	return side === 'both' ? t.discomfort.bothSides(name) : t.discomfort.sided(name, side);
}

/** A body region with its side, as a label. */
export const regionWords = ({ region, side }: Place, t: Catalogue): string =>
	withSide(t.discomfort.places[region], side, t);

/** A body region with its side, within a sentence. */
export const regionWithin = ({ region, side }: Place, t: Catalogue): string =>
	withSide(t.discomfort.placesWithin[region], side, t);
