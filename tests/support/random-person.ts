import { askedItems, type ChecklistAnswers } from '$lib/core/questionnaire/checklist/checklist';
import { checklistFrom } from '$lib/core/questionnaire/checklist/own-checklist';
import { factsOf } from '$lib/core/plan/conditions/facts';
import { SEAT_KINDS, type SeatKind } from '$lib/core/workstation/corner/vocabulary';
import { SEAT_RULES } from '$lib/core/workstation/corner/seat-kinds';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { BODY_SIDES, hasSides, REGIONS } from '$lib/core/cases/discomfort/regions';
import { DISCOMFORT_KINDS, type RegionReport } from '$lib/core/cases/discomfort/report';
import { Dice } from '../../seed/random';
import { randomCorner } from './random-corner';

/** Someone with a corner, answers to the checklist and complaints. */
export interface RandomPerson {
	readonly corner: Corner;
	readonly checks: ChecklistAnswers;
	readonly reports: readonly RegionReport[];
}

function seatOf(
	dice: Dice,
	seat: NonNullable<Corner['spot']['seat']>,
	kind: SeatKind
): Corner['spot']['seat'] {
	const { isSet, hasBack, hasArmrests } = SEAT_RULES[kind];
	const { height, give, range = null } = seat;
	const armrest = hasArmrests && dice.chance(0.5) ? dice.int(150, 290) : null;
	return {
		kind,
		height: kind === 'bed' || kind === 'sofa' ? dice.int(380, 480) : height,
		give: kind === 'sofa' ? dice.int(40, 120) : give,
		...(isSet ? { range } : {}),
		...(hasBack ? { depth: dice.int(360, 500), backrest: dice.chance(0.85) } : {}),
		lumbar: hasBack && dice.chance(0.3),
		armrest,
		castors: isSet && dice.chance(0.5)
	};
}

/** A corner of any seat, with armrests, distances, depths and wrists of every kind. */
function anyCorner(dice: Dice, seed: number): Corner {
	const corner = randomCorner(seed, { rigid: 6, soft: 3, span: dice.chance(0.4) ? 60 : 0 });
	const { spot, person } = corner;
	const seat = spot.seat && seatOf(dice, spot.seat, dice.chance(0.5) ? 'chair' : dice.pick(SEAT_KINDS));
	return {
		...corner,
		format: 'easy-corner.corner/3',
		person: { ...person, wrists: dice.chance(0.2) ? 'troubled' : 'well' },
		spot: {
			...spot,
			seat,
			surface: { ...spot.surface, depth: dice.int(450, 900) },
			screen: { ...spot.screen, distance: dice.int(380, 950) }
		}
	};
}

function checksOf(dice: Dice, corner: Corner): ChecklistAnswers {
	const checklist = checklistFrom(3, null);
	const answers: Record<string, string> = {};
	// Questions open others: what is asked is looked at again after every answer.
	for (const { id, answers: options } of checklist.items) {
		const isAsked = askedItems(checklist, factsOf(corner), answers).some((item) => item.id === id);
		if (isAsked && dice.chance(0.85)) answers[id] = dice.pick(options.map((option) => option.id));
	}
	return answers;
}

function reportsOf(dice: Dice): RegionReport[] {
	return REGIONS.filter(() => dice.chance(0.15)).map((region) => ({
		region,
		side: hasSides(region) ? dice.pick(BODY_SIDES) : null,
		worst: dice.int(1, 9),
		days: dice.int(1, 7),
		hinders: 'a-little',
		kinds: [dice.pick(DISCOMFORT_KINDS)]
	}));
}

/** A random person: all ways, backs, lenses, seats, keys and hands come up. */
export function randomPerson(seed: number): RandomPerson {
	const dice = new Dice(seed * 7 + 1);
	const corner = anyCorner(dice, seed);
	return { corner, checks: checksOf(dice, corner), reports: reportsOf(dice) };
}
