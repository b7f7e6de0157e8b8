import { describe, expect, it } from 'vitest';
import { findingRule, type FindingId } from '$lib/core/questionnaire/checklist/findings';
import { fixRule, HOUSEHOLD_FIXES, type HouseholdFix } from '$lib/core/questionnaire/checklist/fixes';
import { outsideBand } from '$lib/core/workstation/checks/check-corner';
import { bandsFor } from '$lib/core/body/guidance/sitting-styles';
import { distanceOutsideBand } from '$lib/core/body/guidance/band';
import { conditionHolds } from '$lib/core/plan/conditions/fact-condition';
import { conflictsWith } from '$lib/core/plan/conditions/adjustments';
import { seatRulesOf } from '$lib/core/workstation/corner/seat-kinds';
import { formatLength } from '$lib/core/body/length/format-length';
import { plannedDistance } from '$lib/core/plan/situation-after';
import { messagesFor } from '$lib/messages';
import { checklistTextsFor } from '$lib/messages/checklist';
import { wordsFor } from '$lib/messages/words-by-facts';
import { checkWords } from '$lib/ui/workstation/gap-mark/check-words';
import { frameFor } from '$lib/ui/workstation/side-view/frame';
import { gapLabels } from '$lib/ui/workstation/side-view/gap-labels';
import { casesOf } from '../support/rotation';
import { randomPerson } from '../support/random-person';
import { textOf, whatIsTold, type WhatIsTold } from '../support/what-is-told';

const t = messagesFor();
const texts = checklistTextsFor('en');
/** The people of this run; the rules say how often each has something to hold over this many. */
const SEEDS = casesOf(20_000, 500);
const PEOPLE = 5000;

/** What is held over fewer people holds for as many of them, give or take. */
const leastHeld = (least: number) => (0.6 * least * SEEDS.length) / PEOPLE;

const mm = (value: number) => formatLength(value, 'mm', { locale: t.locale });

/** Something that has to hold of all that one person is told. */
interface Rule {
	readonly name: string;
	/** How often it had something to hold, and what breaks it. */
	readonly check: (told: WhatIsTold) => { readonly held: number; readonly faults: readonly string[] };
	/** So often at least it has something to hold over all people. */
	readonly least: number;
	/** The same person, told something that breaks it: the rule has to see that. Null where this person can't be. */
	readonly broken: (told: WhatIsTold) => WhatIsTold | null;
}

const held = (faults: readonly (string | false | null | undefined)[], n = faults.length) => ({
	held: n,
	faults: faults.filter((fault): fault is string => typeof fault === 'string')
});

const withFix = (told: WhatIsTold, text: string): WhatIsTold => {
	const [first, ...others] = told.page.findings;
	if (!first) return { ...told, title: `${told.title} ${text}` };
	return { ...told, page: { ...told.page, findings: [{ ...first, fixes: [text] }, ...others] } };
};

/** Words about a thing, and who has it. */
const THINGS: readonly (readonly [word: RegExp, has: (told: WhatIsTold) => boolean])[] = [
	[/armrest/i, ({ facts }) => facts.armrest === 'yes'],
	[/backrest/i, ({ facts }) => facts.backrest === 'yes'],
	[/\bcastors\b/i, ({ facts }) => facts.castors === 'yes'],
	[/footplate|the plates/i, ({ facts }) => facts.seat === 'wheelchair'],
	[/\bball\b/i, ({ facts }) => facts.seat === 'ball'],
	[/\bthe seat\b|empty seat/i, ({ facts }) => facts.seat !== 'none'],
	[/the mouse\b/i, ({ facts }) => facts.mouse === 'separate'],
	[/the keyboard\b/i, ({ facts }) => facts.keys === 'separate']
];

/** Acts that a wheelchair user is never told. */
const GETTING_UP = /\bget up\b|\bstand(ing)? up\b|walk while|flight of stairs|worktop or a chest/i;

