import type { PicturePoint } from './marks';

/**
 * A camera before the upright plane that its picture is about: x along that plane, y up, z towards the camera, mm, from the point of the
 * plane straight before the camera.
 */
export interface Camera {
	/** Turned to the side, and tilted down, rad. */
	readonly yaw: number;
	readonly pitch: number;
	/** Held askew, rad. */
	readonly roll: number;
	/** From the plane, mm. */
	readonly distanceMm: number;
	/** Focal length in pixels. */
	readonly focalPx: number;
	/** How far the lens bends straight lines: the radius grows by this share of its square, both as tangents. */
	readonly distortion: number;
	/** The middle of the picture, px. */
	readonly centre: PicturePoint;
}

/** A point before the camera, mm. */
export interface SpacePoint {
	readonly x: number;
	readonly y: number;
	readonly z: number;
}

/** Turns a direction of the room into the camera's. */
function turn({ yaw, pitch, roll }: Camera, { x, y, z }: SpacePoint): SpacePoint {
	const x1 = x * Math.cos(yaw) + z * Math.sin(yaw);
	const z1 = z * Math.cos(yaw) - x * Math.sin(yaw);
	const y2 = y * Math.cos(pitch) - z1 * Math.sin(pitch);
	const z2 = z1 * Math.cos(pitch) + y * Math.sin(pitch);
	return {
		x: x1 * Math.cos(roll) - y2 * Math.sin(roll),
		y: y2 * Math.cos(roll) + x1 * Math.sin(roll),
		z: z2
	};
}

/** Turns a direction of the camera's back into the room's. */
function turnBack({ yaw, pitch, roll }: Camera, { x, y, z }: SpacePoint): SpacePoint {
	const x2 = x * Math.cos(roll) + y * Math.sin(roll);
	const y2 = y * Math.cos(roll) - x * Math.sin(roll);
	const y1 = y2 * Math.cos(pitch) + z * Math.sin(pitch);
	const z1 = z * Math.cos(pitch) - y2 * Math.sin(pitch);
	return {
		x: x2 * Math.cos(yaw) - z1 * Math.sin(yaw),
		y: y1,
		z: z1 * Math.cos(yaw) + x2 * Math.sin(yaw)
	};
}

/** Where a point appears in the picture. It must be before the camera. */
export function pictureOf(camera: Camera, { x, y, z }: SpacePoint): PicturePoint {
	const seen = turn(camera, { x, y, z: z - camera.distanceMm });
	const [across, up] = [seen.x / -seen.z, seen.y / -seen.z];
	const bent = camera.focalPx * (1 + camera.distortion * (across ** 2 + up ** 2));
	return { x: camera.centre.x + bent * across, y: camera.centre.y - bent * up };
}

/** Rounds of undoing the lens: each leaves a hundredth of the error. */
const UNBEND_ROUNDS = 6;

/** The point at a depth that appears there in the picture: the inverse of {@link pictureOf}. @param z towards the camera, mm */
export function pointAtDepth(camera: Camera, { x, y }: PicturePoint, z: number): SpacePoint {
	const [bentAcross, bentUp] = [
		(x - camera.centre.x) / camera.focalPx,
		(camera.centre.y - y) / camera.focalPx
	];
	let [across, up] = [bentAcross, bentUp];
	for (let i = 0; i < UNBEND_ROUNDS; i += 1) {
		const bend = 1 + camera.distortion * (across ** 2 + up ** 2);
		[across, up] = [bentAcross / bend, bentUp / bend];
	}
	const ray = turnBack(camera, { x: across, y: up, z: -1 });
	const t = (z - camera.distanceMm) / ray.z;
	return { x: t * ray.x, y: t * ray.y, z };
}
