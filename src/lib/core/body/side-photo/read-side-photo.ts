import { estimateBodyLength } from '../body-length';
import { HOLDING_STILL_SD } from '../method-uncertainty';
import type { Person } from '../../workstation/corner/corner';
import { FIGURE_PROPORTIONS } from '../../workstation/side-view/posture';
import { angleAt, distance, type Point } from '../../workstation/side-view/geometry';
import { pointAtDepth } from './camera';
import { ARM, ASIDE_OF_STATURE, DEPTH_SD_MM, SCALE_ASIDE_OF_STATURE } from './depths';
import { cameraAt, fitCamera, markSdPx, type CameraFit } from './fit-camera';
import { jacobian, type VectorFunction } from './least-squares';
import { PHOTO_JOINTS, type PhotoJoint, type PhotoMarks } from './marks';
import { PHOTO_ISSUES, type PhotoIssue, type PhotoValue, type SidePhotoReading } from './photo-values';

/** How exactly someone finds a joint on a clothed body, mm. Our working assumption. */
const PLACING_SD_MM = 4;

/** Half the cost per two degrees of freedom from which what was marked can't be what it is said to be. Our assumption. */
const UNLIKELY_COST = 12;

/** An upper arm farther from that of people of this stature cannot be right, in standard deviations. */
const UNLIKELY_SDS = 4;

const NEAREST_MM = 1200;
const MOST_TURNED_DEG = 20;

const DEG = 180 / Math.PI;

/** What a picture is read with: height without shoes and the soles, mm, and the sex. */
export type PhotoPerson = Pick<Person, 'stature' | 'heel' | 'sex'>;

const POINTS = [...PHOTO_JOINTS, 'floor', 'seat'] as const;
type PointName = (typeof POINTS)[number];

/** Angle of a line from the vertical, degrees, positive forwards. */
const lean = (from: Point, to: Point) => Math.atan2(to.x - from.x, to.y - from.y) * DEG;

/** How far the hand is bent up from the forearm, degrees. */
function bentUp(elbow: Point, wrist: Point, knuckle: Point): number {
	const forearm = Math.atan2(wrist.y - elbow.y, wrist.x - elbow.x);
	const hand = Math.atan2(knuckle.y - wrist.y, knuckle.x - wrist.x);
	const turned = (hand - forearm) * DEG;
	return turned > 180 ? turned - 360 : turned < -180 ? turned + 360 : turned;
}

/** All numbers by name, from points in the plane, mm. */
function numbersOf(
	at: Readonly<Record<PointName, Point>>,
	isSitting: boolean,
	person: Pick<Person, 'stature' | 'heel'>
) {
	const radius = FIGURE_PROPORTIONS.elbowRadius * person.stature;
	const upperArm = distance(at.shoulder, at.elbow);
	// As it would be with the upper arm hanging, which the checks rest on.
	const hanging = at.shoulder.y - upperArm - radius;
	const base = isSitting ? at.seat.y : at.floor.y + person.heel;
	return {
		neck: lean(at.neck, at.ear),
		'head-trunk': angleAt(at.shoulder, at.ear, at.hip),
		elbow: angleAt(at.elbow, at.shoulder, at.wrist),
		wrist: bentUp(at.elbow, at.wrist, at.knuckle),
		hip: angleAt(at.hip, at.shoulder, at.knee),
		knee: angleAt(at.knee, at.hip, at.ankle),
		eyeHeight: at.eye.y - at.floor.y,
		elbowHeight: at.elbow.y - radius - at.floor.y,
		seatHeight: at.seat.y - at.floor.y,
		eyeLength: at.eye.y - base,
		elbowLength: hanging - base,
		upperArm
	};
}

type Numbers = ReturnType<typeof numbersOf>;

/** Names of the numbers, in their order. */
const namesOf = (numbers: Numbers) => Object.keys(numbers) as (keyof Numbers)[];

/** The marked points in the plane by the camera, and by what is off in standard deviations: see {@link pointsOf}. */
type PointsAt = (at: readonly number[], off: readonly number[]) => Record<PointName, Point>;

/**
 * The marked points in the plane, mm, by the camera's parameters, and by what is off in standard deviations: the depth of the body, of the
 * arm, then each point's depth, x and y.
 */
