import { keysOverSurfaceMm, type CheckId } from '../workstation/checks/check-values';
import type { CheckResult } from '../workstation/checks/check-corner';
import { factsOf } from './conditions/facts';
import { conditionHolds } from './conditions/fact-condition';
import { LOW_LENSES } from './conditions/fact-groups';
import { forearmsOnSurface } from '../body/guidance/sitting-styles';
import { seatRulesOf } from '../workstation/corner/seat-kinds';
import type { Corner } from '../workstation/corner/corner';
import type { HouseholdKind } from '../workstation/corner/vocabulary';
import { pieceIds } from '../workstation/corner/piece-ids';
import type { Footprint, Station } from '../workstation/household/stations';
import { backSupport, type LumbarFiller, type BackSupport } from '../body/seat/back-support';
import type { TowelRoll } from '../body/seat/towel-roll';
import type { Plan } from './plan-corner';
import { plannedDistance } from './situation-after';
import type { StepPlace } from './step-places';

/** An item of a step. */
export interface StepPiece {
	readonly id: string;
	readonly label: string;
	readonly kind: HouseholdKind;
	readonly mode: string;
	readonly rise: number;
	/** Footprint, longer side first, mm; null for what is not stacked. */
	readonly size: Footprint | null;
	/** How a towel is rolled; null for anything else. */
	readonly roll: TowelRoll | null;
}

/** A caution for a step; the wording is in the message catalogue. */
export type Caution =
	| 'push-before-use'
	| 'nobody-stands-on-it'
	| 'pads-rock'
	| 'castors-roll'
	| 'laptop-vents'
	| 'half-hour-spells'
	| 'hand-over-thigh'
	| 'chin-down';

/** One step of a plan: what to put where, the resulting height, and the check it serves. Lengths in mm. */
export interface PlanStep {
	readonly place: StepPlace;
	/** From the bottom up. */
	readonly pieces: readonly StepPiece[];
	readonly rise: number;
	/** Resulting height above the floor; null where there is no target height. */
	readonly target: number | null;
	/** Whether furniture itself is adjusted. */
	readonly moves: boolean;
	/** That height as it is measured: at the empty seat, the table top, or the top edge of the screen; null where nothing is set. */
	readonly setTo: number | null;
	readonly before: CheckResult | null;
	readonly after: CheckResult | null;
	readonly cautions: readonly Caution[];
	/** Special wording; left out for the usual one. */
	readonly wording?: StepWording;
}

/**
 * Special wordings of a step: a support behind the whole back instead of the hollow; the keyboard pushed back with the forearms on the
 * table.
 */
type StepWording = 'behind' | 'pushed-back';

/** Padding above this makes a seat rock, mm. Common practice says thin padding only; the figure is ours. */
const PADS_ROCK_FROM_MM = 50;

/** The check that shows whether a step worked. */
const CHECK_OF: Readonly<Record<StepPlace, CheckId | null>> = {
	surface: 'elbow',
	seat: 'elbow',
	feet: 'knee',
	back: null,
	keys: 'elbow',
	mouse: null,
	screen: 'eye',
	distance: null,
	tilt: null
};

function stepPieces(corner: Corner, plan: Plan, station: Station): StepPiece[] {
	return plan.stations[station].pieces.map(({ id, mode, rise, size }) => {
		const item = corner.household.find((h) => pieceIds(h.id, h.count ?? 1).includes(id));
		if (!item) throw new RangeError(`The household has no piece ${id}`);
		return { id, label: item.label, kind: item.kind, mode, rise, size, roll: null };
	});
}

/** What fills the lumbar hollow, from what the plan leaves over; null where nothing is needed or nothing fits. */
function backOf(corner: Corner, plan: Plan): BackSupport | null {
	const used = new Set(Object.values(plan.stations).flatMap(({ pieces }) => pieces.map(({ id }) => id)));
	return backSupport(corner, used);
}

function cautionsOf(corner: Corner, plan: Plan, place: StepPlace): Caution[] {
	const { spot } = corner;
	const built = (station: Station) => plan.stations[station].pieces.length > 0;
	const cautions: Caution[] = [];
	if (place === 'tilt') cautions.push('chin-down');
	if (place === 'seat' && plan.stations.seat.rise > PADS_ROCK_FROM_MM) cautions.push('pads-rock');
	if (place === 'seat' && built('seat') && spot.seat?.castors) cautions.push('castors-roll');
	if (place === 'feet' && built('feet')) cautions.push('nobody-stands-on-it');
	if ((place === 'screen' || place === 'keys') && built(place)) cautions.push('push-before-use');
	if (place === 'screen' && built('screen') && spot.screen.kind === 'laptop') cautions.push('laptop-vents');
	if (place === 'screen' && spot.keys.kind === 'built-in' && plan.after.some((c) => c.verdict === 'off'))
		cautions.push('half-hour-spells');
	const isOverThighs = place === 'seat' || place === 'feet' || place === 'surface';
	if (isOverThighs && spot.by === 'guess' && plan.after.some(({ id }) => id === 'thigh'))
		cautions.push('hand-over-thigh');
	return cautions;
}

