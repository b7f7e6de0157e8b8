import { expect, test, type Page } from '@playwright/test';
import { IS_LONG_RUN } from '../tests/support/rotation';
import { answeredLike, begin, hydrated, openPart, pastTheSigns, sendTo } from './support';
import { walkOneByOne } from './walker';
import { HIGH_TABLE } from './walkers';

/** Waits until the pages and the scripts are stored on the device. */
async function kept(page: Page): Promise<void> {
	await page.evaluate(async () => {
		await navigator.serviceWorker.ready;
		if (!navigator.serviceWorker.controller)
			await new Promise((resolve) => navigator.serviceWorker.addEventListener('controllerchange', resolve));
	});
}

test('cut off in the middle: the walk and the plan go on, the tab is closed and opened, all of it arrives once', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await sendTo(page, 'Petra Tunnelova');
	const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const first = await context.newPage();
	await begin(first, link);
	await pastTheSigns(first);
	await hydrated(first);
	await kept(first);
	// A second load, now with the service worker in charge, so that this page is stored.
	await first.reload();
	await hydrated(first);
	await context.setOffline(true);
	await walkOneByOne(first, HIGH_TABLE, { until: 'screenSize' });
	await expect(first.getByRole('heading', { name: 'The screen', level: 1 })).toBeVisible();
	await first.close();

	const second = await context.newPage();
	await second.goto(`${link}/screen`);
	await walkOneByOne(second, HIGH_TABLE);
	await second.getByRole('button', { name: 'Show my plan' }).click();
	await expect(second.getByText('this device made your plan')).toBeVisible();
	await expect(second.getByRole('img', { name: /Side view of your workstation, sitting/ })).toBeVisible();
	await second.getByRole('button', { name: 'Seat', exact: true }).click();
	await expect(second.getByRole('button', { name: 'Seat', exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);

	await context.setOffline(false);
	await expect(second).toHaveURL(/\/plan$/);
	await expect(second.getByRole('button', { name: 'Seat', exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	// Measured again offline: kept on the device, sent when the network is back.
	await hydrated(second);
	await second.reload();
	await hydrated(second);
	await context.setOffline(true);
	await second.getByText('Check the heights', { exact: true }).click();
	await second.getByLabel('Floor to the seat, with you on it').fill('4.8');
	await second.getByRole('button', { name: 'Save these numbers' }).click();
	await expect(second.getByLabel('Floor to the seat, with you on it')).toBeFocused();
	await second.getByLabel('Floor to the seat, with you on it').fill('48');
	await second.getByRole('button', { name: 'Save these numbers' }).click();
	await expect(second.getByText('Saved on this device. We’ll send it')).toBeVisible();
	await second.reload();
	await hydrated(second);
	await expect(second.getByLabel('Floor to the seat, with you on it')).toHaveValue('48');
	await context.setOffline(false);
	await expect(second.getByText('Saved. The drawing shows your desk as you measured it now.')).toBeVisible();
	await context.close();

	await page.goto(caseUrl);
	await hydrated(page);
	await page.getByRole('button', { name: 'At first' }).click();
	await expect(page.getByRole('img', { name: /Elbow: keyboard 9.9 cm too high/ }).first()).toBeVisible();
	await page.getByRole('button', { name: 'Now', exact: true }).click();
	await expect(page.getByRole('img', { name: /seat 48.0 cm/ }).first()).toBeVisible();
	await openPart(page, 'Plan');
	await expect(page.getByRole('heading', { name: 'Seat Done' })).toBeVisible();
	await openPart(page, 'Timeline');
	await expect(page.getByRole('listitem').filter({ hasText: 'Petra Tunnelova answered' })).toHaveCount(1);
});

test('two devices on one draft, one after the other and at once: nothing is lost', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Rosa Twodevices');
	const [laptop, phone] = [
		await (await browser.newContext()).newPage(),
		await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
	];
	await begin(laptop, link);
	await laptop.goto(`${link}/spot`);
	await phone.goto(`${link}/spot?at=surfaceHeight`);
	await hydrated(laptop);
	await hydrated(phone);
	const saved = (at: Page) =>
		at.waitForResponse((r) => r.url().endsWith('/draft') && r.request().method() === 'PUT');
	for (let i = 0; i < 4; i += 1) {
		const both = [saved(laptop), saved(phone)];
		await laptop.getByRole('radio', { name: i % 2 ? 'Sit' : 'Stand' }).check();
		await phone.locator('#surfaceHeight').fill(`7${i}`);
		await Promise.all(both);
	}
	// Each device shows what the other saved, without a reload.
	await expect(laptop.locator('#surfaceHeight')).toHaveValue('73');
	await laptop.getByRole('radio', { name: 'Paper ruler' }).check();
	await phone.goto(`${link}/spot?at=by`);
	await expect(phone.getByRole('radio', { name: 'Paper ruler' })).toBeChecked();
	await laptop.getByRole('radio', { name: 'A4 sheets' }).check();
	await expect(phone.getByRole('radio', { name: 'A4 sheets' })).toBeChecked();
	await phone.reload();
	await phone.goto(`${link}/spot?at=posture`);
	await expect(phone.getByRole('radio', { name: 'Sit' })).toBeChecked();
});

/** How often the two devices type. */
const EDITS = IS_LONG_RUN ? 200 : 50;

test('two devices type at once, many times and cut off now and then: nothing is lost', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Ragna Interleaved');
	const contexts = [await browser.newContext(), await browser.newContext()];
	const [first, second] = [await contexts[0]!.newPage(), await contexts[1]!.newPage()];
	await begin(first, link);
	await first.request.put(`${link}/draft`, { data: { fields: { route: 'complete', unit: 'cm' } } });
	const typed = new Map<string, string>();
	const lengths = (at: Page) => at.locator('input[inputmode="decimal"]');
	for (const device of [first, second]) {
		await device.goto(`${link}/hands`);
		await hydrated(device);
	}
	const names = await lengths(first).evaluateAll((inputs) => inputs.map(({ id }) => id));
	expect(names.length).toBeGreaterThan(3);
	for (let edit = 0; edit < EDITS; edit += 1) {
		const which = edit % 2;
		// Each is offline for a while, at different times.
		if (edit % 50 === 10) await contexts[0]!.setOffline(true);
		if (edit % 50 === 25) await contexts[0]!.setOffline(false);
		if (edit % 50 === 20) await contexts[1]!.setOffline(true);
		if (edit % 50 === 35) await contexts[1]!.setOffline(false);
		const mine = names.filter((_, i) => i % 2 === which);
		const name = mine[(edit * 7) % mine.length] ?? '';
		const text = (20 + (edit % 97) / 10).toFixed(1);
		await [first, second][which]!.locator(`#${name}`).fill(text);
		typed.set(name, text);
	}
	for (const [name, text] of typed)
		for (const device of [first, second]) await expect(device.locator(`#${name}`)).toHaveValue(text);
	const { answers } = (await (await first.request.get(`${link}/draft`)).json()) as {
		answers: Record<string, string>;
	};
	expect(answers).toMatchObject(Object.fromEntries(typed));
	for (const context of contexts) await context.close();
});

test('without network a page that only the server has says so, and leads back to the answers', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Stina Nonetwork');
	const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const employee = await context.newPage();
	await begin(employee, link);
	await kept(employee);
	await employee.goto(`${link}/spot`);
	await hydrated(employee);
	await context.setOffline(true);
	await employee.goto(`${link}/messages`);
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText('This page needs the internet');
	await employee.getByRole('link', { name: 'Back to my answers' }).click();
	await expect(employee.locator('section.question').first()).toBeVisible();
	await employee.goto(`${link}/messages`);
	await context.setOffline(false);
	await employee.getByRole('link', { name: 'Try again' }).click();
	await expect(employee.getByRole('textbox')).toBeVisible();
	// Even without scripts a posted form doesn't end on the browser's own error page.
	await employee.goto(link);
	await context.setOffline(true);
	await employee.getByRole('button', { name: 'Continue where I stopped' }).click();
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText('This page needs the internet');
	await context.close();
});

test('what is withdrawn does not stay on the device', async ({ page, browser }) => {
	const { link } = await sendTo(page, 'Stella Withdrawn');
	const context = await browser.newContext();
	const employee = await context.newPage();
	await begin(employee, link);
	await employee.goto(`${link}/you`);
	await hydrated(employee);
	await kept(employee);
	await employee.reload();
	await hydrated(employee);
	await employee.locator('#stature').fill('181');
	await expect(employee.getByText(/^Saved/)).toBeVisible();
	await employee.goto(`${link}/withdraw`);
	await employee.getByRole('button', { name: 'Withdraw everything' }).click();
	await expect(employee.getByRole('heading', { name: 'Withdrawn' })).toBeVisible();
	await hydrated(employee);
	await expect
		.poll(() =>
			employee.evaluate(async () => [Object.keys(localStorage).length, await caches.has('easy-corner-pages')])
		)
		.toEqual([0, false]);
	await context.close();
});

test('a link that has ended leaves nothing on the device', async ({ page, browser }) => {
	const { link, caseUrl } = await sendTo(page, 'Linus Gonelink');
	const context = await browser.newContext();
	const employee = await context.newPage();
	await begin(employee, link);
	await employee.goto(`${link}/you`);
	await hydrated(employee);
	await kept(employee);
	await employee.reload();
	await hydrated(employee);
	const keptPages = () =>
		employee.evaluate(
			async (token) => {
				const pages = await (await caches.open('easy-corner-pages')).keys();
				return pages.filter(({ url }) => url.includes(token)).length;
			},
			link.split('/').at(-1) ?? link
		);
	expect(await keptPages()).toBeGreaterThan(0);
	await page.goto('/desk/people?q=Gonelink');
	await hydrated(page);
	await page.getByRole('checkbox', { name: 'Select Linus Gonelink' }).click();
	await page.getByLabel('For these 1').selectOption('leave');
	await page.getByRole('button', { name: 'Confirm for one person' }).click();
	await expect(page.getByText('Done for 1 person.')).toBeVisible();
	expect(caseUrl).toContain('/desk/cases/');
	const answer = await employee.goto(`${link}/you`);
	expect(answer?.status()).toBe(410);
	await expect.poll(keptPages).toBe(0);
	// People can withdraw their answers for as long as they are kept.
	await employee.getByRole('link', { name: 'Withdraw my answers' }).click();
	await employee.getByRole('button', { name: /Withdraw|withdraw/ }).click();
	await expect(employee).toHaveURL('/withdrawn');
	await employee.goto(`${link}/you`);
	await expect(employee.getByText('You withdrew your answers')).toBeVisible();
	await context.close();
});

test('a plan that was reached by its button is there without network, also after a reload', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Olga Offlinova', 'Mirela Oakhanger');
	const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const phone = await context.newPage();
	await phone.goto(`${link}/house`);
	await hydrated(phone);
	await kept(phone);
	await phone.reload();
	await hydrated(phone);
	await phone.getByRole('button', { name: 'Show my plan' }).click();
	await expect(phone).toHaveURL(/\/plan$/);
	const title = await phone.getByRole('heading', { level: 1 }).innerText();
	const isKept = () =>
		phone.evaluate(
			async (address) => (await (await caches.open('easy-corner-pages')).match(address)) !== undefined,
			`${link}/plan`
		);
	await expect.poll(isKept).toBe(true);
	await context.setOffline(true);
	await phone.reload();
	await expect(phone.getByRole('heading', { level: 1 })).toHaveText(title);
	await expect(phone.locator('#step-seat')).toBeVisible();
	await context.close();
});
