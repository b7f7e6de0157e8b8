import { expect } from '@playwright/test';
import { axeFinds, signIn, deskTest as test, WCAG } from './support';

test('a coordinator practises on made-up cases: ordered by keys and buttons, acts chosen, compared with the levels', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/practice');
	await page.getByRole('button', { name: /^(?:Start a round|Go on with the open round)$/ }).click();
	await expect(page.getByRole('heading', { name: 'Who comes first?' })).toBeVisible();
	const names = () => page.locator('form ol > li h2').allInnerTexts();
	const [first = '', second = ''] = await names();
	await page.getByRole('button', { name: `Drag ${first}`, exact: true }).focus();
	await page.keyboard.press('ArrowDown');
	await expect.poll(names).toMatchObject({ 0: second, 1: first });
	await expect(page.getByRole('button', { name: `Drag ${first}`, exact: true })).toBeFocused();
	await page.getByRole('button', { name: `Move ${first} up` }).click();
	await expect.poll(names).toMatchObject({ 0: first, 1: second });
	await page.getByLabel(`First act for ${first}`).selectOption({ label: 'Call now, today' });
	await page.getByLabel(/^Write to /).fill('Thank you for your answers. I’ll call you on Tuesday.');
	expect(await axeFinds(page, WCAG)).toEqual([]);
	await page.getByRole('button', { name: 'Compare with the levels' }).click();
	await expect(page.getByRole('heading', { name: 'Your result' })).toBeVisible();
	await expect(page.getByText(/of the pairs stand in the right order\./)).toBeVisible();
	await expect(page.getByText('I’ll call you on Tuesday.')).toBeVisible();
	await expect(page.locator('main ol > li')).toHaveCount(12);
	expect(await axeFinds(page, WCAG)).toEqual([]);
	await page.getByRole('link', { name: 'Back to Practice' }).click();
	await expect(page.getByRole('cell', { name: /of 12$/ }).first()).toBeVisible();
});
