import { expect, type Browser, type BrowserContext } from '@playwright/test';
import { formFaults, markupChecker, PageChecks, SIZES, type Size } from './page-checks';
import { DESK_PAGES, answeredLike, deskTest, dragUntil, hydrated, linkOf, posted, signIn } from './support';

/** What every page of the desk is looked at with: somebody signed in, and what a page shows only once it was used. */
interface Desk {
	readonly storageState: Awaited<ReturnType<BrowserContext['storageState']>>;
	/** The path of a case. */
	readonly casePath: string;
	/** Where the title of a list begins, px: every title of the desk begins there. */
	readonly lefts: ReadonlyMap<Size, number>;
}

async function furnish(browser: Browser, baseURL: string, worker: number): Promise<Desk> {
	const context = await browser.newContext({ baseURL, viewport: SIZES.laptop });
	const page = await context.newPage();
	await signIn(page);
	// A card on a public holiday or weekend is marked, whatever weekday the test runs on.
	await page.goto('/desk/follow-ups?view=week');
	await hydrated(page);
	const sunday = page.getByRole('group', { name: /^Sunday/ });
	const marked = sunday.getByText('day off there').first();
	await dragUntil(page, page.locator('[id^="follow-up-"]').first(), sunday, marked);
	// What is only there once it was used: a filter with a name.
	await posted(page, '/desk/people?/save', { name: `Marked ${worker}`, query: 'team=Testing' });
	await posted(page, '/desk/organisation/webhooks?/save', {
		webhook: '',
		version: '0',
		name: 'Marked',
		url: 'https://tickets.lanterns.example/hook',
		isOn: 'no',
		answered: 'yes'
	});
	const { caseUrl } = await answeredLike(page, `Marka Caseworth ${worker}`, 'Mirela Oakhanger');
	const checks = await PageChecks.of(page, 'desk', ['laptop', 'tablet', 'phone']);
	await checks.open('/desk/people');
	const storageState = await context.storageState();
	await context.close();
	return { storageState, casePath: new URL(caseUrl).pathname, lefts: checks.lefts };
}

const test = deskTest.extend<object, { desk: Desk }>({
	desk: [
		async ({ browser }, use, { project, workerIndex }) =>
			use(await furnish(browser, project.use.baseURL ?? '', workerIndex)),
		{ scope: 'worker' }
	],
	storageState: ({ desk }, use) => use(desk.storageState)
});

// Any worker takes any page.
test.describe.configure({ mode: 'parallel' });

test('the checks find a fault', async ({ page }) => {
	const { valid } = await markupChecker.validateString('<p><span><form></form></span></p>');
	expect(valid).toBe(false);
	await page.goto('/desk/account');
	await page.locator('form[action="?/language"]').evaluate((form) => {
		form.append(Object.assign(document.createElement('input'), { name: 'unknown' }));
	});
	expect(await formFaults(page)).toEqual(['?/language doesn’t know its field unknown']);
});

const OF_A_CASE = [
	...['', '?part=plan', '?part=follow-up', '?part=equipment', '?part=person', '?part=said'],
	...['/phone', '/merge', '/merge?find=marka', '/everything']
].map((below) => `CASE${below}`);

for (const path of [
	...DESK_PAGES,
	'/desk/follow-ups?view=week',
	'/desk/equipment/budget?money=900',
	'/desk/retention?leaving=5&answer=',
	'/desk/workforce/answers?by=team',
	'/desk/organisation/translations',
	'/desk/organisation/emails?kind=reply-stuck&language=fr',
	'/desk/organisation/checklist/question?id=get-up',
	'/desk/organisation/webhooks',
	'/desk/account/tokens',
	'/desk/organisation/archive',
	...OF_A_CASE
])
	test(`${path}: valid markup, nothing that axe finds, no sideways scrolling at any size, the one left edge`, async ({
		page,
		desk
	}) => {
		const checks = await PageChecks.of(page, 'desk', ['laptop', 'tablet', 'phone']);
		await checks.open(path.replace('CASE', desk.casePath));
		expect(checks.faults).toEqual([]);
		expect([...checks.lefts]).toEqual([...desk.lefts]);
	});

// Sheets that are printed have an edge of their own.
for (const below of ['letter', 'inspection'])
	test(`a case’s ${below}: valid markup, nothing that axe finds, no sideways scrolling`, async ({
		page,
		desk
	}) => {
		const checks = await PageChecks.of(page, 'desk', ['laptop', 'tablet', 'phone']);
		await checks.open(`${desk.casePath}/${below}`);
		expect(checks.faults).toEqual([]);
	});

test('a round and its record: nothing that axe finds, no sideways scrolling', async ({ page }) => {
	const checks = await PageChecks.of(page, 'desk', ['laptop', 'tablet', 'phone']);
	await page.goto('/desk/rounds');
	await page.getByRole('link', { name: 'This autumn' }).click();
	await expect(page.getByRole('heading', { name: 'Results', exact: true })).toBeVisible();
	await checks.look('round');
	await page.getByRole('link', { name: 'Record of this round' }).click();
	await expect(page.getByRole('heading', { name: 'Record of an assessment round' })).toBeVisible();
	await checks.look('record of a round');
	expect(checks.faults).toEqual([]);
});

test('the day sheet with a case beside it, and a case on a phone: nothing that axe finds, a number to call', async ({
	page,
	desk
}) => {
	const checks = await PageChecks.of(page, 'desk', ['laptop', 'tablet', 'phone']);
	await page.goto('/desk');
	await expect(page.getByRole('complementary', { name: /^The case of/ }).getByRole('heading')).toBeVisible();
	await checks.look('day sheet with a case beside it');
	// The coordinator reads a case on a phone, on the way from one room to another.
	await page.setViewportSize(SIZES.phone);
	await page.goto(desk.casePath);
	await expect(page.locator('a[href^="tel:"]').first()).toBeVisible();
	expect(checks.faults).toEqual([]);
});

test.describe('signed out', () => {
	test.use({ storageState: undefined });

	for (const path of ['/desk/sign-in', '/', '/post'])
		test(`${path}: valid markup, nothing that axe finds, no sideways scrolling`, async ({ page }) => {
			const checks = await PageChecks.of(page, 'desk', ['laptop', 'tablet', 'phone']);
			await checks.open(path);
			expect(checks.faults).toEqual([]);
		});

	test('an email in the test inbox: nothing that axe finds, no sideways scrolling', async ({ page }) => {
		const checks = await PageChecks.of(page, 'desk', ['laptop', 'tablet', 'phone']);
		await linkOf(page, 'Mirela Oakhanger');
		await checks.look('email');
		expect(checks.faults).toEqual([]);
	});
});
