import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import {
	addThings,
	answeredLike,
	begin,
	deskTest as test,
	hydrated,
	pastTheSigns,
	posted,
	sendTo,
	signIn
} from './support';

const SETTINGS = '/desk/organisation/settings';

/** Looks at what the form would change. */
async function preview(page: Page): Promise<void> {
	await page.getByRole('button', { name: 'See what would change' }).click();
	await expect(page.getByRole('heading', { name: 'Changes if you publish' })).toBeVisible();
}

/** Publishes what was looked at. */
async function publish(page: Page, note: string): Promise<void> {
	await page.getByLabel('Why you change this').fill(note);
	await page.getByRole('button', { name: 'Publish', exact: true }).click();
	await expect(page.getByText(/^Version \d+ applies now\./)).toBeVisible();
}

test('a break schedule is no longer offered, said before, taken elsewhere as a file, and offered again', async ({
	page
}) => {
	const { link } = await answeredLike(page, 'Sets Choices', 'Mirela Oakhanger');
	await page.goto('/desk/organisation');
	await page.getByRole('link', { name: 'Sitting styles and breaks' }).click();
	await hydrated(page);
	await expect(page.getByText('Nothing differs from the settings that apply now.')).toBeVisible();
	const walks = page.getByLabel('A short walk every quarter of an hour');
	// By keyboard.
	await walks.focus();
	await page.keyboard.press('Space');
	await expect(page.getByLabel('A few real breaks (usual, stays offered)')).toBeDisabled();
	await preview(page);
	await expect(page.getByText('Removed: A short walk every quarter of an hour')).toBeVisible();
	await expect(page.getByText('Nobody’s level changes: no level depends on these settings.')).toBeVisible();
	await publish(page, 'Too often for us');
	const versions = page.getByRole('complementary').filter({ hasText: 'Versions' });
	await expect(versions).toContainText('Too often for us');
	const download = page.waitForEvent('download');
	await versions.getByRole('link', { name: 'Download' }).first().click();
	const path = await (await download).path();
	expect(await readFile(path, 'utf8')).toContain('"easy-corner.choices/1"');

	await page.goto(`${link}/day`);
	const schedule = page.getByLabel('How often', { exact: false }).first();
	await expect(page.locator('select[name=breakSchedule] option[value=walks]')).toHaveCount(0);
	await expect(page.locator('select[name=breakSchedule] option[value=hour]')).toHaveCount(1);
	await expect(schedule).toBeVisible();

	// The first version is everything again; a file of another area is refused in words.
	await page.goto(`${SETTINGS}/teams`);
	await page.getByLabel('Settings from a file').setInputFiles(path);
	await page.getByRole('button', { name: 'Show these settings' }).click();
	await expect(page.getByRole('alert').filter({ hasText: 'We can’t use this file' })).toBeVisible();
	await page.goto(`${SETTINGS}/choices?from=0`);
	await expect(page.getByText('The form shows Original settings. Nothing is published yet.')).toBeVisible();
	await preview(page);
	await publish(page, 'Back to all');
	await page.goto(`${link}/day`);
	await expect(page.locator('select[name=breakSchedule] option[value=walks]')).toHaveCount(1);
});

