import { randomUUID } from 'node:crypto';
import axe, { type AxeResults, type ElementContext, type RunOptions } from 'axe-core';
import { expect, test as base, type Locator, type Page } from '@playwright/test';
import { QUESTIONNAIRE_PAGES } from '../src/lib/core/questionnaire/answers/questionnaire-pages';
import { DEMO_PEOPLE } from '../seed/people';
import { NO_SIGNS } from '../seed/profiles';

/** Every page that an employee can open below their link. */
export const EVERY_PAGE = [
	'',
	...QUESTIONNAIRE_PAGES.map((name) => `/${name}`),
	'/plan',
	'/day',
	'/break',
	'/side',
	'/style',
	'/messages',
	'/equipment',
	'/check-in',
	'/measure',
	'/other-device',
	'/photo',
	'/together',
	'/withdraw'
];

/** Every page of the desk that a coordinator opens without choosing a person first. */
export const DESK_PAGES = [
	'',
	'/people',
	'/people/new',
	'/people/import',
	'/people/directory',
	'/rounds',
	'/rounds/new',
	'/follow-ups',
	'/follow-ups?view=list',
	'/equipment',
	'/equipment/budget',
	'/workforce',
	'/workforce/answers',
	'/workforce/discomfort',
	'/workforce/findings',
	'/workforce/goes-with',
	'/workforce/steps',
	'/workforce/helps',
	'/workforce/times',
	'/workforce/to-buy',
	'/workforce/report',
	'/users',
	'/practice',
	'/account',
	'/account/second-factor',
	'/organisation',
	'/account/absence',
	'/organisation/checklist',
	'/organisation/checklist/question?station=light',
	'/organisation/checklist/try',
	'/organisation/cover',
	'/organisation/emails',
	'/organisation/policy',
	'/organisation/settings/choices',
	'/organisation/settings/days-off',
	'/organisation/settings/household-items',
	'/organisation/settings/equipment',
	'/organisation/settings/purchasing-file',
	'/organisation/settings/eye-tests',
	'/organisation/settings/teams',
	'/record',
	'/retention',
	'/waiting-emails',
	'/crisis-lines'
].map((path) => `/desk${path}`);

/** The demo's coordinator account. */
export const ACCOUNT = { email: 'coordinator@lanterns.example', password: 'tarn-valley-demo' } as const;

/** The tags of the WCAG 2.2 AA rules in axe. */
export const WCAG: RunOptions = { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] };

/**
 * Runs axe in the page and gives one line per fault. Our pages have no frames, so one run in the page is enough: axe's builder, which
 * gathers results from many frames, takes as long again as the rules.
 * @param without selectors of what is left out
 */
export async function axeFinds(page: Page, options: RunOptions, without: string[] = []): Promise<string[]> {
	if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
	const asked: { options: RunOptions; without: string[] } = {
		without,
		// None of the rules asked for reads the style sheets and sounds that axe would fetch beforehand.
		options: { ...options, resultTypes: ['violations'], elementRef: false, preload: false }
	};
	return page.evaluate(async ({ options, without }) => {
		const there = Reflect.get(window, 'axe') as {
			run(where: ElementContext, options: RunOptions): Promise<AxeResults>;
		};
		const { violations } = await there.run({ include: [document], exclude: without }, options);
		return violations.map((v) => `${v.id} ${v.nodes[0]?.html.slice(0, 120)}`);
	}, asked);
}

/** Waits until the page is hydrated. Before that, typed text is kept by the form, and a click posts it. */
export async function hydrated(page: Page): Promise<void> {
	await page.locator('html[data-ready]').waitFor({ state: 'attached' });
}

/**
 * For tests of the desk: after `goto` the page is hydrated before anything is done on it, as a person looks first. A test of what happens
 * earlier waits only for the response (`waitUntil: 'commit'`).
 */
export const deskTest = base.extend({
	page: async ({ page }, use) => {
		const goTo = page.goto.bind(page);
		page.goto = async (url, options) => {
			const response = await goTo(url, options);
			if (
				options?.waitUntil !== 'commit' &&
				response?.ok() &&
				new URL(page.url()).pathname.startsWith('/desk')
			)
				await hydrated(page);
			return response;
		};
		await use(page);
	}
});

