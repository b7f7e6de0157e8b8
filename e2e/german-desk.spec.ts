import { expect, type APIRequestContext } from '@playwright/test';
import { deskTexts as german } from '../src/lib/messages/desk/de';
import { deskTexts as english } from '../src/lib/messages/desk/en';
import { clippedOn, pretend } from './pseudo-language';
import { ACCOUNT, DESK_PAGES, deskTest as test, fillDay, hydrated, signIn, todayIso } from './support';

/** Plain texts of a catalogue, however deep. */
const plainTexts = (value: unknown): string[] => {
	if (typeof value === 'string') return [value];
	return value !== null && typeof value === 'object' ? Object.values(value).flatMap(plainTexts) : [];
};

const GERMAN = new Set(plainTexts(german));

/** English texts that no German text equals, as “Team” and “Plan” do. */
const ENGLISH_ONLY = new Set(
	plainTexts(english).filter((text) => /\p{L}{3}/u.test(text) && !GERMAN.has(text))
);

/** Names of days and months that are only English, as dates are written. */
const ENGLISH_DATE =
	/\b(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun)(?:day|sday|nesday|rsday|urday)?\b,? \d|\b\d{1,2} (?:Jan|Feb|Mar|May|Jun|Jul|Oct|Dec)\w*\b/;

const say = (request: APIRequestContext, language: string, origin: string) =>
	request.post('/desk/account?/language', { form: { language }, headers: { origin } });

test.describe('the desk in German', () => {
	test.beforeEach(async ({ page }) => {
		await signIn(page);
		await page.goto('/desk/account');
		await page.getByLabel('Language of your pages and emails').selectOption('de');
		await page.getByRole('button', { name: 'Save language' }).click();
		await expect(page.locator('html')).toHaveAttribute('lang', 'de');
	});

	// Other tests sign in to the same account, and read English.
	test.afterEach(async ({ page }) => {
		const back = await say(page.request, 'en', new URL(page.url()).origin);
		expect(back.ok()).toBe(true);
	});

	test('has no English text on any page, nor a date written the English way; with longer words, from right to left, each fits', async ({
		page
	}) => {
		for (const path of [...DESK_PAGES, '/desk/organisation/translations?language=fr']) {
			await page.goto(path);
			await expect(page.locator('html'), path).toHaveAttribute('lang', 'de');
			const said = await page.evaluate(() => {
				const nodes = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
				const found: string[] = [document.title];
				while (nodes.nextNode()) {
					const { parentElement, textContent } = nodes.currentNode;
					if (
						!parentElement?.closest(
							'script, style, :is(dd, pre, div, td, a)[lang="en"], [id^="bits-"][style*="none"]'
						)
					)
						found.push(textContent?.trim() ?? '');
				}
				for (const element of document.querySelectorAll('[aria-label], [placeholder], [alt]'))
					for (const name of ['aria-label', 'placeholder', 'alt'])
						found.push(element.getAttribute(name)?.trim() ?? '');
				return found;
			});
			expect(
				said.filter((text) => ENGLISH_ONLY.has(text) || ENGLISH_DATE.test(text)),
				path
			).toEqual([]);
			expect(said.length, path).toBeGreaterThan(20);
			await pretend(page);
			expect(await clippedOn(page), path).toEqual([]);
		}
		// What comes first stands on the right.
		const middle = (selector: string) =>
			page
				.locator(selector)
				.first()
				.evaluate((element) => {
					const { left, right } = element.getBoundingClientRect();
					return (left + right) / 2;
				});
		expect(await middle('nav')).toBeGreaterThan(await middle('main'));
	});

	test('does the main work: a person is added, followed up and, with an address that is taken, refused', async ({
		page
	}) => {
		await page.goto('/desk/people/new');
		await page.getByLabel('Name').fill('Gerda Grünwald');
		await page.getByLabel('E-Mail-Adresse').fill(ACCOUNT.email.replace('coordinator', 'gerda.gruenwald'));
		await page.getByRole('button', { name: 'Person hinzufügen' }).click();
		await expect(page.getByRole('heading', { name: 'Gerda Grünwald', level: 1 })).toBeVisible();
		await hydrated(page);
		const parts = page.getByRole('navigation', { name: 'Teile des Falls' });
		await parts.getByRole('link', { name: 'Wiedervorlage' }).click();
		// The parts of a date are named in German too, which the package behind the field doesn't do.
		await expect(page.getByRole('spinbutton', { name: 'Monat' }).first()).toBeVisible();
		await fillDay(page, 'due', todayIso());
		await page.getByRole('button', { name: 'Setzen' }).click();
		await expect(page.getByText(/^Gespeichert\. Sie erscheint an diesem Tag unter „Heute“/)).toBeVisible();
		// The same address again is refused in German, and nothing that was typed is lost.
		await page.goto('/desk/people/new');
		await page.getByLabel('Name').fill('Noch eine');
		await page.getByLabel('E-Mail-Adresse').fill(ACCOUNT.email.replace('coordinator', 'gerda.gruenwald'));
		await page.getByRole('button', { name: 'Person hinzufügen' }).click();
		await expect(page.getByRole('alert')).toContainText('Es gibt schon eine Person mit dieser Adresse.');
		await expect(page.getByLabel('Name')).toHaveValue('Noch eine');
	});

	test('is one reader’s alone: a colleague reads English at the same moment', async ({ page, browser }) => {
		const clinician = await browser.newContext();
		const other = await clinician.newPage();
		await other.goto('/desk/sign-in');
		await other.getByLabel('Email address').fill('clinician@lanterns.example');
		await other.getByLabel('Password').fill(ACCOUNT.password);
		await other.getByRole('button', { name: 'Sign in', exact: true }).click();
		await expect(other).toHaveURL('/desk');
		const pages = await Promise.all(
			Array.from({ length: 24 }, async (_, i) => {
				const isGerman = i % 2 === 0;
				const from = isGerman ? page : other;
				const html = await (await from.request.get('/desk/account')).text();
				return { isGerman, html };
			})
		);
		for (const { isGerman, html } of pages) {
			expect(html).toContain(`<html lang="${isGerman ? 'de' : 'en'}"`);
			expect(html.includes(german.accounts.yourAccount)).toBe(isGerman);
			expect(html.includes(english.accounts.yourAccount)).toBe(!isGerman);
		}
		await clinician.close();
	});

	test('is written in, too, where an email goes to the account', async ({ page }) => {
		const forgotten = await page.request.post('/desk/password', {
			form: { email: ACCOUNT.email },
			headers: { origin: new URL(page.url()).origin }
		});
		expect(forgotten.ok()).toBe(true);
		await expect(async () => {
			await page.goto('/post');
			expect(await page.getByRole('link').allInnerTexts()).toContainEqual(expect.stringMatching(/Passwort/));
		}).toPass();
	});
});

test('before anybody has signed in, the desk is in the language that the browser asks for', async ({
	browser
}) => {
	for (const [locale, heading] of [
		['de-AT', german.accounts.signIn],
		['fr-FR', english.accounts.signIn]
	] as const) {
		const context = await browser.newContext({ locale });
		const page = await context.newPage();
		await page.goto('/desk/sign-in');
		await expect(page.getByRole('heading', { name: heading, level: 1 })).toBeVisible();
		await context.close();
	}
});
