import { gzipSync } from 'node:zlib';
import { expect, type Page } from '@playwright/test';
import type { RunOptions } from 'axe-core';
import { axeFinds, dragTo, EVERY_PAGE, hydrated, linkOf, signIn, deskTest as test, WCAG } from './support';

/** The rules that depend on colour: all others see the same page in every colour scheme. */
const COLOUR_RULES = ['color-contrast', 'link-in-text-block'];

const OF_COLOUR: RunOptions = { runOnly: COLOUR_RULES };

const OF_ALL_ELSE: RunOptions = {
	...WCAG,
	rules: Object.fromEntries(COLOUR_RULES.map((rule) => [rule, { enabled: false }]))
};

const ALIKE = 'data-looks-like-one-before';

/**
 * Marks every text that looks exactly like an earlier one: same colour, size, weight and background. What holds for one of them holds for
 * all, and axe takes seconds over a list of a thousand alike.
 */
async function markAlike(page: Page): Promise<void> {
	await page.evaluate((mark) => {
		for (const marked of document.querySelectorAll(`[${mark}]`)) marked.removeAttribute(mark);
		const seen = new Set<string>();
		const grounds = new Map<Element, string>();
		const groundOf = (element: Element): string => {
			const known = grounds.get(element);
			if (known !== undefined) return known;
			const { backgroundColor, backgroundImage, opacity, color } = getComputedStyle(element);
			const own = `${backgroundColor} ${backgroundImage} ${opacity} ${color}`;
			const ground = element.parentElement ? `${groundOf(element.parentElement)}/${own}` : own;
			grounds.set(element, ground);
			return ground;
		};
		for (const element of document.body.querySelectorAll('*')) {
			if (element.childElementCount > 0 || !element.textContent?.trim()) continue;
			const { fontSize, fontWeight, position, textDecorationLine, textShadow } = getComputedStyle(element);
			const alike = [
				element.tagName,
				groundOf(element),
				fontSize,
				fontWeight,
				position,
				textDecorationLine,
				textShadow
			].join('|');
			if (seen.has(alike)) element.setAttribute(mark, '');
			seen.add(alike);
		}
	}, ALIKE);
}

const SAME_SHAPE = 'data-same-shape-as-one-before';

/**
 * Marks every entry of a list or table whose elements, classes and attributes are those of an earlier entry of the same list. Only their
 * texts differ, so a rule that one of them keeps, all keep. Duplicate ids, which no single entry shows, are checked separately.
 */
async function markSameShape(page: Page): Promise<void> {
	await page.evaluate((mark) => {
		const shapeOf = (element: Element): string => {
			const attributes = [...element.attributes].map(({ name, value }) =>
				/^(class|style|role|type|hidden|aria-(expanded|pressed|checked|current|hidden|disabled))$/.test(name)
					? `${name}=${value}`
					: `${name}${value === '' ? '' : '!'}`
			);
			const text = [...element.childNodes].some(
				(node) => node.nodeType === Node.TEXT_NODE && node.nodeValue?.trim()
			);
			return `<${element.tagName} ${attributes.sort().join(' ')} ${text}>${[...element.children].map(shapeOf).join('')}`;
		};
		for (const list of document.querySelectorAll('tbody, ul, ol')) {
			const seen = new Set<string>();
			for (const entry of list.children) {
				const shape = shapeOf(entry);
				if (seen.has(shape)) entry.setAttribute(mark, '');
				seen.add(shape);
			}
		}
	}, SAME_SHAPE);
}

/** Ids that occur more than once on a page. */
async function idsTwice(page: Page): Promise<string[]> {
	return page.evaluate(() => {
		const ids = [...document.querySelectorAll('[id]')].map(({ id }) => id);
		return ids.filter((id, i) => ids.indexOf(id) !== i);
	});
}

/** All rules once; then the colour rules on the same page in light, in dark and, on an employee's page, in forced colours. */
async function expectNothingFound(page: Page, where: string, door: 'desk' | 'employee' = 'desk') {
	const expectColours = async (scheme: string) => {
		await markAlike(page);
		expect(await axeFinds(page, OF_COLOUR, [`[${ALIKE}]`, `[${SAME_SHAPE}]`]), `${where}, ${scheme}`).toEqual(
			[]
		);
	};
	await markSameShape(page);
	expect(await axeFinds(page, OF_ALL_ELSE, [`[${SAME_SHAPE}]`]), where).toEqual([]);
	expect(await idsTwice(page), `ids that stand twice on ${where}`).toEqual([]);
	await expectColours('light');
	await page.emulateMedia({ colorScheme: 'dark' });
	await expectColours('dark');
	await page.emulateMedia({ colorScheme: 'light' });
	if (door === 'desk') return;
	await page.emulateMedia({ forcedColors: 'active' });
	await expectColours('forced colours');
	await page.emulateMedia({ forcedColors: 'none' });
}