test('an item of the organisation’s own is offered for its problem, asked for, delivered to an address and reserved', async ({
	page
}) => {
	await signIn(page);
	await page.goto(`${SETTINGS}/equipment`);
	await page.getByRole('button', { name: 'Add an item of your own' }).click();
	const entry = page
		.getByRole('listitem')
		.filter({ has: page.getByLabel('Name in English') })
		.last();
	await entry.getByLabel('Price').fill('much');
	await expect(entry.getByText('Type an amount, such as 129.90.')).toBeVisible();
	await entry.getByLabel('Price').fill('19,50');
	await entry.getByLabel('Supplier').fill('Bracken Supplies');
	await entry.getByLabel('Delivery, working days').fill('4');
	await entry.getByLabel('Helps with').selectOption({ label: 'The screen is too low' });
	await page.getByRole('button', { name: 'See what would change' }).click();
	await expect(page.getByText(/has no name in every language/)).toBeVisible();
	for (const name of await entry.getByLabel(/^Name in /).all()) await name.fill('laptop riser');
	await preview(page);
	await publish(page, 'For low screens');

	// Somebody whose screen is too low asks for it where the problem is.
	const { link, caseUrl } = await answeredLike(page, 'Sets Riser', 'Mirela Oakhanger');
	await posted(page, `${link}/plan?/ask`, { purchase: 'item-2', wanted: 'yes' });
	await page.goto(`${link}/equipment`);
	await hydrated(page);
	await expect(page.getByText('Laptop riser')).toBeVisible();
	await page.getByLabel('Where should it be delivered?').fill('4 Weir Lane\nTarn Valley');
	await page.getByRole('button', { name: 'Save address' }).click();
	await expect(page.getByText('Saved. Your coordinator sees the address')).toBeVisible();

	await page.goto('/desk/equipment');
	await page.getByText(/^In stock:/).click();
	await page.getByLabel('laptop riser', { exact: true }).fill('1');
	await page
		.getByRole('listitem')
		.filter({ has: page.getByLabel('laptop riser', { exact: true }) })
		.getByRole('button')
		.click();
	await expect(page.getByText('Saved.').first()).toBeVisible();
	const row = page.getByRole('row').filter({ hasText: 'Sets Riser' });
	await expect(row).toContainText('Deliver to: 4 Weir Lane');
	await row.getByRole('button', { name: /Approve and reserve one from stock/ }).click();
	await expect(row).toContainText('one in stock is reserved');
	await expect(row.getByRole('button', { name: /Send from stock/ })).toHaveText('Send the reserved one …');
	await page.goto(`${caseUrl}?part=things`);
	await expect(page.getByRole('listitem').filter({ hasText: 'laptop riser' }).first()).toContainText(
		'approved'
	);
});

test('the file for purchasing gets its own columns: added, headed and moved by keys, and downloaded so', async ({
	page
}) => {
	await signIn(page);
	await page.goto(`${SETTINGS}/purchasing-file`);
	await page.getByLabel('Another column').selectOption({ label: 'The same in every row' });
	await page.getByRole('button', { name: 'Add this column' }).click();
	await page.getByLabel('Heading of “The same in every row”').fill('Cost centre');
	await page.getByLabel('In every row of “Cost centre”').fill('4711');
	await page.getByRole('button', { name: 'Leave out: person' }).click();
	await page.getByRole('button', { name: 'Move up: team' }).focus();
	await page.keyboard.press('Enter');
	// The focus goes along: at the top only the other way is left.
	await expect(page.getByRole('button', { name: 'Move down: team' })).toBeFocused();
	await preview(page);
	await expect(page.getByText('The next file you download has these columns.')).toBeVisible();
	await expect(page.getByText('Removed: person')).toBeVisible();
	await publish(page, 'As our orders are read');
	const file = await (await page.request.get('/desk/equipment/export')).text();
	const [head = '', row = ''] = file.replace('\uFEFF', '').split('\r\n');
	expect(head).toMatch(/^team,thing,state,.*,Cost centre$/);
	expect(row).toMatch(/,4711$/);
	await page.goto(`${SETTINGS}/purchasing-file?from=0`);
	await preview(page);
	await publish(page, 'As before');
});