const RULES: readonly Rule[] = [
	{
		name: 'no two acts undo each other',
		least: 3000,
		check: ({ acts }) =>
			held(
				acts.flatMap((a, i) => acts.slice(i + 1).map((b) => conflictsWith(a, b) && `${a} and ${b}`)),
				acts.length
			),
		broken: (told) => ({ ...told, acts: [...told.acts, 'raise-screen', 'lower-screen'] })
	},
	{
		name: 'nothing is told about a thing that is not there',
		least: PEOPLE,
		check: (told) => {
			const text = textOf(told);
			return held(
				THINGS.map(
					([word, has]) =>
						word.test(text) && !has(told) && `${word} in: ${text.split('\n').find((l) => word.test(l))}`
				)
			);
		},
		broken: (told) => (told.facts.armrest === 'no' ? withFix(told, 'Tie a towel around the armrest.') : null)
	},
	{
		name: 'nobody in a wheelchair is told to get up, to pad the seat, or to put things under the feet',
		least: 200,
		check: (told) => {
			if (told.facts.seat !== 'wheelchair') return held([]);
			const places = told.steps.map(({ place }) => place);
			return held([
				GETTING_UP.test(textOf(told)) && `told to get up: ${textOf(told)}`,
				...(['seat', 'feet', 'back'] as const).map(
					(place) => places.includes(place) && `a step at the ${place}`
				)
			]);
		},
		broken: (told) =>
			told.facts.seat === 'wheelchair' ? withFix(told, 'Get up: fetch a glass of water.') : null
	},
	{
		name: 'nothing is built on a sofa or a bed, and a better spot leads',
		least: 200,
		check: (told) => {
			if (seatRulesOf(told.corner).isForWork) return held([]);
			return held([
				!seatRulesOf(told.corner).takesStacks &&
					told.steps.some(({ pieces }) => pieces.length > 0) &&
					'something is built',
				told.page.acts[0]?.act === 'spot' &&
					told.title !== t.plan.titleAnotherSpot &&
					`the title is ${told.title}`,
				!told.page.variants.some(({ id }) => id === 'another-spot') && 'no better spot is told'
			]);
		},
		broken: (told) =>
			seatRulesOf(told.corner).isForWork || told.page.acts[0]?.act !== 'spot'
				? null
				: { ...told, title: t.plan.titleNone }
	},
	{
		name: 'every finding and every fix holds for who is told it',
		least: 5000,
		check: ({ page, facts }) =>
			held(
				page.findings.flatMap(({ finding, fixes }) => [
					!conditionHolds(findingRule(finding).holds, facts) && `${finding} does not hold`,
					...fixes.map((text) => {
						const id = (Object.keys(HOUSEHOLD_FIXES) as HouseholdFix[]).find(
							(fix) => wordsFor(texts.household[fix], facts) === text
						);
						return !(id && conditionHolds(fixRule(id).holds, facts)) && `${finding}: ${text}`;
					})
				])
			),
		broken: (told) => (told.facts.seat === 'ball' ? null : withFix(told, 'Sit on someone else’s chair.'))
	},
	{
		name: 'the check of a step speaks of the band that it was planned for',
		least: 3000,
		check: ({ corner, stepTexts }) => {
			const { knee, eye, elbow } = bandsFor(corner);
			return held(
				stepTexts.map(({ step: { place, after }, check }) => {
					// Nobody is told to see that it fits where it doesn't: the gap stands beside the step.
					const isOpen = after !== null && outsideBand(after) > 10;
					if (isOpen || check === '') return isOpen !== (check === '') && `${place}, still off: ${check}`;
					if (place === 'feet')
						return (check === t.steps.check.kneesHigher) !== (knee.ideal ?? 0) <= 0 && `feet: ${check}`;
					if (place === 'screen')
						return check.includes('look over the screen') !== (eye.ideal ?? 0) <= -40 && `screen: ${check}`;
					if (place === 'seat' || place === 'surface')
						return (
							(check === t.steps.check.forearmsSloping) !== (elbow.ideal ?? 0) >= 40 && `${place}: ${check}`
						);
					return null;
				})
			);
		},
		broken: (told) => {
			const at = told.stepTexts.findIndex(({ step, check }) => step.place === 'screen' && check !== '');
			if (at < 0) return null;
			const { check } = t.steps;
			const other = told.stepTexts[at]?.check === check.topEdge ? check.lookOver('60 mm') : check.topEdge;
			return {
				...told,
				stepTexts: told.stepTexts.map((text, i) => (i === at ? { ...text, check: other } : text))
			};
		}
	},
	{
		name: 'a back that is eased by rounding, and one that is free at the front of the seat, has no roll in its hollow',
		least: 500,
		check: ({ corner, steps, page, stepTexts }) => {
			const isFree = corner.person.back === 'eased-by-rounding' || corner.way === 'active';
			if (!isFree || corner.spot.posture === 'standing') return held([]);
			const back = stepTexts.find(({ step }) => step.place === 'back');
			return held([
				steps.some(({ place, pieces }) => place === 'back' && pieces.some(({ roll }) => roll !== null)) &&
					'a roll',
				back && back.check === t.steps.check.hollow && 'the hollow is told of',
				page.findings.some(({ finding }) => finding === 'no-low-back-support') && 'support is asked for',
				page.variants.some(({ id }) => id === 'jacket-roll') && 'a roll in a jacket'
			]);
		},
		broken: (told) =>
			told.corner.way === 'active' && told.corner.spot.posture === 'sitting' && told.page.findings[0]
				? {
						...told,
						page: {
							...told.page,
							findings: [{ ...told.page.findings[0], finding: 'no-low-back-support' as FindingId }]
						}
					}
				: null
	},
	{
		name: 'a corner is said to fit only where every height fits and nothing was found',
		least: PEOPLE,
		check: ({ title, page, kept }) => {
			const isRight = page.findings.length === 0 && kept.before.every(({ verdict }) => verdict === 'fits');
			return held([
				title === t.plan.titleNone && !isRight && `${title}: ${page.findings.map((f) => f.name).join()}`
			]);
		},
		broken: (told) => (told.page.findings.length > 0 ? { ...told, title: t.plan.titleNone } : null)
	},
	{
		name: 'a setting in the words is the number of the document and of the drawing',
		least: 1500,
		check: ({ corner, plan, steps, stepTexts, after }) => {
			if (!plan || steps.length === 0) return held([]);
			const { seat, surface } = corner.spot;
			const settings: Readonly<Record<string, number>> = {
				seat: (plan.heights.seat ?? 0) + (seat?.give ?? 0),
				surface: plan.heights.surface,
				screen: Math.round(after.furniture.screen.top.y),
				distance: plannedDistance(corner, plan).mm
			};
			const drawn = after.furniture.surface.y + after.furniture.surface.height;
			return held([
				...stepTexts.map(({ step: { place, setTo }, how }) => {
					const wanted = settings[place];
					if (setTo === null || wanted === undefined) return null;
					return !(setTo === wanted && how.includes(mm(wanted))) && `${place}: ${how}, not ${wanted}`;
				}),
				Math.abs(drawn - plan.heights.surface) > 1e-6 &&
					`the table is drawn at ${drawn}, not ${surface.height}`
			]);
		},
		broken: (told) => {
			const at = told.stepTexts.findIndex(({ step }) => step.setTo !== null);
			return at < 0
				? null
				: {
						...told,
						stepTexts: told.stepTexts.map((text, i) =>
							i === at ? { ...text, how: 'Set it to 1 mm.' } : text
						)
					};
		}
	},
	{
		name: 'a gap is one number: in the drawing, in the words, and as far as the value lies beyond its band',
		least: 3000,
		check: ({ now, after }) =>
			held(
				[now, after].flatMap((section) =>
					gapLabels(section, frameFor([section], 640, 620), t, 'mm').map(({ check, lines }) => {
						const result = section.checks.find(({ id }) => id === check);
						if (!result) return `a gap of ${check}, which was not checked`;
						const number = mm(distanceOutsideBand(result, result.value));
						const words = checkWords(result, t, 'mm', section.certainty[check]);
						if (lines[0] !== number) return `${lines[0]} is drawn, ${number} it is`;
						return !section.certainty[check]?.isAtEdge && !words.includes(number) && `${words}, ${number}`;
					})
				)
			),
		broken: (told) => {
			const [first, ...others] = told.now.checks;
			return first && told.now.gaps.some(({ check }) => check === first.id)
				? {
						...told,
						now: {
							...told.now,
							checks: [{ ...first, low: first.low - 7, high: (first.high ?? 0) + 7 }, ...others]
						}
					}
				: null;
		}
	},
	{
		name: 'every caution of a finding stands beside it',
		least: 3000,
		check: ({ page }) =>
			held(
				page.findings.flatMap(({ finding, cautions }) =>
					findingRule(finding).cautions.map(
						(caution) => !cautions.includes(texts.cautions[caution]) && `${finding} lacks ${caution}`
					)
				)
			),
		broken: (told) =>
			told.page.findings.some(({ cautions }) => cautions.length > 0)
				? {
						...told,
						page: { ...told.page, findings: told.page.findings.map((line) => ({ ...line, cautions: [] })) }
					}
				: null
	},
	{
		name: 'nothing is asked for where every height fits, and never more than the ladder recommends',
		least: 1000,
		check: ({ kept, plan, steps }) => {
			const fits = kept.before.every(({ verdict }) => verdict === 'fits');
			if (steps.length === 0) return held([]);
			return held([
				fits && 'steps where all fits',
				plan !== (kept.ladder?.at(-1)?.plan ?? null) && 'another plan'
			]);
		},
		broken: (told) => (told.steps.length > 0 ? { ...told, plan: null } : null)
	},
	{
		name: 'what a complaint points to comes first, with its reason',
		least: 1000,
		check: ({ page }) => {
			const isCaused = page.findings.map(({ because }) => because !== null);
			const others = isCaused.indexOf(false);
			return held(
				isCaused.map(
					(caused, i) => caused && others >= 0 && i > others && `${page.findings[i]?.finding} stands too low`
				),
				isCaused.filter(Boolean).length
			);
		},
		broken: (told) => {
			const { findings } = told.page;
			const isMixed = findings.some(({ because }) => because) && findings.some(({ because }) => !because);
			return isMixed ? { ...told, page: { ...told.page, findings: [...findings].reverse() } } : null;
		}
	}
];

/** Everybody, told once: people of all ways, backs, lenses, seats, keys and hands. */
const everybody = SEEDS.map((seed) => whatIsTold(randomPerson(seed)));

describe('what everybody is told', () => {
	it('is told to every kind of person', () => {
		const seen = (name: keyof WhatIsTold['facts']) => new Set(everybody.map(({ facts }) => facts[name])).size;
		expect([seen('way'), seen('back'), seen('lenses'), seen('seat'), seen('keys'), seen('hand')]).toEqual([
			4, 3, 5, 10, 2, 2
		]);
	});

	it.each(RULES)('$name', ({ check, least }) => {
		const results = everybody.map(check);
		expect(results.flatMap(({ faults }) => faults).slice(0, 5)).toEqual([]);
		expect(results.reduce((sum, { held: n }) => sum + n, 0)).toBeGreaterThanOrEqual(leastHeld(least));
	});

	it.each(RULES)('sees where it is broken: $name', ({ check, broken }) => {
		const wrong = everybody.flatMap((told) => broken(told) ?? []).slice(0, 20);
		expect(wrong.length).toBeGreaterThan(0);
		for (const told of wrong) expect(check(told).faults.length).toBeGreaterThan(0);
	});
});
