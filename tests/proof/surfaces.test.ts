import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import { checklistFrom } from '$lib/core/questionnaire/checklist/own-checklist';
import { adviseCorner, summarizeAdvice } from '$lib/core/plan/advice/advise-corner';
import { planOffers, stepsOfOffer } from '$lib/core/plan/advice/plan-offers';
import { checklistField } from '$lib/core/questionnaire/answers/checklist-fields';
import { messagesFor } from '$lib/messages';
import { adviceForPage } from '$lib/messages/advice/advice-for-page';
import CasePlan from '$lib/ui/cases/CasePlan.svelte';
import { distanceWords } from '$lib/ui/plan/habit-words';
import LocalPlan from '$lib/ui/plan/LocalPlan.svelte';
import PlanBelow from '$lib/ui/plan/PlanBelow.svelte';
import PlanDrawing from '$lib/ui/plan/PlanDrawing.svelte';
import PlanLead from '$lib/ui/plan/PlanLead.svelte';
import PlanSteps from '$lib/ui/plan/PlanSteps.svelte';
import { PlanVisit } from '$lib/ui/plan/plan-visit.svelte';
import PrintedFindings from '$lib/ui/plan/PrintedFindings.svelte';
import { Draft } from '$lib/ui/questionnaire/draft.svelte';
import { elementsOf, type Element } from '../support/markup';
import { randomPerson } from '../support/random-person';
import { casesOf } from '../support/rotation';

const t = messagesFor();

/** Five thousand people in the long run, each told on the page, on paper, without network and on the case. */
const SEEDS = casesOf(5000, 25);

/** A number with its unit, as it is now in a sentence. */
const LENGTH = /[+-]?\d[\d.,]* mm/g;

const squeezed = (text: string) => text.replaceAll(/\s+/g, ' ').trim();

function surfacesOf(seed: number) {
	const person = randomPerson(seed);
	const { corner, reports } = person;
	const kept = summarizeAdvice(adviseCorner(corner));
	const plan = planOffers(corner, kept)[0]?.plan ?? null;
	const steps = stepsOfOffer(corner, kept, 0);
	const answers = {
		unit: 'mm',
		...Object.fromEntries(
			Object.entries(person.checks).map(([id, answer]) => [checklistField(id), answer ?? ''])
		)
	};
	const page = adviceForPage(
		corner,
		kept,
		{ answers, discomfort: reports, checklist: checklistFrom(3, null) },
		{ plan, steps },
		'en'
	);
	const data = {
		...page,
		corner,
		token: 'token',
		offers: planOffers(corner, kept),
		worked: 0,
		shown: 0,
		steps,
		ticks: {},
		planId: 'one',
		findingTicks: {},
		standing: null,
		again: null,
		unit: 'mm' as const,
		drawnAs: 'standard' as const,
		requests: [],
		isBehind: false,
		isNewPlan: false,
		kept: [],
		isMoving: false,
		moving: null,
		isOfOldRules: false,
		trial: null,
		offersStyles: false,
		stoodInFor: [],
		padsExpected: [],
		closer: [],
		earlier: [],
		next: { hasOpenSign: false, isAsked: false, checkInOn: null, recheckOn: null }
	};
	const visit = new PlanVisit(
		() => data,
		null,
		() => {}
	);
	const draft = new Draft({ answers, revision: 0 }, corner.way, '/c/token/draft', null);
	const html = {
		lead: render(PlanLead, { props: { visit, data, t } }).body,
		drawing: render(PlanDrawing, { props: { visit, t } }).body,
		steps: render(PlanSteps, { props: { visit, leftOut: [], t } }).body,
		below: render(PlanBelow, { props: { visit, data, t } }).body,
		paper: render(PrintedFindings, { props: { data, t } }).body,
		offline: render(LocalPlan, { props: { corner, steps, advice: page, draft, t } }).body,
		desk: render(CasePlan, {
			props: {
				corner,
				drawnAs: 'standard',
				steps,
				chosen: 0,
				ticks: {},
				advice: page,
				madeAt: new Date(0),
				progress: null,
				earlier: [],
				t,
				unit: 'mm'
			}
		}).body
	};
	const elements = Object.fromEntries(
		Object.entries(html).map(([surface, body]) => [surface, elementsOf(body)])
	) as Record<keyof typeof html, Element[]>;
	return { steps, page, visit, elements };
}

const everybody = SEEDS.map((seed) => ({ seed, ...surfacesOf(seed) }));