/**
 * Types a day into a date field, part by part in the order of its language.
 * @param id of the field
 * @param day ISO 8601, such as `2026-11-25`
 */
export async function fillDay(page: Page, id: string, day: string): Promise<void> {
	const [year, month, date] = day.split('-');
	await page.locator(`#${id}`).focus();
	await page.keyboard.type(`${date}${month}${year}`);
}

/** Today in UTC, as the tested server counts it. */
export const todayIso = () => new Date().toISOString().slice(0, 10);

/** Opens a part of a case by its tab. */
export async function openPart(page: Page, words: string): Promise<void> {
	await page
		.getByRole('navigation', { name: 'Parts of the case' })
		.getByRole('link', { name: new RegExp(`^${words}`) })
		.click();
}

/**
 * Opens the desk as the demo's coordinator, with one session for all tests of a file. That the form signs in is tested in
 * `sign-in.spec.ts`.
 */
export async function signIn(page: Page): Promise<void> {
	await signInQuietly(page);
	await page.goto('/desk');
	await expect(page).toHaveURL('/desk');
	await hydrated(page);
}

/** Like {@link sendTo}, but through the desk's pages, as a coordinator does it. */
export async function sendByHand(page: Page, name: string): Promise<{ link: string; caseUrl: string }> {
	await signIn(page);
	await page.goto('/desk/people/new');
	await page.getByLabel('Name', { exact: true }).fill(name);
	await page.getByLabel('Email address').fill(`${name.toLowerCase().replace(/\W+/g, '.')}@lanterns.example`);
	await page.getByLabel('Country').selectOption('United Kingdom');
	await page.getByLabel('Team (optional)').selectOption('a new team …');
	await page.getByLabel('Name of the new team').fill('Testing');
	await page.getByLabel('Phone').fill('+44 20 7946 0123');
	await page.getByRole('button', { name: 'Add' }).click();
	await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
	await expect(page.getByRole('link', { name: '+44 20 7946 0123' })).toHaveAttribute(
		'href',
		'tel:+442079460123'
	);
	const caseUrl = page.url();
	await hydrated(page);
	await page.getByRole('button', { name: /Send a self-assessment/ }).click();
	await expect(page.getByText('The email is in the test inbox.')).toBeVisible();
	await page.goto('/post');
	await page.getByRole('link', { name: new RegExp(name) }).click();
	const link = await page.getByRole('article').getByRole('link').getAttribute('href');
	return { link: link ?? '', caseUrl };
}

/** The coordinator's session for this run: signing in takes time, and no test of the walk is about it. */
let session: Cookies | null = null;

type Cookies = Awaited<ReturnType<ReturnType<Page['context']>['cookies']>>;

/**
 * Posts a form as a page would, without opening the page.
 * @returns the address it redirected to
 */
export async function posted(page: Page, address: string, form: Record<string, string>) {
	const origin = new URL((await page.request.get('/health')).url()).origin;
	const response = await page.request.post(address, {
		data: new URLSearchParams(form).toString(),
		headers: { origin, accept: 'text/html', 'content-type': 'application/x-www-form-urlencoded' }
	});
	expect(response.ok(), `${address}: ${response.status()}`).toBe(true);
	return response;
}

async function signInQuietly(page: Page): Promise<void> {
	if (session) {
		await page.context().addCookies(session);
		// An earlier file may have signed out everywhere.
		const here = await page.request.get('/desk/account', { maxRedirects: 0 });
		if (here.ok()) return;
		await page.context().clearCookies();
	}
	await posted(page, '/desk/sign-in', ACCOUNT);
	session = await page.context().cookies();
}

/**
 * Adds a person under a name of their own, sends a self-assessment and gives the link from its email. Done by requests, since most tests
 * are about what comes afterwards; {@link sendByHand} uses the pages.
 */
