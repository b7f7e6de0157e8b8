import { gzipSync } from 'node:zlib';
import { expect } from '@playwright/test';
import { hydrated, linkOf, signIn, deskTest as test } from './support';

test('the employee’s door is light: no scripts on its first page, at most 195 kB of them, compressed, with a question', async ({
	page
}) => {
	const link = await linkOf(page, 'Mirela Oakhanger');
	const first = await (await page.request.get(link)).text();
	expect(first).not.toMatch(/<script|modulepreload/);
	for (const path of ['/first', '/plan']) {
		// Until a page is ready it runs only the scripts its head names. The offline plan is loaded later, when the browser is idle.
		const answer = await page.request.get(`${link}${path}`);
		const files = /\}\)\((\["[^\]]+\.js"\])\)/.exec(await answer.text())?.[1] ?? '[]';
		const addresses = (JSON.parse(files) as string[]).map(
			(file) => new URL(file, `http://here${link}${path}`).pathname
		);
		// Scripts load after the page: nothing asks for them while it is being fetched.
		expect(answer.headers().link).not.toContain('.js');
		expect(addresses.length, path).toBeGreaterThan(5);
		const sizes = await Promise.all(
			addresses.map(async (address) => gzipSync(await (await page.request.get(address)).body()).byteLength)
		);
		const kb = sizes.reduce((sum, size) => sum + size, 0) / 1024;
		test.info().annotations.push({ type: `scripts of ${path}`, description: `${kb.toFixed(1)} kB gzip` });
		expect(kb, path).toBeLessThanOrEqual(195);
	}
});

test('the coordinator works by keys alone', async ({ page }) => {
	await page.goto('/desk/sign-in');
	await hydrated(page);
	await page.keyboard.press('Tab');
	await page.keyboard.type('coordinator@lanterns.example');
	await page.keyboard.press('Tab');
	await page.keyboard.type('tarn-valley-demo');
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL('/desk');
	await hydrated(page);
	await page.keyboard.press('?');
	const help = page.getByRole('dialog', { name: 'Keyboard shortcuts on this page' });
	await expect(help).toContainText('Select the line');
	const box = await help.boundingBox();
	expect((box?.y ?? -1) >= 0 && (box?.height ?? 900) <= 800).toBe(true);
	await page.keyboard.press('Escape');
	await expect(help).toHaveCount(0);
	await page.keyboard.press('2');
	await expect(page).toHaveURL('/desk/people');
	await hydrated(page);
	await page.keyboard.press('/');
	await page.keyboard.type('ruta');
	await expect(page.getByRole('row')).toHaveCount(2);
	await page.keyboard.press('Tab');
	await page.getByRole('link', { name: 'Ruta Wexcombe' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { name: 'Ruta Wexcombe' })).toBeVisible();
	await hydrated(page);
	await page.keyboard.press('v');
	await expect(page.getByRole('button', { name: 'After the plan' })).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('f');
	await expect(page.locator('#due')).toBeFocused();
	await page.getByRole('heading', { name: 'Ruta Wexcombe' }).click();
	await page.keyboard.press('1');
	await expect(page).toHaveURL('/desk');
	await hydrated(page);
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/\/desk\/cases\//);
});

test('a search keeps the letters that are typed while the list of the first ones is on its way', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/people');
	await hydrated(page);
	let release = () => {};
	const held = new Promise<void>((resolve) => (release = resolve));
	await page.route(/people\/__data\.json\?.*q=ru(?:&|$)/, async (route) => {
		await held;
		await route.continue();
	});
	const box = page.getByRole('searchbox', { name: 'Search by name, team or address' });
	const asked = page.waitForRequest(/q=ru(?:&|$)/);
	await box.pressSequentially('ru');
	await asked;
	release();
	await box.pressSequentially('ta wex', { delay: 50 });
	await expect(page.getByRole('row')).toHaveCount(2);
	await expect(box).toHaveValue('ruta wex');
	await expect(page).toHaveURL(/q=ruta\+wex/);
});

test('signing out ends the session', async ({ page }) => {
	await signIn(page);
	await page.getByRole('button', { name: 'Sign out' }).click();
	await expect(page).toHaveURL('/desk/sign-in');
	await page.goto('/desk/people');
	await expect(page).toHaveURL('/desk/sign-in');
});
