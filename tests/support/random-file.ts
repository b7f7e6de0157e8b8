import { NEWS_KINDS, CLOSABLE, PLAN_ITEMS, WAITING_KINDS } from '$lib/core/cases/case-assessment/vocabulary';
import type { CaseRecord } from '$lib/core/cases/case-assessment/case-record';
import { addDays, parseCivilDate } from '$lib/core/platform/calendar/civil-date';
import { BODY_SIDES, hasSides, REGIONS } from '$lib/core/cases/discomfort/regions';
import { DISCOMFORT_KINDS, WORK_INTERFERENCE, type RegionReport } from '$lib/core/cases/discomfort/report';
import { EMERGENCY_CLEARANCES, RED_FLAGS } from '$lib/core/cases/discomfort/red-flags';
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
			hinders: dice.pick(WORK_INTERFERENCE),
			kinds: some(dice, DISCOMFORT_KINDS, 0.25)
		};
	});
}

const FINDINGS = [
	{ id: 'chained-strips', safety: true },
	{ id: 'cables-in-the-way', safety: true },
	{ id: 'glare', safety: false },
	{ id: 'mouse-far', safety: false }
] as const;

/** A random but valid file of one person over half a year or so; many of its days fall together. */
export function randomFile(seed: number): CaseRecord {
	const dice = new Dice(seed);
	const start = parseCivilDate('2026-01-05');
	if (!start) throw new RangeError('A written day is a day');
	const span = dice.pick([3, 60, 200] as const);
	const orNull = <T>(value: T, chance: number): T | null => (dice.chance(chance) ? value : null);
	const corner = randomCorner(dice.int(1, 1e9), { rigid: 2, soft: 1, span: 0 });
	// Most of what comes after a plan is seen only where it was carried out early and stood.
	const isCarriedOut = dice.chance(0.4);
	let seq = 0;
	// Time goes on from entry to entry, a day or none at a time.
	let days = 0;
	const next = (most = 6) => {
		seq += 1;
		days = Math.min(span, days + (dice.chance(0.4) ? 0 : dice.int(0, most)));
		return { seq, on: addDays(start, days) };
	};
	const answers: CaseRecord['answers'][number][] = [];
	const checkIns: CaseRecord['checkIns'][number][] = [];
	const ticks: CaseRecord['ticks'][number][] = [];
	const measured: CaseRecord['measured'][number][] = [];
	const lifted: CaseRecord['lifted'][number][] = [];
	const outcomes: CaseRecord['outcomes'][number][] = [];
	const answer = () => {
		const isOfSignsAlone = dice.chance(0.2);
		answers.push({
			...next(),
			corner: isOfSignsAlone ? null : corner,
			signs: some(dice, RED_FLAGS, 0.04),
			discomfort: report(dice),
			findings: isOfSignsAlone ? null : some(dice, FINDINGS, isCarriedOut ? 0.2 : 0.4),
			acknowledged: orNull(addDays(start, days), 0.4)
		});
	};
	const plan = (): NonNullable<CaseRecord['plan']> => {
		const place = next();
		const names = [dice.pick(PLAN_ITEMS), ...some(dice, PLAN_ITEMS, 0.3)].filter(
			(thing, i, all) => all.indexOf(thing) === i
		);
		return {
			...place,
			option: {
				kind: dice.pick(['plan', 'plan', 'typing', 'reading', 'with-keyboard'] as const),
				things: orNull(names.length, 0.5)
			},
			heights: {
				seat: orNull(dice.int(400, 520), 0.9),
				surface: dice.int(680, 800),
				screenTopAboveBase: dice.int(180, 480)
			},
			rises: {
				seat: dice.int(0, 60),
				softs: dice.int(0, 2),
				feet: dice.int(0, 90),
				keys: dice.int(0, 60),
				screen: dice.int(0, 200)
			},
			things: names.map((thing) => {
				const done = isCarriedOut || dice.chance(0.5) ? next(2) : null;
				return { thing, done, undone: !isCarriedOut && dice.chance(0.15) ? next() : null };
			})
		};
	};
	const acts: readonly (() => void)[] = [
		() =>
			checkIns.push({
				...next(40),
				signs: some(dice, RED_FLAGS, 0.03),
				discomfort: report(dice),
				undone: some(dice, [...PLAN_ITEMS, ...FINDINGS.map(({ id }) => id)], isCarriedOut ? 0.02 : 0.08),
				news: some(dice, NEWS_KINDS, 0.1),
				acknowledged: orNull(addDays(start, days), 0.3)
			}),
		() =>
			ticks.push({
				...next(),
				finding: dice.pick(FINDINGS).id,
				how: dice.chance(0.75) ? 'done' : 'not-here'
			}),
		() =>
			measured.push({
				...next(),
				lengths: {
					...(dice.chance(0.5) && { seat: dice.int(400, 560) }),
					...(dice.chance(0.5) && { surface: dice.int(680, 800) }),
					...(dice.chance(0.5) && { feet: dice.int(0, 100) }),
					...(dice.chance(0.5) && { keys: dice.int(690, 820) }),
					...(dice.chance(0.5) && { screen: dice.int(900, 1300) })
				}
			}),
		() => lifted.push({ ...next(), of: dice.pick(RED_FLAGS), how: dice.pick(EMERGENCY_CLEARANCES) }),
		() => outcomes.push({ ...next(), of: some(dice, CLOSABLE, 0.25) })
	];
	if (dice.chance(0.9)) answer();
	const agreed = dice.chance(0.75) ? plan() : null;
	if (isCarriedOut) for (const { id } of FINDINGS) ticks.push({ ...next(1), finding: id, how: 'done' });
	const n = dice.int(0, 9);
	for (let i = 0; i < n; i += 1) dice.pick(acts)();
	if (dice.chance(0.25)) answer();
	for (let i = dice.int(0, 3); i > 0; i -= 1) dice.pick(acts)();
	return {
		format: 'easy-corner.file/2',
		today: addDays(start, Math.max(days, span) + dice.int(0, 40)),
		place: dice.pick(PLACES),
		answers,
		plan: agreed,
		ticks,
		measured,
		checkIns,
		lifted,
		waiting: some(dice, WAITING_KINDS, 0.2).map((what) => ({
			what,
			since: addDays(start, dice.int(0, span))
		})),
		outcomes
	};
}
