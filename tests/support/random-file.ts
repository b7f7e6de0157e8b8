import { NEWS, CLOSABLE, THINGS, WAITING, type PersonFile } from '$lib/core/judgement';
import { addDays, civilDate, type CivilDate } from '$lib/core/calendar';
import {
	BODY_SIDES,
	DISCOMFORT_KINDS,
	hasSides,
	HINDERS,
	REGIONS,
	SIGNS,
	type RegionReport
} from '$lib/core/discomfort';
import { Dice } from '../../seed/random';
import { randomCorner } from './random-corner';

const PLACES = [
	{ country: 'GB', region: null },
	{ country: 'DE', region: 'BY' },
	{ country: 'IL', region: null },
	{ country: null, region: null },
	// A place that no table of holidays knows.
	{ country: 'XK', region: 'ZZ' }
] as const;

const some = <T>(dice: Dice, of: readonly T[], chance: number) => of.filter(() => dice.chance(chance));

function report(dice: Dice): RegionReport[] | null {
	if (dice.chance(0.25)) return null;
	return some(dice, REGIONS, 0.2).map((region) => {
		const worst = dice.int(0, 10);
		return {
			region,
			side: hasSides(region) ? dice.pick(BODY_SIDES) : null,
			worst,
			days: worst === 0 ? 0 : dice.int(1, 7),
			hinders: dice.pick(HINDERS),
			kinds: some(dice, DISCOMFORT_KINDS, 0.25)
		};
	});
}

/** A random but valid file of one person over half a year or so; many of its days fall together. */
export function randomFile(seed: number): PersonFile {
	const dice = new Dice(seed);
	const start = civilDate('2026-01-05');
	if (!start) throw new RangeError('A written day is a day');
	const span = dice.pick([3, 60, 200] as const);
	const day = () => addDays(start, dice.int(0, span));
	const days = (n: number) => Array.from({ length: n }, day).sort();
	const orNull = <T>(value: T, chance: number): T | null => (dice.chance(chance) ? value : null);
	const corner = randomCorner(dice.int(1, 1e9), { rigid: 2, soft: 1, span: 0 });
	// Most of what comes after a plan is seen only where it was carried out early and stood.
	const isCarriedOut = dice.chance(0.4);
	const on: CivilDate = isCarriedOut ? start : day();
	const doneOn = () => (isCarriedOut ? addDays(start, dice.int(0, 5)) : orNull(day(), 0.8));
	return {
		format: 'easy-corner.file/1',
		today: addDays(start, span + dice.int(0, 40)),
		place: dice.pick(PLACES),
		answers: days(dice.int(0, 3)).map((when, i) => ({
			on: isCarriedOut && i === 0 ? start : when,
			corner: orNull(corner, 0.7),
			signs: some(dice, SIGNS, 0.05),
			discomfort: report(dice),
			acknowledged: orNull(day(), 0.4)
		})),
		plan: orNull(
			{
				on,
				things: [dice.pick(THINGS), ...some(dice, THINGS, 0.3)]
					.filter((thing, i, all) => all.indexOf(thing) === i)
					.map((thing) => ({ thing, done: doneOn(), undone: isCarriedOut ? null : orNull(day(), 0.1) }))
			},
			0.8
		),
		measured: days(dice.int(0, 2)).map((when) => ({ on: when, lengths: { seat: dice.int(400, 560) } })),
		checkIns: days(dice.int(0, isCarriedOut ? 4 : 3)).map((when) => ({
			on: when,
			signs: some(dice, SIGNS, 0.04),
			discomfort: report(dice),
			undone: isCarriedOut ? [] : some(dice, THINGS, 0.07),
			news: some(dice, NEWS, 0.1),
			acknowledged: orNull(day(), 0.3)
		})),
		waiting: some(dice, WAITING, 0.2).map((what) => ({ what, since: day() })),
		outcomes: days(dice.int(0, 4)).map((when) => ({ on: when, of: some(dice, CLOSABLE, 0.25) }))
	};
}
