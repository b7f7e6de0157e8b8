import { getPosition } from 'suncalc';

/** The sun's position. */
export interface SunPosition {
	/** Degrees clockwise from north. */
	readonly azimuthDeg: number;
	/** Apparent altitude above the horizon, degrees, including refraction; negative at night. */
	readonly altitudeDeg: number;
}

/** A place on Earth, degrees: north and east are positive. */
export interface GeoPosition {
	readonly latitudeDeg: number;
	readonly longitudeDeg: number;
}

/** The sun's position at a moment (milliseconds since 1970 UTC), by the library `suncalc`. */
export function sunPosition(atMs: number, { latitudeDeg, longitudeDeg }: GeoPosition): SunPosition {
	const { azimuth, altitude } = getPosition(new Date(atMs), latitudeDeg, longitudeDeg);
	return { azimuthDeg: azimuth, altitudeDeg: altitude };
}