export async function sendTo(page: Page, name: string): Promise<{ link: string; caseUrl: string }> {
	await signInQuietly(page);
	const email = `${name.toLowerCase().replace(/\W+/g, '.')}@lanterns.example`;
	const person = { name, email, team: 'Testing', phone: '+44 20 7946 0123' };
	const caseUrl = (await posted(page, '/desk/people/new', person)).url();
	const version = /name="version" value="(\d+)"/.exec(await (await page.request.get(caseUrl)).text())?.[1];
	await posted(page, `${caseUrl}?/send`, { key: randomUUID(), version: version ?? '' });
	const letters = await (await page.request.get('/post')).text();
	const letter = letters.slice(0, letters.indexOf(email)).lastIndexOf('/post/');
	const opened = await page.request.get(letters.slice(letter).split('"')[0] ?? '');
	const link = /href="(\/c\/[^"/]+)"/.exec(await opened.text())?.[1] ?? '';
	expect(link).not.toBe('');
	return { link, caseUrl };
}

/** Gives the consent that a link's first page asks for: no answer is accepted before it. */
export async function agree(page: Page, link: string): Promise<void> {
	await posted(page, `${link}?/begin`, {});
}

/** Adds a person with the answers of someone in the demo: a case that no other test touches. */
export async function answeredLike(
	page: Page,
	name: string,
	demoName: string
): Promise<{ link: string; caseUrl: string }> {
	const sent = await sendTo(page, name);
	await agree(page, sent.link);
	const fields = DEMO_PEOPLE.find((person) => person.name === demoName)?.answers ?? {};
	const saved = await page.request.put(`${sent.link}/draft`, {
		data: { fields: { ...NO_SIGNS, ...fields } }
	});
	expect(saved.ok()).toBe(true);
	const submitted = await page.request.post(`${sent.link}/submit`);
	expect(await submitted.json()).toEqual({ ok: true });
	return sent;
}

/** From this width all questions of a station stand beside the drawing. */
const WIDE_PX = 992;

/** Whether one question is shown at a time. */
export function isOneAtATime(page: Page): boolean {
	return (page.viewportSize()?.width ?? WIDE_PX) < WIDE_PX;
}

/** What the full questionnaire asks, answered as a person at a high table would type it. */
export const TYPED: readonly (readonly [page: string, fields: Readonly<Record<string, string>>])[] = [
	['Before anything else', {}],
	['Your discomfort', {}],
	['You', { stature: '158' }],
	['Your place and its table', { surfaceHeight: '75.2' }],
	['Feet and seat', { seatHeight: '45.5', popliteal: '38.6', thigh: '14.6' }],
	['Back and shoulders', {}],
	['Elbows and keyboard', { sittingElbow: '22.8' }],
	['The mouse', {}],
	[
		'The screen',
		{
			topAboveBase: '21.8',
			sittingEye: '72.4',
			distance: '52',
			visibleHeight: '19',
			baseLong: '32.5',
			baseShort: '22.5'
		}
	],
	['Light, papers and phone', {}],
	['Safety', {}],
	['A second position, and moving', {}]
];

/** Answers every group of warning signs with "none of these". */
export async function noneOfThese(page: Page): Promise<void> {
	for (const group of ['emergency', 'urgent', 'professional'])
		await page.locator(`button[name=none][value=${group}]`).click();
	await noDistress(page);
}

/** Distress is asked separately and answered like any other question. */
export const noDistress = (page: Page) =>
	page
		.getByRole('group', { name: /thoughts of ending your life/ })
		.getByText('No', { exact: true })
		.click();

/** Starts the walk, and asks for the full questionnaire where it is wanted. */
export async function begin(page: Page, link: string, route: 'short' | 'complete' = 'short'): Promise<void> {
	await page.goto(link);
	if (route === 'complete') await page.getByLabel(/Ask me everything/).check();
	await page.getByRole('button', { name: /I’ve read this/ }).click();
}

/** None of the warning signs: on to the discomfort page. */
export async function pastTheSigns(page: Page): Promise<void> {
	await expect(page.getByRole('heading', { name: 'Before anything else' })).toBeVisible();
	await hydrated(page);
	await noneOfThese(page);
	if (!isOneAtATime(page)) await page.getByRole('button', { name: /^Next:/ }).click();
	await expect(page.getByRole('heading', { name: 'Your discomfort' })).toBeVisible();
}