function fillerPiece({ id, item, roll }: LumbarFiller): StepPiece {
	const mode = roll ? 'rolled' : 'flat';
	return { id, label: item.label, kind: item.kind, mode, rise: 0, size: null, roll };
}

interface Place {
	readonly place: StepPlace;
	readonly pieces: readonly StepPiece[];
	readonly rise: number;
	readonly target: number | null;
	/** Height that furniture itself is set to; null where it stays. */
	readonly setTo: number | null;
	readonly needed: boolean;
	readonly wording?: StepWording;
}

/** Furniture heights that a plan sets, as they are measured; null where one stays. */
function settingsOf({ spot }: Corner, { heights, stations }: Plan, top: number) {
	const seatMoves =
		heights.seat !== null && spot.seat !== null && heights.seat !== spot.seat.height - spot.seat.give;
	return {
		// The seat compresses under the person: empty, it is that much higher.
		seat: seatMoves ? (heights.seat ?? 0) + (spot.seat?.give ?? 0) : null,
		surface: heights.surface === spot.surface.height ? null : heights.surface,
		screen: heights.screenTopAboveBase === spot.screen.topAboveBase ? null : top,
		hasStack: (station: Station) => stations[station].pieces.length > 0
	};
}

function places(corner: Corner, plan: Plan): Place[] {
	const { spot } = corner;
	const { heights, stations } = plan;
	const stack = (station: Station) => ({
		pieces: stepPieces(corner, plan, station),
		rise: stations[station].rise
	});
	const top = heights.surface + stations.screen.rise + heights.screenTopAboveBase;
	const { seat, surface, screen, hasStack } = settingsOf(corner, plan, top);
	const separate = spot.keys.kind === 'separate';
	const none = { pieces: [], rise: 0, target: null, setTo: null };
	const back = backOf(corner, plan);
	const filler = back?.filler ?? null;
	const distance = plannedDistance(corner, plan);
	return [
		{ ...none, place: 'surface', target: heights.surface, setTo: surface, needed: surface !== null },
		{
			...stack('seat'),
			place: 'seat',
			target: heights.seat === null ? null : heights.seat + stations.seat.rise,
			setTo: seat,
			needed: seat !== null || hasStack('seat')
		},
		{ ...none, ...stack('feet'), place: 'feet', target: stations.feet.rise, needed: hasStack('feet') },
		{
			...none,
			place: 'back',
			pieces: filler ? [fillerPiece(filler)] : [],
			needed: filler !== null,
			...(back?.fills === 'behind' ? { wording: 'behind' as const } : {})
		},
		{
			...none,
			...stack('keys'),
			place: 'keys',
			target: separate
				? heights.surface + keysOverSurfaceMm(corner) + stations.keys.rise + spot.keys.homeRow
				: null,
			needed: separate && seatRulesOf(corner).isForWork,
			...(forearmsOnSurface(corner) ? { wording: 'pushed-back' as const } : {})
		},
		{ ...none, ...stack('mouse'), place: 'mouse', needed: hasStack('mouse') },
		{
			...stack('screen'),
			place: 'screen',
			target: top,
			setTo: screen,
			needed: screen !== null || hasStack('screen')
		},
		{ ...none, place: 'distance', setTo: distance.isSet ? distance.mm : null, needed: distance.isSet },
		{ ...none, place: 'tilt', needed: conditionHolds(LOW_LENSES, factsOf(corner)) }
	];
}

/**
 * The steps of a plan in the order of work, from the floor up: only where something is to be done, and always the keyboard if it is
 * separate, since its feet and its place deserve a look.
 * @param before the checks of the workstation as measured
 */
export function planSteps(corner: Corner, plan: Plan, before: readonly CheckResult[]): PlanStep[] {
	const check = (of: readonly CheckResult[], place: StepPlace) =>
		of.find((c) => c.id === CHECK_OF[place]) ?? null;
	return places(corner, plan)
		.filter(({ needed }) => needed)
		.map(({ place, pieces, rise, target, setTo, wording }) => ({
			place,
			pieces,
			rise,
			target,
			moves: setTo !== null && place !== 'distance',
			setTo,
			before: check(before, place),
			after: check(plan.after, place),
			cautions: cautionsOf(corner, plan, place),
			...(wording ? { wording } : {})
		}));
}
