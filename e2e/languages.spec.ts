import { expect } from '@playwright/test';
import { deskTest as test, hydrated, linkOf, sendTo, signIn } from './support';

const CHEST = 'Chest pain or pressure, or pain into arm or jaw';

test('a person changes the language, on pages and in emails; signs stand in English, too, until someone has checked them', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Lena Langova');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(link);
	await employee.getByRole('button', { name: 'Français' }).click();
	await expect(employee.locator('html')).toHaveAttribute('lang', 'fr');
	await expect(employee.getByRole('heading', { level: 1 })).toContainText('Bonjour Lena Langova.');
	await employee.getByRole('button', { name: 'J’ai lu ceci. Commencer' }).click();
	await hydrated(employee);
	const sign = employee.getByRole('group', { name: /poitrine/ });
	await expect(sign).toContainText(CHEST);
	// What the scripts draw is translated too: they left nothing in English.
	await sign.getByText('Non', { exact: true }).click();
	await expect(sign.getByRole('radio', { name: 'Non' })).toBeChecked();
	// A refusal is in the language of the person refused.
	const refused = await employee.request.post(`${link}/language`, {
		form: { language: 'xx', back: link },
		headers: { origin: new URL(employee.url()).origin }
	});
	expect(refused.status()).toBe(400);
	expect(await refused.text()).not.toMatch(/\b(?:the|choose|please)\b/i);

	await signIn(page);
	await page.goto('/desk/organisation/translations?language=fr');
	await hydrated(page);
	await expect(page.getByText('French isn’t checked yet.')).toBeVisible();
	await page.getByLabel('Name of the person who checked these texts').fill('Dr Ana Lectora');
	await page.getByRole('button', { name: 'Confirm French' }).click();
	await expect(page.getByText(/^French was checked by Dr Ana Lectora, /)).toBeVisible();
	await employee.reload();
	await expect(sign).not.toContainText(CHEST);

	// The next email is in their language.
	await page.goto('/desk/people?q=Lena Langova');
	await page.getByRole('link', { name: 'Lena Langova' }).click();
	await expect(page.getByRole('heading', { name: 'Lena Langova' })).toBeVisible();
	await hydrated(page);
	await page.keyboard.press('w');
	await page.getByRole('textbox', { name: 'Message' }).fill('Bonjour.');
	await page.getByRole('button', { name: 'Send message', exact: true }).click();
	await expect(page.getByRole('listitem').filter({ hasText: 'Bonjour.' })).toBeVisible();
	await linkOf(page, 'Lena Langova.*Vous avez un message');
	await employee.getByRole('button', { name: 'Deutsch' }).click();
	await expect(employee.locator('html')).toHaveAttribute('lang', 'de');
});
