import { expect } from '@playwright/test';
import { deskTest as test, hydrated, sendTo } from './support';

test('someone in the United States reads English with their dates, and measures in inches from the start', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Ula Statesova');
	const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-US' });
	const employee = await phone.newPage();
	await employee.goto(link);
	await employee.getByRole('button', { name: 'English (US)' }).click();
	await expect(employee.locator('html')).toHaveAttribute('lang', 'en-US');
	await employee.getByRole('button', { name: 'I’ve read this. Start' }).click();
	await hydrated(employee);
	await employee.goto(`${link}/you`);
	await hydrated(employee);
	const height = employee.getByRole('textbox', { name: 'Your height without shoes' });
	await height.fill(`5' 6"`);
	await employee.getByText('Contents').click();
	await expect(employee.getByRole('button', { name: 'in: inches' })).toHaveAttribute('aria-pressed', 'true');
	// Someone who prefers centimetres finds them on every page, and what was typed is converted.
	await employee.getByRole('button', { name: 'cm: centimetres' }).click();
	await expect(height).toHaveValue(/^167\.[5-9]$/);
	// Refusals and the warning signs are the English ones, and need no confirmation.
	await employee.goto(`${link}/first`);
	await hydrated(employee);
	await expect(employee.locator('main [lang="en"]')).toHaveCount(0);
	await phone.close();
});
