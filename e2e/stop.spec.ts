import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type APIRequestContext, type Page } from '@playwright/test';
import { EVERY_PAGE, hydrated, linkOf, posted, sendTo, signIn } from './support';

/**
 * Routes of a link that stay open during an emergency: telephone numbers, writing to the coordinator, privacy, download, withdrawal, and
 * the one that saves typed answers.
 */
const STAYS_OPEN = [
	'/stop',
	'/stop/mistake',
	'/messages',
	'/privacy',
	'/reminders',
	'/take-along',
	'/withdraw',
	'/draft',
	'/draft/live'
];

/** Every route below a link, read from the folders, so that a new one is tested too. */
function routesOfLink(): string[] {
	const root = 'src/routes/c/[token=token]';
	const below = (folder: string): string[] =>
		readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) =>
			entry.isDirectory()
				? below(join(folder, entry.name))
				: /^\+(?:page\.svelte|page\.server\.ts|server\.ts)$/.test(entry.name)
					? [folder === '' ? '' : `/${folder}`]
					: []
		);
	return [...new Set(below(''))].map((route) => route.replace('[page=page]', 'hands'));
}

/** Reports a sign as the page does, and waits until the server stops the link. */
async function report(request: APIRequestContext, link: string, sign: string): Promise<void> {
	const origin = new URL(link, (await request.get('/health')).url()).origin;
	const fields = { [`sign.${sign}`]: 'yes' };
	const saved = await request.put(`${link}/draft`, { headers: { origin }, data: { fields } });
	expect(saved.status()).toBeLessThan(300);
}

async function lift(page: Page, link: string, how: RegExp): Promise<void> {
	await page.goto(`${link}/stop`);
	await page.getByRole('button', { name: how }).click();
	await expect(page).toHaveURL(link);
}

test('with an open emergency every route of the link leads to the stop page, and the open ones stay open', async ({
	page,
	request
}) => {
	const link = await linkOf(page, 'Teodor Fennimoor');
	await report(request, link, 'sudden-breathlessness');
	const { origin } = new URL((await request.get('/health')).url());
	const routes = routesOfLink();
	expect(routes.length).toBeGreaterThan(20);
	const led: string[] = [];
	for (const route of routes) {
		// Only its headers are read: one of them is a stream that never ends.
		const answer = await fetch(origin + link + route, {
			redirect: 'manual',
			headers: { accept: 'text/html' }
		});
		await answer.body?.cancel();
		if (answer.status === 303 && answer.headers.get('location')?.endsWith('/stop')) led.push(route);
	}
	expect(routes.filter((route) => !led.includes(route)).sort()).toEqual([...STAYS_OPEN].sort());
	// The open routes do what their names say, and say nothing about a workstation.
	for (const [route, words] of [
		['/stop', 'Stop here'],
		['/messages', 'Write'],
		['/privacy', 'How your data is used'],
		['/withdraw', 'Withdraw']
	] as const)
		expect(await (await request.get(link + route)).text(), route).toContain(words);
	// With scripts, from page to page: no advice and no question appears.
	for (const path of EVERY_PAGE) {
		await page.goto(link + path);
		if (STAYS_OPEN.includes(path)) continue;
		await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Stop here/);
		await expect(
			page.getByText('or call your local emergency number', { exact: false }).first()
		).toBeVisible();
	}
	await lift(page, link, /has seen me$/);
	await page.goto(`${link}/plan`);
	await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(/^Stop here/);
	// The sign stands open on the case all the same, with what was tapped.
	await signIn(page);
	await page.goto('/desk/people?q=teodor');
	await page.getByRole('link', { name: 'Teodor Fennimoor' }).click();
	await expect(page.getByText(/Emergency: sudden trouble breathing.*has seen them/).first()).toBeVisible();
});

