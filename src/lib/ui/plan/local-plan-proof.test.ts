import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import { checklistFrom } from '$lib/core/questionnaire/checklist/own-checklist';
import { adviseCorner, summarizeAdvice } from '$lib/core/plan/advice/advise-corner';
import { needsNoPlan, planOffers, stepsOfOffer } from '$lib/core/plan/advice/plan-offers';
import { measurementGainOf } from '$lib/core/workstation/checks/measure-next';
import type { MeasurableLengthName } from '$lib/core/workstation/checks/check-uncertainty';
import { seatRulesOf } from '$lib/core/workstation/corner/seat-kinds';
import { messagesFor } from '$lib/messages';
import { adviceForPage } from '$lib/messages/advice/advice-for-page';
import { elementsOf, nameOf } from '../../../../tests/support/markup';
import { randomCorner } from '../../../../tests/support/random-corner';
import { casesOf } from '../../../../tests/support/rotation';
import { checkWords } from '../workstation/gap-mark/check-words';
import { Draft } from '../questionnaire/draft.svelte';
import LocalPlan from './LocalPlan.svelte';

const t = messagesFor();

/** Corners whose first act is about a problem that is no height. */
const WITH_FINDING = [13, 52, 55];

/** The page of a plan as it is drawn without network, for sixty corners: enough, too little and nothing in the house. */
const pages = casesOf(240, 24, WITH_FINDING).map((seed) => {
	const corner = randomCorner(seed + 40, {
		rigid: (seed % 4) * 8,
		soft: seed % 3,
		span: seed % 5 === 0 ? 60 : 0
	});
	const kept = summarizeAdvice(adviseCorner(corner));
	const best = planOffers(corner, kept)[0]?.plan ?? null;
	const steps = stepsOfOffer(corner, kept, 0);
	const told = { answers: {}, discomfort: [], checklist: checklistFrom(3, null) };
	const advice = adviceForPage(corner, kept, told, { plan: best, steps }, 'en');
	const draft = new Draft({ answers: { unit: 'mm' }, revision: 0 }, corner.way, '/c/token/draft', null);
	const html = render(LocalPlan, { props: { corner, steps, advice, draft, t } }).body;
	const elements = elementsOf(html);
	const text = elements
		.filter(({ within }) => within.length === 0)
		.map((element) => element.text)
		.join(' ')
		.replaceAll(/\s+/g, ' ');
	return { corner, advice, html, elements, text, best, isAlone: needsNoPlan(kept), steps };
});

describe('a plan on its page', () => {
	it('is words and numbers', () => {
		for (const { html } of pages) expect(html).not.toMatch(/undefined|NaN|\[object|Infinity/);
	});

	it('names every step, with each of its pieces, in the order from the floor up', () => {
		let pieces = 0;
		for (const { elements, text, steps } of pages) {
			const ticks = elements.filter(({ tag, attributes }) => tag === 'button' && attributes.name === 'done');
			expect(ticks.map((tick) => nameOf(tick, elements))).toEqual(
				steps.map(({ place }) => t.steps.places[place])
			);
			for (const { label } of steps.flatMap((step) => step.pieces)) {
				expect(text).toContain(label);
				pieces += 1;
			}
		}
		expect(pieces).toBeGreaterThan(1);
	});

	it('has each caution in the step whose risk it is about', () => {
		let cautions = 0;
		for (const { elements, steps } of pages) {
			const items = elements.filter(
				({ tag, attributes }) => tag === 'li' && attributes.class?.includes('step')
			);
			expect(items).toHaveLength(steps.length);
			for (const [i, step] of steps.entries())
				for (const caution of step.cautions) {
					expect(items[i]?.text).toContain(t.steps.cautions[caution]);
					cautions += 1;
				}
		}
		expect(cautions).toBeGreaterThan(4);
	});

	it('says of every check how it is after the plan', () => {
		for (const { corner, text, best, steps } of pages) {
			const checks = steps.length > 0 && best ? best.after : [];
			const certainty = measurementGainOf(corner, checks);
			for (const check of checks) {
				expect(text).toContain(t.checks.names[check.id]);
				expect(text).toContain(checkWords(check, t, 'mm', certainty[check.id]));
			}
		}
	});

	it('tells what else would help, and how to work with a laptop alone', () => {
		let bought = 0;
		for (const { text, advice } of pages) {
			for (const { purchases } of advice.purchases)
				for (const purchase of purchases) {
					expect(text.toLowerCase()).toContain(t.open.buy[purchase].toLowerCase());
					bought += 1;
				}
			expect(text.includes(t.open.laptopTitle)).toBe(advice.laptop !== null);
			expect(text.includes(t.open.moreTitle)).toBe(advice.more !== null);
		}
		expect(bought).toBeGreaterThan(10);
	});

	it('says that it was made here and is sent later', () => {
		for (const { elements } of pages) {
			const status = elements.find(({ attributes }) => attributes.role === 'status');
			expect(status?.text).toBe(t.plan.offline);
		}
	});

	it('has the first act for its headline, and promises nothing where nothing can be done', () => {
		const seen = new Set<string>();
		for (const { corner, elements, isAlone, steps, advice, best } of pages) {
			const title = elements.find(({ tag }) => tag === 'h1')?.text ?? '';
			const [act] = advice.acts;
			seen.add(act?.act ?? 'none');
			if (!seatRulesOf(corner).isForWork) expect(act?.act).toBe('spot');
			if (act?.act === 'spot') expect(title).toBe(t.plan.titleAnotherSpot);
			else if (act?.act === 'finding') {
				const line = advice.findings.find(({ finding }) => finding === act.what);
				expect(line?.fixes[0] ?? line?.name).toContain(title);
			} else if (isAlone) expect(title).toBe(t.plan.titleNone);
			else if (act?.what === 'keyboard-and-mouse') expect(title).toBe(t.plan.titleKeyboard);
			else if (act?.act === 'measure')
				expect(title).toContain(t.measurable[act.what as MeasurableLengthName]);
			else if (act?.act === 'build' && best) {
				const step = steps.find(({ place }) => place === act.what);
				expect(step, act.what).toBeDefined();
				// The height that the headline says is the one that the step says.
				if (step && step.rise > 0 && !step.moves) expect(title).toContain(`${step.rise} mm`);
			} else expect(title).toBe(t.plan.titleHopeless);
		}
		expect([...seen]).toEqual(expect.arrayContaining(['build', 'finding']));
	});
});
