import { randomUUID } from 'node:crypto';
import { expect, type Page } from '@playwright/test';
import { checkArchive } from '../src/lib/server/platform/archive/read-archive';
import { deskTest as test, hydrated, linkOf, posted, sendTo, signIn } from './support';

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

	await page.getByRole('link', { name: 'Emails and replies' }).click();
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

test('an email and a reply are worded the organisation’s way, previewed, published, read, and put back', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/organisation');
	await page.getByRole('link', { name: 'Emails and replies' }).click();
	const message = page.getByRole('link', { name: 'Message from a coordinator' });
	await message.click();
	await expect(message).toHaveAttribute('aria-current', 'page');
	await hydrated(page);
	const subject = page.getByLabel('Subject', { exact: true });
	await subject.fill('A word about your desk, {nam}');
	await page.getByRole('button', { name: 'Save and preview' }).click();
	await expect(page.getByRole('alert').first()).toContainText('{nam}');
	await expect(subject).toHaveValue('A word about your desk, {nam}');
	await subject.fill('A word about your desk, {name}');
	await page.getByRole('button', { name: 'Save and preview' }).click();
	await expect(page.getByText('Saved, and shown below')).toBeVisible();
	await expect(page.getByText(/A word about your desk, Oriel/)).toBeVisible();
	await expect(page.getByText('This is a draft.')).toBeVisible();
	const words = 'Hello {name},\n\n{contact} has written to you.';
	await page.getByLabel('Text', { exact: true }).fill(words);
	await page.getByRole('button', { name: 'Save and preview' }).click();
	await expect(
		page.frameLocator('iframe').getByText(/^Oriel Thatchmere has written to you\.$/)
	).toBeVisible();

	await page.getByLabel('Why you change this').fill('Warmer');
	await page.getByRole('button', { name: 'Publish', exact: true }).click();
	await expect(page.getByText('Published. Emails already written stay as they are.')).toBeVisible();
	const { caseUrl } = await sendTo(page, 'Wendy Wordsworth');
	await posted(page, `${caseUrl}?/message`, { key: randomUUID(), text: 'Hello Wendy' });
	await expect(async () => {
		await page.goto('/post');
		await expect(page.getByText('A word about your desk, Wendy Wordsworth')).toBeVisible({ timeout: 500 });
	}).toPass();

	// A reply, in a language that has none of ours.
	await page.goto('/desk/organisation/emails?kind=reply-stuck&language=fr');
	await hydrated(page);
	await expect(page.getByText('the English one is suggested until you write one')).toBeVisible();
	await page.getByLabel('Text', { exact: true }).fill('Bonjour {name}, qu’est-ce qui vous gêne ?');
	await page.getByRole('button', { name: 'Save and preview' }).click();
	await expect(page.getByText('Bonjour Oriel, qu’est-ce qui vous gêne ?')).toBeVisible();
	await page.getByRole('button', { name: 'Discard this draft' }).click();
	await expect(page.getByText('The draft is discarded.')).toBeVisible();

	await page.goto('/desk/organisation/emails?kind=message&language=en');
	await hydrated(page);
	await page.getByRole('button', { name: 'Go back to the original text' }).click();
	await expect(page.getByText('The original text is used from now on.')).toBeVisible();
	await page.getByText('Earlier texts').click();
	await expect(page.getByText('Version 2, applies now')).toBeVisible();
	await expect(page.getByText('Version 1', { exact: true })).toBeVisible();
	await expect(page.getByText('Warmer')).toBeVisible();
});

test('a program is told of acts by a webhook: off until it is switched on by keys, tried, removed', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/organisation');
	await page.getByRole('link', { name: 'Webhooks' }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'Webhooks' })).toBeVisible();
	const name = `Tickets ${randomUUID().slice(0, 8)}`;
	const add = page.getByText('Add a webhook');
	const form = page.locator('details').filter({ has: add });
	if (!(await form.getByLabel('Name').isVisible())) await add.click();
	await form.getByLabel('Name').fill(name);
	await form.getByLabel('Address').fill('http://tickets.lanterns.example/hook');
	await form.getByRole('button', { name: 'Save webhook' }).click();
	await expect(page.getByRole('alert').filter({ hasText: 'starts with https' })).toBeVisible();
	await form.getByLabel('Address').fill('https://tickets.lanterns.example/hook');
	await form.getByRole('button', { name: 'Save webhook' }).click();
	await expect(page.getByRole('alert').filter({ hasText: 'Tick at least one act' })).toBeVisible();
	await expect(form.getByLabel('Name')).toHaveValue(name);
	await form.getByText('sent their answers').click();
	await form.getByRole('button', { name: 'Save webhook' }).click();
	const card = page.getByRole('article').filter({ hasText: name });
	await expect(card.getByRole('heading', { name: `${name}: off` })).toBeVisible();
	await expect(page.getByRole('status')).toContainText('Saved');
	// A name that only examples have leads nowhere.
	await card.getByRole('button', { name: 'Send a test message' }).click();
	await expect(page.getByRole('status')).toContainText('The test message was not taken');
	await expect(card.getByRole('table', { name: 'Newest messages' })).toContainText('not taken');
	// By keys.
	await card.locator('summary').focus();
	await page.keyboard.press('Enter');
	await card.getByRole('switch', { name: 'Switched on' }).focus();
	await page.keyboard.press('Space');
	await card.getByRole('button', { name: 'Save webhook' }).press('Enter');
	await expect(card.getByRole('heading', { name: `${name}: on` })).toBeVisible();
	await card.getByRole('button', { name: 'Remove webhook' }).click();
	await expect(card).toHaveCount(0);
	await expect(page.getByRole('status')).toContainText('Removed');
});

test('everything is downloaded as one archive, and everything of one person as another', async ({ page }) => {
	await signIn(page);
	await page.goto('/desk/organisation');
	await page.getByRole('link', { name: 'Archive of everything' }).click();
	await expect(page.getByText('It contains everyone’s health data')).toBeVisible();
	const download = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Download the archive' }).click();
	const file = await download;
	expect(file.suggestedFilename()).toMatch(/^easy-corner-\d{4}-\d{2}-\d{2}\.tar\.gz$/);
	const { manifest } = await checkArchive(await file.path());
	expect(manifest.person).toBeNull();
	expect(manifest.tables.find(({ name }) => name === 'people')?.rows).toBeGreaterThan(300);
	expect(manifest.files.filter(({ path }) => path.endsWith('.svg')).length).toBeGreaterThan(300);
	const { caseUrl } = await sendTo(page, 'Archa Filewood');
	await page.goto(`${caseUrl}/everything`);
	const own = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Download (archive)' }).click();
	const person = await checkArchive(await (await own).path());
	expect(person.manifest.person).toBe(/[0-9a-f-]{36}/.exec(caseUrl)?.[0]);
});