async function expectNoSidewaysScroll(page: Page, where: string) {
	const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
	expect(over, where).toBeLessThanOrEqual(0);
}

const LAPTOP = { width: 1280, height: 800 };

/** The desk is made for laptops; the smallest still in use has this screen. */
const SMALL_LAPTOP = { width: 1024, height: 768 };

async function expectItFits(page: Page, where: string) {
	await expectNoSidewaysScroll(page, where);
	await page.setViewportSize(SMALL_LAPTOP);
	await expectNoSidewaysScroll(page, `${where}, small laptop`);
	await page.setViewportSize(LAPTOP);
}

test('axe finds nothing in either door, light and dark, nor in the employee’s in forced colours', async ({
	browser
}) => {
	const context = await browser.newContext({
		colorScheme: 'light',
		reducedMotion: 'reduce',
		viewport: LAPTOP
	});
	// The content security policy allows everything of our own and would stop anything else: it refuses nothing on any of these pages.
	const refused: string[] = [];
	await context.exposeFunction('policyRefused', (what: string) => void refused.push(what));
	await context.addInitScript(() =>
		document.addEventListener('securitypolicyviolation', (event) => {
			const tell = Reflect.get(window, 'policyRefused') as (what: string) => void;
			tell(`${location.pathname} ${event.violatedDirective} ${event.blockedURI}`);
		})
	);
	const page = await context.newPage();
	await page.goto('/desk/sign-in');
	await expectNothingFound(page, 'sign-in');
	const link = await linkOf(page, 'Mirela Oakhanger');
	await expectNothingFound(page, 'letter');
	await page.goto('/post');
	await expectNothingFound(page, 'post');
	await signIn(page);
	// A card on a public holiday or weekend is marked, whatever weekday the test runs on.
	await page.goto('/desk/follow-ups?view=week');
	await hydrated(page);
	const sunday = page.getByRole('group', { name: /^Sunday/ });
	await dragTo(page, page.locator('[id^="follow-up-"]').first(), sunday);
	await expect(sunday.getByText('day off there').first()).toBeVisible();
	const desk = [
		'/desk',
		'/desk/people',
		'/desk/people/new',
		'/desk/people/import',
		'/desk/rounds',
		'/desk/rounds/new',
		'/desk/follow-ups',
		'/desk/follow-ups?view=week',
		'/desk/follow-ups?view=list',
		'/desk/equipment',
		'/desk/users',
		'/desk/account/second-factor',
		'/desk/record',
		'/desk/retention?leaving=5&answer=',
		'/desk/account',
		'/desk/account/absence',
		'/desk/waiting-emails',
		'/desk/crisis-lines',
		'/desk/organisation/checklist',
		'/desk/organisation/checklist/question?station=light',
		'/desk/organisation/checklist/question?id=get-up',
		'/desk/organisation/checklist/try',
		'/desk/organisation/emails?kind=reply-stuck&language=fr',
		'/desk/organisation/cover',
		'/desk/organisation/policy',
		'/desk/workforce/answers?by=team',
		'/desk/workforce/discomfort',
		'/desk/workforce/findings',
		'/desk/workforce/goes-with',
		'/desk/workforce/steps',
		'/desk/equipment/budget?money=900',
		'/desk/workforce/to-buy',
		'/desk/workforce/report'
	];
	for (const path of desk) {
		await page.goto(path);
		await expectNothingFound(page, path);
		await expectItFits(page, path);
	}
	await page.goto('/desk');
	await expect(page.getByRole('complementary', { name: /^The case of/ }).getByRole('heading')).toBeVisible();
	await expectNothingFound(page, 'day sheet with a case beside it');
	await page.goto('/desk/people?q=mirela');
	await page.getByRole('link', { name: 'Mirela Oakhanger' }).click();
	await expect(page.getByRole('heading', { name: 'Mirela Oakhanger' })).toBeVisible();
	await expectNothingFound(page, 'case');
	await expectItFits(page, 'case');
	// The coordinator reads it on a phone, on the way from one room to another.
	await page.setViewportSize({ width: 390, height: 844 });
	await expectNoSidewaysScroll(page, 'case on a phone');
	await expect(page.locator('a[href^="tel:"]').first()).toBeVisible();
	await page.setViewportSize(LAPTOP);
	const caseUrl = page.url();
	await page.goto(`${caseUrl}/letter`);
	await expectNothingFound(page, 'letter to a clinician');
	await page.goto(`${caseUrl}/inspection`);
	await expectNothingFound(page, 'record of an assessment');
	await page.goto('/desk/rounds');
	await page.getByRole('link', { name: 'This autumn' }).click();
	await expect(page.getByRole('heading', { name: 'Results' })).toBeVisible();
	await expectNothingFound(page, 'round');
	await expectNoSidewaysScroll(page, 'round');
	await page.getByRole('link', { name: 'Record of this round' }).click();
	await expect(page.getByRole('heading', { name: 'Record of an assessment round' })).toBeVisible();
	await expectNothingFound(page, 'record of a round');
	await page.setViewportSize({ width: 390, height: 844 });
	await expectNoSidewaysScroll(page, 'record of a round on a phone');
	await page.goto(`${caseUrl}/inspection`);
	await expectNoSidewaysScroll(page, 'record of an assessment on a phone');
	await page.setViewportSize(LAPTOP);
	await page.setViewportSize({ width: 390, height: 844 });
	for (const path of EVERY_PAGE) {
		await page.goto(`${link}${path}`);
		await expectNothingFound(page, `employee ${path}`, 'employee');
		await expectNoSidewaysScroll(page, `employee ${path}`);
	}
	// At 400 % zoom a window 1280 px wide has 320 px.
	await page.setViewportSize({ width: 320, height: 256 });
	for (const path of ['/hands', '/discomfort', '/plan']) {
		await page.goto(`${link}${path}`);
		await expectNoSidewaysScroll(page, `zoomed ${path}`);
	}
	expect(refused).toEqual([]);
	await context.close();
});