test('without network a device stops at the tap and stays stopped, until it is lifted with network', async ({
	page,
	context
}) => {
	const { link } = await sendTo(page, 'Olga Netlosova');
	const employee = await context.newPage();
	await employee.setViewportSize({ width: 390, height: 844 });
	await employee.goto(link);
	await employee.getByRole('button', { name: /I’ve read this/ }).click();
	await hydrated(employee);
	await employee.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
	await employee.reload();
	await hydrated(employee);
	await context.setOffline(true);
	await employee
		.getByRole('group', { name: /drooping face/ })
		.getByText('Yes')
		.click();
	const title = employee.getByRole('heading', { level: 1 });
	await expect(title).toHaveText(/^Stop here/);
	await expect(employee.getByRole('link', { name: /^Call \d+$/ })).toBeVisible();
	await expect(employee.getByText(/when you’re online again/)).toBeVisible();
	await employee.reload();
	await expect(title).toHaveText(/^Stop here/);
	// Lifted before the device could send anything: what it still holds must not stop the link again.
	await employee.route('**/draft', (route) =>
		route.request().method() === 'PUT' ? route.abort() : route.continue()
	);
	await context.setOffline(false);
	await employee.getByRole('button', { name: 'I tapped this by mistake' }).click();
	await expect(employee.getByRole('listitem')).toContainText('drooping face');
	await employee.getByRole('button', { name: /^Yes, by mistake/ }).click();
	await expect(employee).toHaveURL(link);
	await employee.unroute('**/draft');
	await employee.goto(`${link}/first`);
	await hydrated(employee);
	await expect(title).toHaveText('Before anything else');
	await expect(
		employee.getByRole('group', { name: /drooping face/ }).getByRole('radio', { name: 'No' })
	).toBeChecked();
});

test('distress has a calm page of its own, with the crisis line that the organisation has set, or says that none is', async ({
	page,
	request
}) => {
	const { link, caseUrl } = await sendTo(page, 'Della Stillova');
	await posted(page, `${caseUrl}?/person`, {
		version: '1',
		name: 'Della Stillova',
		email: 'della.stillova@lanterns.example',
		country: 'GB'
	});
	await report(request, link, 'thoughts-of-ending-life');
	await page.goto(link);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(
		/^You don’t have to get through this alone/
	);
	await expect(page.getByText(/hasn’t set a crisis line for your country/)).toBeVisible();
	await expect(page.getByRole('link', { name: 'Call 999' })).toBeVisible();
	await signIn(page);
	await page.goto('/desk/crisis-lines');
	await page.getByLabel('Country code').fill('GB');
	await page.getByLabel('Name of the line').fill('An invented line');
	await page.getByLabel('Phone number').fill('+44 20 7946 0199');
	await page.getByRole('button', { name: 'Save crisis line' }).click();
	await expect(page.getByRole('status')).toContainText('Employees in United Kingdom see it');
	// Who is told if nobody opens the report, and what happens at other hours, is what the page of the person says.
	await page.goto('/desk/organisation/cover');
	await page.getByLabel('Email the deputy').selectOption({ label: '20 minutes' });
	await page.getByLabel('Outside working hours').fill('At night the gate answers: 1234.');
	await page.getByLabel('Webhook address').fill('http://not-safe.example');
	await page.getByRole('button', { name: 'Save cover' }).click();
	await expect(page.getByText('Enter an address that starts with https://')).toBeVisible();
	await page.getByLabel('Webhook address').fill('https://on-call.lanterns.example/hook');
	await page.getByRole('button', { name: 'Save cover' }).click();
	await expect(page.getByRole('status')).toContainText('It applies from now on');
	await expect(page.getByText('Signing secret')).toBeVisible();
	await page.getByLabel('Webhook address').fill('');
	await page.getByRole('button', { name: 'Save cover' }).click();
	await expect(page.getByText('Signing secret')).toHaveCount(0);
	await page.goto(link);
	await expect(page.getByRole('link', { name: 'An invented line: +44 20 7946 0199' })).toHaveAttribute(
		'href',
		'tel:+442079460199'
	);
	await expect(page.getByText('If nobody has opened it after 20 minutes')).toBeVisible();
	await expect(page.getByText('At night the gate answers: 1234.')).toBeVisible();
	await page.getByRole('button', { name: 'I’m safe now and someone is with me' }).click();
	await expect(page).toHaveURL(link);
});

test('an urgent sign stands on top of every page, and loads nothing', async ({ page, request }) => {
	const { link } = await sendTo(page, 'Ursula Todayova');
	await report(request, link, 'one-calf-swollen');
	for (const path of ['', '/messages', '/privacy', '/withdraw']) {
		await page.goto(link + path);
		await expect(page.getByRole('heading', { name: 'See a doctor today' })).toBeVisible();
		await expect(page.getByText('One calf swollen, warm and sore')).toBeVisible();
	}
});
