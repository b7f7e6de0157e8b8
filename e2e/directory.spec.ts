import { expect } from '@playwright/test';
import { deskTest as test, signIn } from './support';

test('joiners, leavers and moves are read from the staff directory, limited, applied and undone', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/people/directory');
	await expect(page.getByRole('heading', { level: 1, name: 'Staff directory' })).toBeVisible();
	const newest = page.getByText(/^New: \d+$/);
	// Other tests may have had it read before.
	await page.getByRole('button', { name: 'Read now' }).click();
	await expect(page.getByText(/^Read .*: \d+ people\.$/)).toBeVisible();
	await newest.click();
	await expect(page.getByText('Ottilie Farthing')).toBeVisible();
	await expect(page.getByText(/^No longer active: \d+\. They will be marked/)).toBeVisible();

	// It may not add anyone: by keys.
	const settings = page.locator('details').filter({ hasText: 'Directory settings' });
	await settings.locator('summary').focus();
	await page.keyboard.press('Enter');
	await settings.getByRole('checkbox', { name: 'add people' }).focus();
	await page.keyboard.press('Space');
	await settings.getByRole('button', { name: 'Save and read again' }).press('Enter');
	await expect(page.getByText('people in the directory aren’t here')).toBeVisible();
	await expect(newest).toHaveCount(0);

	// A filter that the directory doesn't know leaves what was read before.
	await settings.locator('summary').click();
	await settings.getByLabel('Filter for people').fill('userType eq (');
	await settings.getByRole('button', { name: 'Save and read again' }).click();
	await expect(page.getByText('The directory doesn’t accept the filter')).toBeVisible();
	await expect(page.getByText('We are reading the directory again')).toHaveCount(0);
	await settings.locator('summary').click();
	await settings.getByLabel('Filter for people').fill('userType eq "Employee"');
	await settings.getByRole('checkbox', { name: 'add people' }).check();
	await settings.getByRole('button', { name: 'Save and read again' }).click();
	await newest.click();
	await expect(page.getByText('Liesel Ohlendorf')).toBeVisible();
	// The filter leaves out who isn't employed.
	await expect(page.getByText('Piet Wandsley')).toHaveCount(0);

	await page.getByRole('button', { name: 'Apply these changes' }).click();
	await expect(page.getByRole('status').filter({ hasText: 'Applied: 3 people added' })).toBeVisible();
	await expect(newest).toHaveCount(0);
	await page.goto('/desk/people?q=farthing');
	await expect(page.getByRole('link', { name: 'Ottilie Farthing' })).toBeVisible();

	await page.goto('/desk/people/directory');
	await page.getByRole('button', { name: 'Undo this import' }).first().click();
	await expect(page.getByText(/^The import is undone for/)).toBeVisible();
	await expect(newest).toBeVisible();
	await page.goto('/desk/people');
	await expect(page.getByRole('link', { name: /^Staff directory \(\d+\)$/ })).toBeVisible();
});
