import { expect, test } from '@playwright/test';
import { answeredLike, begin, fillDay, hydrated, openPart, sendTo } from './support';
import { walkOneByOne } from './walker';
import { HIGH_TABLE } from './walkers';

test.describe('before or without scripts', () => {
	test('the whole walk and the plan work by forms alone', async ({ page, browser }) => {
		const { link } = await sendTo(page, 'Frida Noscript');
		const plain = await browser.newContext({
			javaScriptEnabled: false,
			viewport: { width: 390, height: 844 }
		});
		const employee = await plain.newPage();
		await begin(employee, link);
		await walkOneByOne(employee, HIGH_TABLE, { hasScripts: false });
		await expect(employee.getByRole('button', { name: /^−/ })).toHaveCount(0);
		await employee.getByRole('button', { name: 'Remove: Sturdy box' }).click();
		await expect(employee.getByRole('button', { name: /^Remove: / })).toHaveCount(4);
		await employee.getByRole('button', { name: 'Back', exact: true }).click();
		await expect(employee.locator('section.question.current')).not.toHaveId('q-house');
		// The questions on the household items are answered: the plan comes next.
		await employee.getByRole('button', { name: 'Show my plan' }).click();
		await expect(employee.getByRole('img', { name: /Side view of your workstation, sitting/ })).toBeVisible();
		await employee.locator('button[name=done]').first().click();
		await expect(employee.getByText(/1 of \d steps done/)).toBeVisible();
		await plain.close();
	});

	test('on a wide page what an answer opens is asked before the page is left', async ({ page, browser }) => {
		const { link } = await sendTo(page, 'Fanny Opened');
		const plain = await browser.newContext({ javaScriptEnabled: false });
		const employee = await plain.newPage();
		await begin(employee, link, 'complete');
		await employee.goto(`${link}/spot`);
		await employee.locator('#surfaceHeight').fill('74');
		await expect(employee.locator('#handSpan')).toHaveCount(0);
		await employee.getByRole('radio', { name: 'Hand-span' }).check();
		await employee.getByRole('button', { name: /^Next:/ }).click();
		await expect(employee).toHaveURL(/\/spot#q-handSpan$/);
		await expect(employee.locator('#surfaceHeight')).toHaveValue('74');
		// Left as typed: the page asks once and holds nobody up.
		await employee.locator('#handSpan').fill('20');
		await employee.getByRole('button', { name: /^Next:/ }).click();
		await expect(employee).toHaveURL(/\/feet/);
		await plain.close();
	});
});

test('a lost network and a closed tab lose nothing', async ({ page, browser }) => {
	const { link } = await sendTo(page, 'Gerda Offliner');
	const context = await browser.newContext();
	const first = await context.newPage();
	await begin(first, link);
	await first.goto(`${link}/spot`);
	await hydrated(first);
	await first.locator('#surfaceHeight').fill('71');
	await expect(first.getByText(/^Saved/)).toBeVisible();
	await context.setOffline(true);
	await first.getByRole('radio', { name: 'Paper ruler' }).check();
	await expect(first.getByText('Not sent yet. It’s saved on this device')).toBeVisible();
	await first.close();
	await context.setOffline(false);
	const second = await context.newPage();
	await second.goto(`${link}/spot`);
	await expect(second.getByRole('radio', { name: 'Paper ruler' })).toBeChecked();
	await expect(second.getByText(/^Saved/)).toBeVisible();
	await expect
		.poll(async () => {
			await second.reload();
			await second.evaluate(() => localStorage.clear());
			await second.reload();
			return second.getByRole('radio', { name: 'Paper ruler' }).isChecked();
		})
		.toBe(true);
	await expect(second.locator('#surfaceHeight')).toHaveValue('71');
	await context.close();
});

test('two tabs on one self-assessment both keep what was typed', async ({ page, browser }) => {
	const { link } = await sendTo(page, 'Hanno Twotabs');
	const context = await browser.newContext();
	const [a, b] = [await context.newPage(), await context.newPage()];
	await begin(a, link);
	await a.goto(`${link}/you`);
	await b.goto(`${link}/you`);
	await hydrated(a);
	await hydrated(b);
	const saved = [a, b].map((tab) => tab.waitForResponse((response) => response.url().endsWith('/draft')));
	await a.locator('#stature').fill('183');
	await b.getByRole('radio', { name: 'Bifocal' }).check();
	await Promise.all(saved);
	await b.reload();
	await expect(b.locator('#stature')).toHaveValue('183');
	await expect(b.getByRole('radio', { name: 'Bifocal' })).toBeChecked();
	await context.close();
});

test('an answer that another device took back is asked for again, at the end of the walk and on the plan', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Lone Takeback', 'Mirela Oakhanger');
	const takeBack = async (field: string) =>
		expect((await page.request.put(`${link}/draft`, { data: { fields: { [field]: '' } } })).ok()).toBe(true);
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/house`);
	await hydrated(employee);
	await takeBack('seatHeight');
	await employee.getByRole('button', { name: 'Show my plan' }).click();
	await expect(employee).toHaveURL(/\/feet\?open$/);
	await expect(employee.getByRole('alert')).toContainText('Floor to the top of the empty seat');
	await employee.locator('#seatHeight').fill('45.5');
	await expect(employee.getByRole('alert')).toHaveCount(0);
	await expect(employee.getByText(/^Saved/)).toBeVisible();

	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	await takeBack('surfaceHeight');
	const screen = employee
		.getByRole('listitem')
		.filter({ has: employee.getByRole('heading', { name: 'Screen' }) });
	await screen.getByText('Doesn’t work here').click();
	await screen
		.getByRole('button', { name: /^Without: / })
		.first()
		.click();
	await expect(employee).toHaveURL(/\/spot\?open$/);
	await expect(employee.locator('#surfaceHeight')).toHaveValue('');
	await expect(employee.getByRole('alert')).toBeVisible();

	// Corrected but not sent: the plan says that it is the earlier one, and is made again on request.
	await employee.locator('#surfaceHeight').fill('77.5');
	await expect(employee.getByText(/^Saved/)).toBeVisible();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	await expect(employee.getByText('Your coordinator has your earlier answers.')).toBeVisible();
	await employee.getByRole('button', { name: 'Send the changes and make a new plan' }).click();
	await expect(employee.getByText('Your coordinator has your answers.')).toBeVisible();
	await expect(employee.getByText('You changed answers after this plan was made.')).toHaveCount(0);
});

test('two coordinators on one follow-up: the second sees what changed, nothing is overwritten', async ({
	page,
	browser
}) => {
	const { caseUrl } = await sendTo(page, 'Ida Collision');
	await page.goto(caseUrl);
	await hydrated(page);
	const other = await (
		await browser.newContext({ storageState: await page.context().storageState() })
	).newPage();
	await other.goto(caseUrl);
	await hydrated(other);
	for (const one of [page, other]) await openPart(one, 'Follow-up');
	await fillDay(page, 'due', '2027-03-01');
	await page.getByRole('button', { name: 'Set', exact: true }).click();
	await expect(page.getByText('Saved. It appears')).toBeVisible();
	await fillDay(other, 'due', '2027-04-01');
	await other.getByRole('button', { name: 'Set', exact: true }).click();
	await expect(
		other.getByRole('alert').filter({ hasText: 'A colleague has changed this follow-up' })
	).toBeVisible();
});
