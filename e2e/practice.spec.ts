import { expect, type Page } from '@playwright/test';
import { axeFinds, hydrated, signIn, signInAs, deskTest as test, WCAG } from './support';

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

test('two coordinators give the same real cases a level each, without names, and then see where they differ', async ({
	page,
	browser
}) => {
	await signIn(page);
	await page.goto('/desk/practice');
	await page.getByLabel('Colleague').selectOption({ label: 'Ferelith Ashdown' });
	await page.getByRole('button', { name: 'Ask for a second opinion' }).click();
	await expect(page.getByRole('heading', { name: 'Case 1', exact: true })).toBeVisible();
	const address = page.url();
	const other = await (await browser.newContext()).newPage();
	await signInAs(other, 'second');
	await other.goto(address);
	const give = (of: Page) => of.getByRole('button', { name: 'Give your levels' });
	const judge = async (of: Page, first: string) => {
		await hydrated(of);
		const levels = of.getByRole('group', { name: /^Level of case/ });
		const n = await levels.count();
		expect(n).toBeGreaterThan(1);
		for (let i = 0; i < n; i += 1) {
			await expect(give(of)).toBeDisabled();
			await levels
				.nth(i)
				.getByRole('radio', { name: i === 0 ? first : 'This week' })
				.check();
		}
		await give(of).click();
	};
	await judge(page, 'Self-help');
	await expect(page.getByText(/^Your levels are saved\./)).toBeVisible();
	// Nobody's name before both have given their levels.
	await expect(other.locator('main a[href^="/desk/cases/"]')).toHaveCount(0);
	await judge(other, 'For a clinician');
	await expect(other.getByRole('heading', { name: 'To talk about' })).toBeVisible();
	await expect(other.getByText(/^You: For a clinician\. .+: Self-help\. By your settings: /)).toBeVisible();
	await expect(other.locator('main a[href^="/desk/cases/"]').first()).toBeVisible();
	expect(await axeFinds(other, WCAG)).toEqual([]);
});
