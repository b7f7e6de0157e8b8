import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { hydrated, signIn, deskTest as test } from './support';

const PAGE = '/desk/organisation/policy';

const field = (page: Page, name: string) => page.getByLabel(name, { exact: true });

/** Publishes what the form shows, after a look at what it would change, and waits until every case is assessed by it. */
async function publish(page: Page, note: string): Promise<void> {
	await page.getByRole('button', { name: 'See what would change' }).click();
	await expect(page.getByRole('heading', { name: 'Changes if you publish' })).toBeVisible();
	await page.getByLabel('Why you change this').fill(note);
	await page.getByRole('button', { name: 'Publish', exact: true }).click();
	await expect(page.getByText(/applies now\./)).toBeVisible();
	await expect(async () => {
		await page.goto('/desk');
		await hydrated(page);
		await expect(page.getByText(/being assessed again|assessing .* again/)).toHaveCount(0, { timeout: 100 });
	}).toPass();
}

test('levels and deadlines are tried, published, read on Today, taken elsewhere as a file, and rolled back', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/organisation');
	await page.getByRole('link', { name: 'Levels and deadlines' }).click();
	await hydrated(page);
	await expect(page.getByText('Nothing differs from the settings that apply now.')).toBeVisible();

	// Out of its limits: said, and what was typed stays.
	await field(page, 'For a clinician: from a score of').fill('9');
	await page.getByRole('button', { name: 'See what would change' }).click();
	await expect(page.getByText('enter a whole number from 2 to 7')).toBeVisible();
	await expect(field(page, 'For a clinician: from a score of')).toHaveValue('9');

	// People are listed with the reason before anything is published; changed once more, it has to be looked at again.
	await field(page, 'For a clinician: from a score of').fill('5');
	await page.getByRole('button', { name: 'See what would change' }).click();
	await expect(page.getByText(/We looked at all \d+ cases/)).toBeVisible();
	await page.getByText(/^See (\d+ of them|this person)$/).click();
	await expect(page.getByText(/Needs a clinician: .*5 of 10/).first()).toBeVisible();
	await field(page, 'For a clinician: from a score of').fill('7');
	await field(page, 'A message from an employee').fill('2');
	await expect(page.getByText('You have changed a setting since.')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Publish', exact: true })).toHaveCount(0);
	await publish(page, 'Two of us are away');
	await expect(page.getByTitle(/Messages: within 2 working days/).first()).toBeAttached();

	await page.goto(PAGE);
	await hydrated(page);
	const versions = page.getByRole('complementary').filter({ hasText: 'Versions' });
	await expect(versions).toContainText('Two of us are away');
	await expect(versions).toContainText('A message from an employee 2 instead of 1');

	// The file of the new version, read again after the form was changed.
	const download = page.waitForEvent('download');
	await versions.getByRole('link', { name: 'Download' }).first().click();
	const file = await (await download).path();
	expect(JSON.parse(await readFile(file, 'utf8'))).toMatchObject({
		format: 'easy-corner.triage-policy/1',
		settings: { answerDays: 2 }
	});
	await field(page, 'A message from an employee').fill('4');
	await page.getByLabel('Settings from a file').setInputFiles(file);
	await page.getByRole('button', { name: 'Show these settings' }).click();
	await expect(page.getByText('The form shows the settings of the file.')).toBeVisible();
	await expect(field(page, 'A message from an employee')).toHaveValue('2');
	await page
		.getByLabel('Settings from a file')
		.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"settings":{}}') });
	await page.getByRole('button', { name: 'Show these settings' }).click();
	await expect(page.getByText('We can’t use this file')).toBeVisible();

	// Rolled back.
	await versions.getByRole('link', { name: 'Start from this version' }).last().click();
	await hydrated(page);
	await expect(page.getByText('The form shows Original settings.')).toBeVisible();
	await expect(field(page, 'A message from an employee')).toHaveValue('1');
	await publish(page, 'Everyone is back');
	await expect(page.getByTitle(/Messages: within one working day/).first()).toBeAttached();
});