test('the employee’s door is light: no scripts on its first page, at most 195 kB of them, compressed, with a question', async ({
	page
}) => {
	const link = await linkOf(page, 'Mirela Oakhanger');
	const first = await (await page.request.get(link)).text();
	expect(first).not.toMatch(/<script|modulepreload/);
	for (const path of ['/first', '/plan']) {
		// Until a page is ready it runs only the scripts its head names. The offline plan is loaded later, when the browser is idle.
		const answer = await page.request.get(`${link}${path}`);
		const files = /\}\)\((\["[^\]]+\.js"\])\)/.exec(await answer.text())?.[1] ?? '[]';
		const addresses = (JSON.parse(files) as string[]).map(
			(file) => new URL(file, `http://here${link}${path}`).pathname
		);
		// Scripts load after the page: nothing asks for them while it is being fetched.
		expect(answer.headers().link).not.toContain('.js');
		expect(addresses.length, path).toBeGreaterThan(5);
		const sizes = await Promise.all(
			addresses.map(async (address) => gzipSync(await (await page.request.get(address)).body()).byteLength)
		);
		const kb = sizes.reduce((sum, size) => sum + size, 0) / 1024;
		test.info().annotations.push({ type: `scripts of ${path}`, description: `${kb.toFixed(1)} kB gzip` });
		expect(kb, path).toBeLessThanOrEqual(195);
	}
});

test('the coordinator works by keys alone', async ({ page }) => {
	await page.goto('/desk/sign-in');
	await hydrated(page);
	await page.keyboard.press('Tab');
	await page.keyboard.type('coordinator@lanterns.example');
	await page.keyboard.press('Tab');
	await page.keyboard.type('tarn-valley-demo');
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL('/desk');
	await hydrated(page);
	await page.keyboard.press('?');
	const help = page.getByRole('dialog', { name: 'Keyboard shortcuts on this page' });
	await expect(help).toContainText('Select the line');
	const box = await help.boundingBox();
	expect((box?.y ?? -1) >= 0 && (box?.height ?? 900) <= 800).toBe(true);
	await page.keyboard.press('Escape');
	await expect(help).toHaveCount(0);
	await page.keyboard.press('2');
	await expect(page).toHaveURL('/desk/people');
	await hydrated(page);
	await page.keyboard.press('/');
	await page.keyboard.type('ruta');
	await expect(page.getByRole('row')).toHaveCount(2);
	await page.keyboard.press('Tab');
	await page.getByRole('link', { name: 'Ruta Wexcombe' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { name: 'Ruta Wexcombe' })).toBeVisible();
	await hydrated(page);
	await page.keyboard.press('v');
	await expect(page.getByRole('button', { name: 'After the plan' })).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('f');
	await expect(page.locator('#due')).toBeFocused();
	await page.getByRole('heading', { name: 'Ruta Wexcombe' }).click();
	await page.keyboard.press('1');
	await expect(page).toHaveURL('/desk');
	await hydrated(page);
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/\/desk\/cases\//);
});

test('signing out ends the session', async ({ page }) => {
	await signIn(page);
	await page.getByRole('button', { name: 'Sign out' }).click();
	await expect(page).toHaveURL('/desk/sign-in');
	await page.goto('/desk/people');
	await expect(page).toHaveURL('/desk/sign-in');
});
