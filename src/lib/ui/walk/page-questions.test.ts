import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import { ANSWER_FIELDS, issuesOf, PAGES, THING_FIELD_PATTERN, type Page } from '$lib/core/answers';
import { VERSIONS } from '$lib/core/checklist';
import { messagesFor } from '$lib/messages';
import { elementsOf, nameOf, type Element } from '../../../../tests/support/markup';
import { randomAnswers } from '../../../../tests/support/random-answers';
import { Draft } from './draft.svelte';
import PageQuestions from './PageQuestions.svelte';

const t = messagesFor('en');
const THING = new RegExp(THING_FIELD_PATTERN);
/** What the buttons of the shelf post. */
const BUTTONS = ['add', 'remove', 'none'];

interface Drawn {
	readonly page: Page;
	readonly answers: Record<string, string>;
	readonly html: string;
	readonly elements: readonly Element[];
}

/** Every page for ninety people, each asked by one of the versions, as the server sends it: empty, half filled in, with nonsense in it. */
const drawn: Drawn[] = Array.from({ length: 90 }, (_, seed) => {
	const answers = seed === 0 ? {} : randomAnswers(seed);
	const draft = new Draft({ answers, revision: 0 }, 'upright', '/c/token/draft', null);
	const issues = issuesOf(answers, 'upright');
	const checklistVersion = VERSIONS[seed % VERSIONS.length]?.version ?? 1;
	return PAGES.map((page): Drawn => {
		const html = render(PageQuestions, { props: { page, draft, t, issues, checklistVersion } }).body;
		return { page, answers, html, elements: elementsOf(html) };
	});
}).flat();

const controlsOf = (elements: readonly Element[]) =>
	elements.filter(
		({ tag, attributes }) => tag === 'select' || (tag === 'input' && attributes.type !== 'hidden')
	);

describe('the questions of a page', () => {
	it('are words and numbers, whatever was answered', () => {
		for (const { html } of drawn) expect(html).not.toMatch(/undefined|NaN|\[object|Infinity/);
	});

	it('post only fields that the server takes, with values that it takes', () => {
		for (const { elements } of drawn)
			for (const { tag, attributes } of elements) {
				const { name = '', value = '', type } = attributes;
				if (!name || tag === 'fieldset' || (tag === 'button' && BUTTONS.includes(name))) continue;
				const takes = ANSWER_FIELDS.get(name);
				if (takes === undefined) expect(name).toMatch(THING);
				else if (type === 'radio' || type === 'checkbox' || type === 'hidden') expect(takes).toContain(value);
			}
	});

	it('ask for every answer there is', () => {
		const asked = new Set(drawn.flatMap(({ elements }) => elements.map(({ attributes }) => attributes.name)));
		// Steps are ticked on the plan, the unit changed in the header, a hand measured on the page that tells how to.
		const notHere = (name: string) => name.startsWith('tick.') || ['unit', 'handSpan'].includes(name);
		const missing = [...ANSWER_FIELDS.keys()].filter((name) => !notHere(name) && !asked.has(name));
		expect(missing).toEqual([]);
	});

	it('have a visible label each, that is their name', () => {
		for (const { elements, page } of drawn)
			for (const control of controlsOf(elements))
				expect(nameOf(control, elements), `${page}: ${control.attributes.name}`).toMatch(/\S/);
	});

	it('point only at words that are on the page, and every place is there once', () => {
		for (const { elements, page } of drawn) {
			const ids = elements.flatMap(({ attributes }) => (attributes.id ? [attributes.id] : []));
			expect(new Set(ids).size, page).toBe(ids.length);
			for (const { attributes } of elements) {
				const pointed = [attributes['aria-describedby'], attributes['aria-labelledby'], attributes.for];
				for (const id of pointed.flatMap((list) => list?.split(' ') ?? []))
					expect(ids, `${page}: ${id}`).toContain(id);
			}
		}
	});

	it('show what was answered: texts as typed, one of a row of choices', () => {
		let texts = 0;
		for (const { elements, answers } of drawn) {
			const chosen = new Map<string, string[]>();
			for (const { attributes } of controlsOf(elements)) {
				const { name = '', type, value = '' } = attributes;
				if (type === 'radio' && 'checked' in attributes)
					chosen.set(name, [...(chosen.get(name) ?? []), value]);
				if (type !== 'text' || answers[name] === undefined) continue;
				expect(value).toBe(answers[name]);
				texts += 1;
			}
			for (const [name, values] of chosen) {
				expect(values, name).toHaveLength(1);
				if (answers[name]) expect(values[0]).toBe(answers[name]);
			}
		}
		expect(texts).toBeGreaterThan(300);
	});

	it('say what is wrong where it is, and mark the control', () => {
		let told = 0;
		for (const { elements, page } of drawn)
			for (const { attributes } of controlsOf(elements)) {
				if (attributes['aria-invalid'] !== 'true' || !attributes['aria-describedby']) continue;
				const words = attributes['aria-describedby']
					.split(' ')
					.map((id) => elements.find((element) => element.attributes.id === id)?.text ?? '');
				expect(words.at(-1)?.length, `${page}: ${attributes.name}`).toBeGreaterThan(20);
				told += 1;
			}
		expect(told).toBeGreaterThan(30);
	});
});
