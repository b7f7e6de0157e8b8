import { expect, type Page } from '@playwright/test';
import { deskTest as test, linkOf, signIn } from './support';

/** Types part of a time zone's name, and chooses one from the list. */
async function chooseZone(page: Page, typed: string, name: string): Promise<void> {
	const zone = page.getByRole('combobox', { name: 'Time zone' });
	await zone.click();
	await zone.press('ControlOrMeta+a');
	await zone.pressSequentially(typed);
	await page.getByRole('option', { name, exact: true }).click();
	await expect(zone).toHaveValue(name);
}

test('who runs Easy Corner is set by a coordinator, and stands in emails, in privacy information and in the logo’s place', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/users');
	await page.getByRole('link', { name: 'Organisation', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Organisation', level: 1 })).toBeVisible();

	await page.getByLabel('Page that confirms your emails').fill('http://intranet.lanterns.example');
	await page.getByRole('button', { name: 'Save organisation' }).click();
	await expect(
		page.getByRole('alert').filter({ hasText: 'Enter an address that starts with' })
	).toBeVisible();
	// A refusal loses nothing that was typed.
	await expect(page.getByLabel('Page that confirms your emails')).toHaveValue(
		'http://intranet.lanterns.example'
	);
	await page.getByLabel('Page that confirms your emails').fill('https://intranet.lanterns.example/genuine');
	await chooseZone(page, 'auckland', 'Pacific/Auckland');
	await page.getByText('Part of our health and safety duty').click();
	await page.getByLabel('The law or agreement it comes from').fill('Screen Work Act');
	await page.getByRole('button', { name: 'Save organisation' }).click();
	await expect(page.getByText('Saved. New emails and pages show these details')).toBeVisible();

	await page.getByLabel('Replace the logo').setInputFiles({
		name: 'logo.png',
		mimeType: 'image/png',
		buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>')
	});
	await expect(page.getByRole('alert').filter({ hasText: 'We can’t use this picture' })).toBeVisible();
	await expect(page.getByRole('img', { name: 'Logo of Tarn Valley Lanterns' })).toBeVisible();

	await page.getByRole('link', { name: 'See all emails' }).click();
	await page.getByRole('link', { name: 'Reminder of a check-in' }).click();
	const mail = page.frameLocator('iframe[title="Preview: Reminder of a check-in"]');
	await expect(mail.getByRole('link', { name: 'Answer the check-in' })).toBeVisible();
	await expect(mail.getByAltText('Tarn Valley Lanterns')).toHaveAttribute('src', /^data:image\/png/);
	await expect(mail.getByText('See https://intranet.lanterns.example/genuine or call')).toBeVisible();
	await page.getByRole('link', { name: 'Hide pictures' }).click();
	await expect(mail.getByAltText('Tarn Valley Lanterns')).not.toHaveAttribute('src', /./);
	await page.getByRole('button', { name: 'Send this email to me' }).click();
	await expect(page.getByText('We’ve sent this email to coordinator@lanterns.example.')).toBeVisible();

	// The employee's page says exactly that.
	const link = await linkOf(page, 'Mirela Oakhanger');
	await page.goto(`${link}/privacy`);
	await expect(page.getByText('your employer’s health and safety duty (Screen Work Act)')).toBeVisible();
	await expect(page.getByText('People with the coordinator role at Tarn Valley Lanterns see')).toBeVisible();

	await page.goto('/desk/organisation');
	await expect(page.getByRole('combobox', { name: 'Time zone' })).toHaveValue('Pacific/Auckland');
	await chooseZone(page, 'utc', 'UTC');
	await page.getByText('Voluntary', { exact: true }).click();
	await page.getByRole('button', { name: 'Save organisation' }).click();
	await expect(page.getByText('Saved. New emails and pages show these details')).toBeVisible();
});

test('reminders are stopped by one request of a mail program, and started again on the page', async ({
	page
}) => {
	const link = await linkOf(page, 'Mirela Oakhanger');
	// RFC 8058, section 3.2: without cookies, from nowhere, with just this body.
	const answer = await page.request.post(`${link}/reminders`, { form: { 'List-Unsubscribe': 'One-Click' } });
	expect(answer.ok()).toBe(true);
	await page.goto(`${link}/reminders`);
	await expect(page.getByText('We’ve stopped your reminders.')).toBeVisible();
	await page.getByRole('button', { name: 'Send me reminders again' }).click();
	await expect(page.getByRole('button', { name: 'Stop reminders' })).toBeVisible();
});
