import { getPosition } from 'suncalc';

/** Where the sun stands. */
export interface SunPosition {
	/** Degrees from north, clockwise. */
	readonly azimuthDeg: number;
	/** Degrees above the horizon as it is seen, with the bending of light in the air; below 0 it is night. */
	readonly altitudeDeg: number;
}

/** A place on the earth, degrees: north and east above 0. */
export interface GeoPosition {
	readonly latitudeDeg: number;
	readonly longitudeDeg: number;
}

/** The sun's position at a moment (milliseconds since 1970 UTC) by the library `suncalc`. */
export function sunPosition(atMs: number, { latitudeDeg, longitudeDeg }: GeoPosition): SunPosition {
	const { azimuth, altitude } = getPosition(new Date(atMs), latitudeDeg, longitudeDeg);
	return { azimuthDeg: azimuth, altitudeDeg: altitude };
}
