import { keysOverSurfaceMm, type CheckId, type CheckResult } from '../checks';
import { factsOf, conditionHolds, LOW_LENSES } from '../conditions';
import { forearmsOnSurface } from '../guidance';
import { seatRulesOf, type Corner, type HouseholdKind } from '../corner';
import { pieceIds } from '../corner/piece-ids';
import type { Footprint, Station } from '../household';
import { backSupport, type LumbarFiller, type BackSupport, type TowelRoll } from '../seat';
import type { Plan } from './plan-corner';
import { plannedDistance } from './situation-after';
import type { StepPlace } from './step-places';

/** A piece of a step by its name. */
export interface StepPiece {
	readonly id: string;
	readonly label: string;
	readonly kind: HouseholdKind;
	readonly mode: string;
	readonly rise: number;
	/** Footprint, longer side first, mm; null for what is stacked nowhere. */
	readonly size: Footprint | null;
	/** How a towel is rolled; null for what goes in as it is. */
	readonly roll: TowelRoll | null;
}

/** What has to be watched while a step is done; the words are the catalogue's. */
export type Caution =
	| 'push-before-use'
	| 'nobody-stands-on-it'
	| 'pads-rock'
	| 'castors-roll'
	| 'laptop-vents'
	| 'half-hour-spells'
	| 'hand-over-thigh'
	| 'chin-down';

/** One step of a plan: what to put where, how high it comes, and the check it serves. Lengths in mm. */
export interface PlanStep {
	readonly place: StepPlace;
	/** Bottom first. */
	readonly pieces: readonly StepPiece[];
	readonly rise: number;
	/** Height above the floor that the place has afterwards; null where none is aimed at. */
	readonly target: number | null;
	/** Whether furniture itself is set to another height. */
	readonly moves: boolean;
	/** That height as it is measured there: of the empty seat, of the table's top, of the picture's top edge; null where nothing is set. */
	readonly setTo: number | null;
	readonly before: CheckResult | null;
	readonly after: CheckResult | null;
	readonly cautions: readonly Caution[];
	/** What is worded otherwise than usual; left out where nothing is. */
	readonly wording?: StepWording;
}

/** How a step is worded otherwise than usual: behind all of the back and not in its hollow; the keyboard pushed back, the forearms on the table. */
export type StepWording = 'behind' | 'pushed-back';

/** Padding above this makes a seat rock, mm. Common practice says thin padding only; the figure is ours. */
const PADS_ROCK_FROM_MM = 50;

/** The check that tells whether a step has worked. */
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

/** What fills the low back, of what the plan has left over; null where nothing is wanted or nothing does it. */
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

/** Heights that furniture itself is set to by a plan, as they are measured there; null where it stays. */
function settingsOf({ spot }: Corner, { heights, stations }: Plan, top: number) {
	const seatMoves =
		heights.seat !== null && spot.seat !== null && heights.seat !== spot.seat.height - spot.seat.give;
	return {
		// The seat gives under the person: empty it stands so much higher.
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
 * The steps of a plan in the order of work, from the floor up: only those where something is to be done, and the keys
 * wherever there is a keyboard of its own, since its feet and its place are always worth a look.
 *
 * @param before the checks of the corner as it was measured
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
