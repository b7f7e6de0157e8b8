import { expect, type Locator, type Page } from '@playwright/test';

/** Someone's answers by the question's field: a length as typed, an option, `pain.neck` as `5/3`, an item as `book: 4`. */
export type WalkerAnswers = Readonly<Record<string, string>>;

/** What a walk cost. */
export interface WalkCost {
	taps: number;
	keys: number;
	/** Words shown; each question's counted once. */
	words: number;
	/** Lengths measured and typed. */
	lengths: number;
	questions: number;
}

interface Walking {
	readonly answers: WalkerAnswers;
	/** Without scripts a choice doesn't go on by itself. */
	readonly hasScripts: boolean;
	/** Taps, or clicks where the device has no touch. */
	readonly press: (at: Locator) => Promise<void>;
	readonly cost: WalkCost;
}

/** Words as they are read: the numbers of a scale are glanced at, not read one by one. */
export const wordsOf = (text: string) => text.split(/\s+/).filter((word) => /\p{L}/u.test(word)).length;

/** Words that can be seen; those for screen readers only aren't counted. */
async function wordsShown(at: Locator): Promise<number> {
	const unseen = await at.locator('.sr-only').allInnerTexts();
	return wordsOf(await at.innerText()) - unseen.reduce((sum, text) => sum + wordsOf(text), 0);
}

async function press({ press: touch, cost }: Walking, at: Locator): Promise<void> {
	cost.taps += 1;
	await touch(at);
}

async function next(page: Page, walking: Walking): Promise<void> {
	await press(walking, page.locator('.bar .one button[name=go]').last());
}

async function signs(page: Page, id: string, walking: Walking): Promise<void> {
	if (id === 'signs.distress') return distress(page, walking);
	await press(walking, page.locator(`button[name=none][value=${id.replace('signs.', '')}]`));
	if (!walking.hasScripts) await next(page, walking);
}

async function distress(page: Page, walking: Walking): Promise<void> {
	await press(walking, page.locator('section.question.current input[type=radio][value=no]'));
	if (!walking.hasScripts) await next(page, walking);
}

async function discomfort(page: Page, here: Locator, walking: Walking): Promise<void> {
	const places = Object.keys(walking.answers).filter((name) => name.startsWith('pain.'));
	if (places.length === 0) return press(walking, here.locator('button[name=none]'));
	for (const name of places) {
		const [worst = '0', days = '0', kind] = (walking.answers[name] ?? '').split('/');
		const place = here.locator(`#place-${name.replace('pain.', '')}`);
		if (!(await place.isVisible())) await press(walking, here.locator('.kit-disclosure > summary').last());
		if (!(await place.locator('details').evaluate((fold: HTMLDetailsElement) => fold.open)))
			await press(walking, place.locator('summary').first());
		await press(walking, place.locator(`input[name$=".worst"][value="${worst}"]`));
		await press(walking, place.locator(`input[name$=".days"][value="${days}"]`));
		if (kind) await press(walking, place.locator(`input[type=checkbox][name$=".kind.${kind}"]`));
	}
	await next(page, walking);
}

async function house(here: Locator, walking: Walking): Promise<void> {
	const things = Object.entries(walking.answers).filter(([name]) => name.startsWith('thing.'));
	for (const [name, count] of things) {
		const shelf = here.locator(`button[name=add][value="${name.replace('thing.', '')}"]`);
		if (!(await shelf.isVisible()))
			await press(walking, here.locator('.kit-disclosure > summary').last().first());
		const shown = shelf.locator('.count');
		for (let i = 1; i <= Number(count); i += 1) {
			await press(walking, shelf);
			await expect(shown).toHaveText(String(i));
		}
	}
}

async function length(page: Page, id: string, here: Locator, walking: Walking): Promise<void> {
	const typed = walking.answers[id];
	const pick = here.locator('input[type=radio]');
	if ((await pick.count()) > 0) {
		const chosen = typed === undefined ? pick.nth(1) : here.locator(`input[type=radio][value="${typed}"]`);
		await press(walking, chosen);
		if (!walking.hasScripts) await next(page, walking);
		return;
	}
	if (typed !== undefined && typed !== 'cant') {
		walking.cost.keys += typed.length;
		walking.cost.lengths += 1;
		await here.locator('input[inputmode=decimal]').fill(typed);
	} else if (typed === 'cant') await press(walking, here.locator('input[type=checkbox]'));
	await next(page, walking);
}

async function choice(page: Page, id: string, here: Locator, walking: Walking): Promise<void> {
	const option = walking.answers[id];
	const inputs = here.locator('input[type=radio]');
	await press(walking, option ? here.locator(`input[type=radio][value="${option}"]`) : inputs.first());
	if (!walking.hasScripts) await next(page, walking);
}

async function answer(page: Page, id: string, here: Locator, walking: Walking): Promise<void> {
	if (id.startsWith('signs.')) return signs(page, id, walking);
	if (id === 'discomfort') return discomfort(page, here, walking);
	if (id.startsWith('check.')) return choice(page, id, here, walking);
	if ((await here.locator('.kit-step, input[inputmode=decimal]').count()) > 0)
		return length(page, id, here, walking);
	return choice(page, id, here, walking);
}

/**
 * Answers one question at a time from the first to the household items, and adds some; stops before the plan is asked for, or at the
 * question named by `until`. Where nothing is asked about household items it ends on the plan. A question without a given answer gets the
 * first option, or is left out.
 */
export async function walkOneByOne(
	page: Page,
	answers: WalkerAnswers,
	{ hasScripts = true, hasTouch = false, until = '' } = {}
): Promise<WalkCost> {
	const cost: WalkCost = { taps: 0, keys: 0, words: 0, lengths: 0, questions: 0 };
	const walking: Walking = {
		answers,
		hasScripts,
		cost,
		press: (at) => (hasTouch ? at.tap() : at.click())
	};
	const current = page.locator('section.question.current');
	for (;;) {
		if (hasScripts) await page.locator('html[data-ready]').waitFor({ state: 'attached' });
		const id = ((await current.getAttribute('id')) ?? '').replace(/^q-/, '');
		if (id === until) return cost;
		cost.questions += 1;
		cost.words += await wordsShown(current);
		if (id === 'house') {
			await house(current, walking);
			return cost;
		}
		await answer(page, id, current, walking);
		const moved = current
			.and(page.locator(`:not([id="q-${id}"])`))
			.or(page.locator('button[name=done]').first());
		await expect(moved.first()).toBeVisible();
		// A plan that the device makes has no address of its own.
		if (/\/plan\b/.test(page.url()) || (await current.count()) === 0) return cost;
	}
}
