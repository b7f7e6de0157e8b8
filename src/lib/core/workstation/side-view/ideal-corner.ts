import { bodyOf } from '../../body/body-length';
import { bodyHeights } from '../checks/check-values';
import { setUpAsMeasured } from '../checks/set-up';
import type { Corner, Seat } from '../corner/corner';
import { bandsFor, forearmsOnSurface } from '../../body/guidance/sitting-styles';

/** Limits for the height of an ideal surface, mm: what is drawn stays a table. */
const SURFACE_MM = { low: 450, high: 1400 } as const;

/** A plain chair for someone without one at the workstation, mm: only its shape is drawn. Our assumption. */
const PLAIN_SEAT: Seat = {
	height: 450,
	give: 0,
	range: null,
	depth: 430,
	backrest: true,
	lumbar: true,
	armrest: null,
	castors: false
};

/** The same person at an ideal workstation of the other posture: standing for someone seated, sitting for someone standing. */
export function idealOtherPosture(corner: Corner): Corner {
	const { spot } = corner;
	const posture = spot.posture === 'sitting' ? 'standing' : 'sitting';
	return idealCorner({ ...corner, spot: { ...spot, posture, seat: spot.seat ?? PLAIN_SEAT } });
}

/**
 * The workstation that would fit this person exactly, every check at its ideal: shown in the drawings of *what to look at*. Furniture keeps
 * its shape and gets other heights; nothing is stacked.
 */
export function idealCorner(corner: Corner): Corner {
	const body = bodyOf(corner);
	const bands = bandsFor(corner);
	const { seat, screen, keys } = corner.spot;
	const knee = bands.knee.ideal ?? bands.knee.low;
	const under = body.popliteal.mm + corner.person.heel + knee;
	const sits = corner.spot.posture === 'sitting' && seat !== null;
	const idealSeat = sits ? { ...seat, height: under + seat.give, footBar: null } : seat;
	const seated = { ...corner, spot: { ...corner.spot, seat: idealSeat } };
	const { elbow, eye } = bodyHeights(seated, body, setUpAsMeasured(seated));
	const homeRow = forearmsOnSurface(corner) ? 0 : keys.homeRow;
	const wanted = elbow - homeRow - (bands.elbow.ideal ?? bands.elbow.low);
	const height = Math.round(Math.min(Math.max(wanted, SURFACE_MM.low), SURFACE_MM.high));
	const topAboveBase = Math.max(60, Math.round(eye + (bands.eye.ideal ?? bands.eye.low) - height));
	return {
		...seated,
		spot: {
			...seated.spot,
			surface: { ...corner.spot.surface, height, range: null },
			screen: { ...screen, kind: 'monitor', topAboveBase, range: null },
			keys: { ...keys, kind: 'separate', tray: null }
		},
		household: []
	};
}