/** Answers the full questionnaire page by page on a wide screen, and stops at the household items. */
export async function walkToTheHouse(page: Page, link: string): Promise<void> {
	await begin(page, link, 'complete');
	for (const [title, fields] of TYPED) {
		await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
		await hydrated(page);
		if (title === 'Before anything else') await noneOfThese(page);
		for (const [name, text] of Object.entries(fields)) await page.locator(`#${name}`).fill(text);
		await page.getByRole('button', { name: /^Next:/ }).click();
	}
	await expect(page.getByRole('heading', { name: 'Items at home' })).toBeVisible();
}

/** Adds household items, one after the other. */
export async function addThings(page: Page, names: readonly string[]): Promise<void> {
	for (const [i, name] of names.entries()) {
		await page.getByRole('button', { name: `Add: ${name}` }).click();
		await expect(page.getByRole('listitem').filter({ hasText: 'How many' })).toHaveCount(i + 1);
	}
}

/** The link of a person in the demo, from their email. */
export async function linkOf(page: Page, name: string): Promise<string> {
	await page.goto('/post');
	await page
		.getByRole('link', { name: new RegExp(name) })
		.last()
		.click();
	return (await page.getByRole('article').getByRole('link').getAttribute('href')) ?? '';
}

/**
 * Holds back every script of the next page, as a slow network does. For a context without service worker, since a worker has them stored.
 * @returns lets them through
 */
export async function holdScripts(page: Page): Promise<() => void> {
	let letGo = () => {};
	const held = new Promise<void>((resolve) => (letGo = resolve));
	await page.unrouteAll({ behavior: 'ignoreErrors' });
	await page.route(/\.js$/, async (route) => {
		await held;
		await route.continue();
	});
	return letGo;
}

export async function signInAs(page: Page, who: string): Promise<void> {
	await page.goto('/desk/sign-in');
	await page.getByLabel('Email address').fill(`${who}@lanterns.example`);
	await page.getByLabel('Password').fill(ACCOUNT.password);
	await page.getByRole('button', { name: 'Sign in' }).click();
	await expect(page).toHaveURL('/desk');
	await hydrated(page);
}

/**
 * The points where a card is picked up and where it is dropped, with the day in the middle of the window: near its upper and lower edges, the
 * page scrolls under a dragged card, and another place would be under it.
 */
export async function gripsOf(
	card: Locator,
	day: Locator
): Promise<Record<'from' | 'to', { x: number; y: number }>> {
	await day.evaluate((element) => element.scrollIntoView({ block: 'center', behavior: 'instant' }));
	await card.scrollIntoViewIfNeeded();
	const [from, to] = await Promise.all(
		[card, day].map(async (what) => {
			const box = await what.boundingBox();
			if (!box) throw new Error('What is dragged is on the page');
			return { x: box.x + 20, y: box.y + 12 };
		})
	);
	return { from: from!, to: to! };
}

/**
 * Drags a card to a place by mouse until it is seen there: where the page read its data again while it was in hand, it is back where it was,
 * and a hand takes it once more.
 */
export async function dragUntil(page: Page, card: Locator, place: Locator, landed: Locator): Promise<void> {
	await expect(async () => {
		await dragTo(page, card, place);
		await expect(landed).toBeVisible();
	}).toPass();
}

/** Drags a card to a place, such as a follow-up to a day, by mouse, as slowly as the page needs to show where it would land. */
export async function dragTo(page: Page, card: Locator, day: Locator): Promise<void> {
	const { from, to } = await gripsOf(card, day);
	await page.mouse.move(from.x, from.y);
	await page.mouse.down();
	/** A hand never rests quite still: where the machine was too busy to see a move, the next one is seen. */
	const moveUntil = (x: number, y: number, isSeen: () => Promise<boolean>) =>
		expect(async () => {
			for (const by of [2, 0]) await page.mouse.move(x + by, y, { steps: 4 });
			expect(await isSeen()).toBe(true);
		}).toPass();
	await moveUntil(from.x + 8, from.y + 8, async () => (await page.locator('.dragged').count()) === 1);
	await moveUntil(to.x, to.y, async () => /\bover\b/.test((await day.getAttribute('class')) ?? ''));
	await page.mouse.up();
}