function pointsOf(marks: PhotoMarks, { camera }: CameraFit, statureMm: number): PointsAt {
	const seen: Readonly<Record<PointName, Point>> = {
		...marks.joints,
		floor: marks.floor,
		seat: marks.seat ?? marks.floor
	};
	const facing = Math.sign(marks.joints.knuckle.x - marks.joints.shoulder.x) || 1;
	const pxMm = (markSdPx(marks) * camera.distanceMm) / camera.focalPx;
	const placedMm = Math.hypot(pxMm, PLACING_SD_MM);
	return (at, off) => {
		const seenBy = cameraAt(marks, at);
		const [body = 0, arm = 0] = off;
		const points = POINTS.map((name, i): [PointName, Point] => {
			const [depth = 0, dx = 0, dy = 0] = off.slice(2 + 3 * i, 5 + 3 * i);
			const z =
				(ASIDE_OF_STATURE[name] - SCALE_ASIDE_OF_STATURE) * statureMm +
				DEPTH_SD_MM.body * body +
				(ARM.has(name) ? DEPTH_SD_MM.arm * arm : 0) +
				DEPTH_SD_MM.point * depth;
			const { x, y } = pointAtDepth(seenBy, seen[name], z);
			return [name, { x: facing * x + placedMm * dx, y: y + placedMm * dy }];
		});
		return Object.fromEntries(points) as Record<PointName, Point>;
	};
}

/** What speaks against the marks. */
function issuesOf({ cost, camera }: CameraFit, person: PhotoPerson, upperArm: PhotoValue): PhotoIssue[] {
	const arm = estimateBodyLength(person, 'shoulderElbow');
	const issues: Readonly<Record<PhotoIssue, boolean>> = {
		scale: cost > UNLIKELY_COST,
		'upper-arm': Math.abs(upperArm.value - arm.mm) > UNLIKELY_SDS * Math.hypot(arm.sd, upperArm.sd),
		'too-near': camera.distanceMm < NEAREST_MM,
		turned: Math.abs(camera.yaw) * DEG > MOST_TURNED_DEG
	};
	return PHOTO_ISSUES.filter((issue) => issues[issue]);
}

/**
 * Reads angles, heights and body lengths from what was marked in a picture taken from the side. The camera is the most probable one
 * (`fitCamera`); each point is put at its usual depth on a body of this stature, and every number has the standard deviation that follows
 * from the camera's, the depths', the marks' and from finding a joint at all.
 * @param person height without shoes and soles, mm
 * @throws RangeError where marks lie on one another so that no camera fits
 */
export function readSidePhoto(marks: PhotoMarks, person: PhotoPerson): SidePhotoReading {
	const fit = fitCamera(marks, person.stature);
	const isSitting = marks.seat !== null;
	const pointsAt = pointsOf(marks, fit, person.stature);
	const none = new Array<number>(2 + 3 * POINTS.length).fill(0);
	const numbers = numbersOf(pointsAt(fit.at, none), isSitting, person);
	const names = namesOf(numbers);
	const vector = (at: readonly number[], off: readonly number[]) => {
		const all = numbersOf(pointsAt(at, off), isSitting, person);
		return names.map((name) => all[name]);
	};
	const sds = deviations(vector, fit.at, fit.covariance, none);
	const sdOf = (name: keyof Numbers) => sds[names.indexOf(name)]!;
	const read = (name: keyof Numbers): PhotoValue => ({ value: numbers[name], sd: sdOf(name) });
	const length = (name: keyof Numbers): PhotoValue => ({
		value: numbers[name],
		sd: Math.hypot(sdOf(name), HOLDING_STILL_SD)
	});
	const points = pointsAt(fit.at, none);
	const joints = PHOTO_JOINTS.map((name): [PhotoJoint, Point] => [
		name,
		{ x: points[name].x - points.hip.x, y: points[name].y - points.floor.y }
	]);
	return {
		angles: {
			neck: read('neck'),
			'head-trunk': read('head-trunk'),
			elbow: read('elbow'),
			wrist: read('wrist'),
			hip: read('hip'),
			knee: read('knee')
		},
		heights: {
			eye: read('eyeHeight'),
			elbow: read('elbowHeight'),
			...(isSitting ? { seat: read('seatHeight') } : {})
		},
		lengths: isSitting
			? { sittingEye: length('eyeLength'), sittingElbow: length('elbowLength') }
			: { standingEye: length('eyeLength'), standingElbow: length('elbowLength') },
		joints: Object.fromEntries(joints) as Record<PhotoJoint, Point>,
		cameraDistanceMm: fit.camera.distanceMm,
		issues: issuesOf(fit, person, read('upperArm'))
	};
}

/** Standard deviations of numbers that depend on fitted parameters and on errors of standard deviation 1. */
function deviations(
	of: (at: readonly number[], off: readonly number[]) => readonly number[],
	at: readonly number[],
	covariance: readonly (readonly number[])[],
	none: readonly number[]
): number[] {
	const byParameter: VectorFunction = (parameters) => of(parameters, none);
	const scales = covariance.map((row, i) => Math.sqrt(row[i]!));
	const j = jacobian(byParameter, at, scales);
	const n = jacobian(
		(off) => of(at, off),
		none,
		none.map(() => 1)
	);
	return j.map((row, i) => {
		const fitted = row.reduce(
			(sum, a, p) => sum + a * row.reduce((inner, b, q) => inner + b * covariance[p]![q]!, 0),
			0
		);
		return Math.sqrt(Math.max(0, fitted) + n[i]!.reduce((sum, a) => sum + a * a, 0));
	});
}
