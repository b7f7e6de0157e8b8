import type { Situation } from '../workstation/checks/situation';
import type { Corner } from '../workstation/corner/corner';
import { backSupport } from '../body/seat/back-support';
import { checkDistance, viewingDistanceWith } from '../body/sight/viewing-distance';
import { setUpAfter, type Plan } from './plan-corner';

/** A viewing distance is set this far inside its range, mm: nobody pushes a screen to the millimetre. Our assumption. */
const INSIDE_MM = 20;

/** The viewing distance under a plan, mm. */
export interface PlannedDistance {
	readonly mm: number;
	/** Whether it has to be set: it is off, or the laptop was raised and is now closer. */
	readonly isSet: boolean;
}

/**
 * The viewing distance once the heights are right: as it follows from them, moved into its range where it is off. A laptop that is typed on
 * stays where the hands are.
 */
export function plannedDistance(corner: Corner, plan: Plan): PlannedDistance {
	const comes = viewingDistanceWith(corner, setUpAfter(corner, plan));
	const { screen, keys } = corner.spot;
	const { band, verdict } = checkDistance(corner, comes);
	const isLifted = screen.kind === 'laptop' && plan.stations.screen.rise > 0;
	const isSet = keys.kind === 'separate' && (verdict === 'off' || isLifted);
	if (!isSet) return { mm: comes, isSet };
	return { mm: Math.min(Math.max(comes, band.low + INSIDE_MM), band.high - INSIDE_MM), isSet };
}

/** The situation after a plan. */
export function situationAfter(corner: Corner, plan: Plan): Situation {
	const used = new Set(Object.values(plan.stations).flatMap(({ pieces }) => pieces.map(({ id }) => id)));
	const back = backSupport(corner, used);
	return {
		setUp: setUpAfter(corner, plan),
		filledMm: back?.filler?.fill ?? 0,
		forwardMm: back?.filler ? Math.min(back.filler.fill, back.forwardMm) : 0,
		distanceMm: plannedDistance(corner, plan).mm
	};
}
