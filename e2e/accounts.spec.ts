import { expect } from '@playwright/test';
import { Secret, TOTP } from 'otpauth';
import { fillDay, hydrated, signIn, signInAs, todayIso, deskTest as test } from './support';

const READER = { email: 'reader@lanterns.example', password: 'tarn-valley-demo' };

test('a second factor is set up, asked for, passed by a code for a lost phone, and taken away', async ({
	page
}) => {
	const enter = async () => {
		await page.goto('/desk/sign-in', { waitUntil: 'load' });
		await hydrated(page);
		await page.getByLabel('Email address').fill(READER.email);
		await page.getByLabel('Password').fill(READER.password);
		await page.getByRole('button', { name: 'Sign in', exact: true }).click();
	};
	await enter();
	await expect(page).toHaveURL(/\/desk\/workforce/);
	await page.goto('/desk/account');
	await page.getByRole('link', { name: 'Set up codes' }).click();
	await hydrated(page);
	await expect(page.getByRole('img', { name: /QR code/ })).toBeVisible();
	const secret = (await page.locator('.num').first().innerText()).replace(/\s/g, '');
	const code = () => new TOTP({ secret: Secret.fromBase32(secret) }).generate();
	await page.getByLabel('Code that the app shows now').fill('000000');
	await page.getByRole('button', { name: 'Turn on codes' }).click();
	await expect(page.getByRole('alert')).toContainText('This code isn’t right');
	await page.getByLabel('Code that the app shows now').fill(code());
	await page.getByRole('button', { name: 'Turn on codes' }).click();
	await expect(page.getByText('Codes are on. You’ll need one each time you sign in.')).toBeVisible();
	const lost = await page.locator('.codes li').first().innerText();
	await page.context().clearCookies();

	await enter();
	await expect(page).toHaveURL('/desk/sign-in/code');
	// Until then nothing opens: not the desk, not a page by its address.
	await page.goto('/desk/workforce', { waitUntil: 'load' });
	await expect(page).toHaveURL('/desk/sign-in/code');
	await hydrated(page);
	await page.getByLabel('Code').fill('111111');
	await page.getByRole('button', { name: 'Sign in', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('This code isn’t right');
	await page.getByLabel('Code').fill(lost);
	await page.getByRole('button', { name: 'Sign in', exact: true }).click();
	await expect(page).toHaveURL(/\/desk\/workforce/);
	await page.goto('/desk/account/second-factor');
	await page.getByRole('button', { name: 'Turn off codes' }).click();
	await expect(page.getByText('Or enter this secret in the app:')).toBeVisible();
});

test('a person is looked up whole, read about in the record, and erased in two steps', async ({ page }) => {
	await page.goto('/desk/sign-in', { waitUntil: 'load' });
	await hydrated(page);
	await page.getByLabel('Email address').fill('coordinator@lanterns.example');
	await page.getByLabel('Password').fill('tarn-valley-demo');
	await page.getByRole('button', { name: 'Sign in', exact: true }).click();
	await expect(page).toHaveURL('/desk');
	await page.goto('/desk/people/new');
	await page.getByLabel('Name').fill('Wilmot Goneby');
	await page.getByLabel('Email address').fill('wilmot.goneby@lanterns.example');
	await page.getByRole('button', { name: 'Add' }).click();
	await expect(page.getByRole('heading', { name: 'Wilmot Goneby' })).toBeVisible();
	const home = new URL(page.url()).pathname;
	await page.goto(`${home}?part=person`);
	await page.getByRole('link', { name: 'View all their data' }).click();
	await expect(page.getByText('wilmot.goneby@lanterns.example')).toBeVisible();
	const file = await (await page.request.get(`${home}/everything/data`)).json();
	expect(file).toMatchObject({ format: 'easy-corner.everything/1', person: { name: 'Wilmot Goneby' } });
	const bundle = await page.request.get(`${home}/everything/fhir`);
	expect(bundle.headers()['content-type']).toBe('application/fhir+json');
	expect(await bundle.text()).toContain('"text": "Wilmot Goneby"');
	await page.goto(`/desk/record?person=${home.split('/').at(-1)}`);
	await expect(
		page.getByRole('row').filter({ hasText: 'downloaded all data about a person' }).first()
	).toBeVisible();
	await page.goto(`${home}/erase`);
	await page.getByLabel('They asked for it').check({ force: true });
	await page.getByLabel('Type Wilmot Goneby to confirm').fill('Wilmot');
	await page.getByRole('button', { name: 'Delete all data' }).click();
	await expect(page.getByRole('alert')).toContainText('Type their name exactly as shown above');
	await page.getByLabel('They asked for it').check({ force: true });
	await page.getByLabel('Type Wilmot Goneby to confirm').fill('Wilmot Goneby');
	await page.getByRole('button', { name: 'Delete all data' }).click();
	await expect(page).toHaveURL('/desk/people');
	expect((await page.request.get(home)).status()).toBe(404);
	await page.goto('/desk/record?act=person-erased');
	await expect(
		page.getByRole('row').filter({ hasText: 'deleted all data about a person' }).first()
	).toBeVisible();
	// A form on another site changes nothing, whatever it sends along.
	const foreign = await page.request.post('/desk/people/new', {
		headers: { origin: 'https://elsewhere.example', 'content-type': 'application/json' },
		data: '{}'
	});
	expect(foreign.status()).toBe(403);
});

test('a coordinator who is away has a stand-in, whose day sheet says so', async ({ page, browser }) => {
	await signIn(page);
	await page.goto('/desk/account');
	await page.getByRole('link', { name: 'Absence and handing over' }).click();
	await hydrated(page);
	await page.getByLabel('Stand-in').selectOption({ label: 'Ferelith Ashdown' });
	const [year = ''] = todayIso().split('-');
	await fillDay(page, 'away-until', `${Number(year) + 1}-02-01`);
	await page.getByRole('button', { name: 'Save absence' }).click();
	await expect(page.getByRole('status')).toContainText('Saved.');
	await expect(page.getByText(/away .* Ferelith Ashdown stands in/)).toBeVisible();
	const colleague = await (await browser.newContext()).newPage();
	await signInAs(colleague, 'second');
	await expect(colleague.getByText('You’re standing in for Oriel Thatchmere')).toBeVisible();
	await page.getByRole('button', { name: 'Oriel Thatchmere is back' }).click();
	await expect(page.getByRole('button', { name: 'Oriel Thatchmere is back' })).toHaveCount(0);
	await colleague.reload();
	await expect(colleague.getByText('You’re standing in for')).toHaveCount(0);
	await colleague.context().close();
});