test('an eye test is asked for where there is an entitlement, approved, recorded on the day, and told', async ({
	page
}) => {
	await signIn(page);
	await page.goto(`${SETTINGS}/eye-tests`);
	await expect(page.getByText('Germany')).toBeVisible();
	await expect(page.getByText(/90\/270\/EEC, Article 9/).first()).toBeVisible();

	const { link, caseUrl } = await answeredLike(page, 'Sets Eyesight', 'Mirela Oakhanger');
	await page.goto(`${caseUrl}?part=person`);
	const details = page.locator('form', { has: page.getByLabel('Country code (two letters)') });
	await details.getByLabel('Country code (two letters)').fill('DE');
	await details.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(details.getByText('Saved.')).toBeVisible();
	await page.goto(`${link}/equipment`);
	await expect(page.getByText(/90\/270\/EEC, Article 9/)).toBeVisible();
	await page.getByRole('button', { name: 'Ask for an eye test' }).click();
	await expect(page.getByText('You’ve asked for an eye test.')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Ask for an eye test' })).toHaveCount(0);

	await page.goto('/desk/equipment');
	const row = page.getByRole('row').filter({ hasText: 'Sets Eyesight' });
	await row.getByRole('button', { name: /^Approve/ }).click();
	// It is neither ordered nor sent.
	await expect(row.getByRole('button', { name: /^Record as done today/ })).toBeVisible();
	await expect(row.getByRole('button', { name: /^Mark as ordered/ })).toHaveCount(0);
	await row.getByRole('button', { name: /^Record as done today/ }).click();
	await expect(row.getByRole('button', { name: /^Record as done today/ })).toHaveCount(0);
	await page.goto(`${link}/equipment`);
	await expect(page.getByRole('listitem').filter({ hasText: 'eye test' })).toContainText('done');
	// It can be asked for again.
	await expect(page.getByRole('button', { name: 'Ask for an eye test' })).toBeVisible();
});

test('an item that everybody has is listed with its size, and a kind that isn’t offered is gone', async ({
	page
}) => {
	const { link } = await sendTo(page, 'Sets Household');
	await page.goto(`${SETTINGS}/household-items`);
	await page.getByLabel('Board game', { exact: true }).uncheck();
	await preview(page);
	await publish(page, 'Nobody has one');
	await page.setViewportSize({ width: 1280, height: 800 });
	await begin(page, link);
	await pastTheSigns(page);
	await page.goto(`${link}/house`);
	await hydrated(page);
	await addThings(page, ['Box the laptop came in']);
	await expect(page.getByRole('listitem').filter({ hasText: 'How many' })).toContainText(
		'Box the laptop came in'
	);
	await page.getByText('More items').click();
	await expect(page.getByRole('button', { name: 'Add: Ring binder' })).toBeVisible();
	await expect(page.getByRole('button', { name: 'Add: Board game' })).toHaveCount(0);
	await page.goto(`${SETTINGS}/household-items?from=1`);
	await preview(page);
	await publish(page, 'As before');
});

test('the questions are asked on the phone, and every page says so', async ({ page }) => {
	await signIn(page);
	const { caseUrl } = await answeredLike(page, 'Sets Phone', 'Mirela Oakhanger');
	await page.goto(caseUrl);
	await page.getByRole('link', { name: 'Ask on the phone' }).click();
	await hydrated(page);
	await page.getByRole('button', { name: 'Begin the questions' }).click();
	await expect(page.getByRole('alert')).toContainText('Tick that they have heard what is collected');
	await page.getByLabel('Sets Phone has heard this and agrees').check();
	await page.getByRole('button', { name: 'Begin the questions' }).click();
	await expect(page.getByRole('heading', { name: 'Before anything else' })).toBeVisible();
	await expect(page.getByText('On the phone with Oriel Thatchmere')).toBeVisible();
	await page.getByRole('link', { name: 'Back to the case' }).click();
	await expect(page.getByRole('heading', { name: 'Sets Phone', level: 1 })).toBeVisible();
	await expect(page.getByText('began the questions on the phone, after they agreed')).toBeVisible();
});

test('two records of one person become one, and the old address of the case leads to it', async ({
	page
}) => {
	const one = await answeredLike(page, 'Sets Twice', 'Mirela Oakhanger');
	const other = await answeredLike(page, 'Sets Twice Again', 'Mirela Oakhanger');
	await page.goto(`${one.caseUrl}/merge`);
	await page.getByLabel('Find the other record').fill('twice again');
	await page.getByRole('button', { name: 'Find' }).click();
	await page.getByRole('link', { name: 'Compare with Sets Twice Again' }).click();
	await hydrated(page);
	await page
		.getByRole('group', { name: 'Email address' })
		.getByText('sets.twice.again@lanterns.example')
		.click();
	await page.getByRole('button', { name: 'Merge the records' }).click();
	await expect(page.getByRole('alert')).toContainText('Confirm that both records are of the same person.');
	await page.getByLabel(/Both records are of the same person/).check();
	await page.getByRole('button', { name: 'Merge the records' }).click();
	await expect(page.getByRole('heading', { name: 'Sets Twice', level: 1 })).toBeVisible();
	await expect(page.getByText(/Testing · sets\.twice\.again@lanterns\.example/)).toBeVisible();
	await page.goto(other.caseUrl);
	await expect(page).toHaveURL(one.caseUrl);

	// What is held of them fits on a few pages.
	await page.goto(`${one.caseUrl}/everything`);
	await expect(
		page.getByRole('heading', { name: 'Messages, contacts and results, oldest first' })
	).toBeVisible();
	const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
	expect(pdf.match(/\/Type\s*\/Page[^s]/g)?.length).toBeLessThanOrEqual(6);
});