/** The sentences of the steps of a surface: what goes where, how high, how it is checked. */
const stepTexts = (elements: readonly Element[]) =>
	elements
		.filter(({ tag, attributes }) => tag === 'li' && attributes.id?.startsWith('step-'))
		.map(({ text }) => squeezed(text).match(LENGTH) ?? []);

const drawn = (elements: readonly Element[]) =>
	elements
		.filter(({ tag, within }) => tag === 'text' && within.some((one) => one.tag === 'svg'))
		.map(({ text }) => squeezed(text));

const textOf = (elements: readonly Element[]) =>
	squeezed(
		elements
			.filter(({ within }) => within.length === 0)
			.map(({ text }) => text)
			.join(' ')
	);

const headingOf = (elements: readonly Element[]) =>
	squeezed(elements.find(({ tag }) => tag === 'h1')?.text ?? '');

describe('what one person is told, wherever they are told it', () => {
	it('has the same lengths in the same steps on the page, without network and on the case', () => {
		let lengths = 0;
		for (const { seed, elements } of everybody) {
			const here = stepTexts(elements.steps);
			expect(stepTexts(elements.offline), `seed ${seed}`).toEqual(here);
			expect(stepTexts(elements.desk), `seed ${seed}`).toEqual(here);
			lengths += here.flat().length;
		}
		expect(lengths).toBeGreaterThan(SEEDS.length);
	});

	it('is drawn with the same numbers on the page and without network', () => {
		for (const { seed, elements, visit } of everybody)
			if (visit.shown === 'after' || visit.steps.length === 0)
				for (const label of drawn(elements.drawing))
					expect(drawn(elements.offline), `seed ${seed}`).toContain(label);
	});

	it('has one headline, and no height in it but one that a step below it has', () => {
		for (const { seed, elements, steps, page } of everybody) {
			const title = headingOf(elements.lead);
			expect(headingOf(elements.offline), `seed ${seed}`).toBe(title);
			// A keyboard that is laid flat leaves the headline to the step after it.
			const known = steps.flatMap(({ rise, setTo, before, after, moves }) => [
				rise,
				setTo,
				...(moves && before && after ? [Math.abs(after.value - before.value)] : [])
			]);
			const isSet = steps.some(({ moves }) => moves);
			for (const length of page.acts[0]?.act === 'build' ? (title.match(LENGTH) ?? []) : [])
				expect(isSet || known.map((mm) => `${mm} mm`).includes(length), `seed ${seed}: ${title}`).toBe(true);
		}
	});

	it('names every finding on the page, on paper, without network and on the case, with the same lengths', () => {
		let found = 0;
		for (const { seed, elements, page } of everybody) {
			for (const { name } of page.findings) {
				for (const surface of ['below', 'paper', 'offline', 'desk'] as const)
					expect(textOf(elements[surface]), `seed ${seed}, ${surface}`).toContain(name);
				found += 1;
			}
			const lengths = (from: readonly Element[]) =>
				from
					.filter(({ tag, attributes }) => tag === 'li' && attributes.id?.startsWith('finding-'))
					.map(({ text }) => squeezed(text).match(LENGTH) ?? []);
			expect(lengths(elements.offline), `seed ${seed}`).toEqual(lengths(elements.below));
			expect(lengths(elements.desk), `seed ${seed}`).toEqual(lengths(elements.below));
		}
		expect(found).toBeGreaterThan(SEEDS.length);
	});

	it('tells one distance to the screen: the habit’s is the step’s, and the same on paper', () => {
		for (const { seed, elements, steps, page } of everybody) {
			const words = distanceWords(page.toldDistance, t, 'mm');
			for (const surface of ['below', 'paper', 'offline'] as const)
				expect(textOf(elements[surface]), `seed ${seed}, ${surface}`).toContain(words);
			const setTo = steps.find(({ place }) => place === 'distance')?.setTo;
			if (setTo) expect(words, `seed ${seed}`).toContain(`${setTo} mm`);
		}
	});

	it('says of what else would help the same on the page, without network and on the case', () => {
		for (const { seed, elements, page } of everybody)
			for (const { changes } of page.purchases)
				for (const { id, from, to } of changes.filter((change) => change.from !== change.to)) {
					const words = t.open.change(t.checks.names[id], `${from} mm`, to === 0 ? null : `${to} mm`);
					for (const surface of ['below', 'offline', 'desk'] as const)
						expect(textOf(elements[surface]), `seed ${seed}, ${surface}`).toContain(words);
				}
	});
});
