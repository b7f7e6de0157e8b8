import { expect, type CDPSession, type Page } from '@playwright/test';
import { ACCOUNT, hydrated, deskTest as test } from './support';

/** The same server under a host name, which passkeys need. */
const named = (baseURL: string | undefined) => (baseURL ?? '').replace('127.0.0.1', 'localhost');

/** A phone or laptop that stores passkeys, as simulated by Chromium. */
async function device(page: Page): Promise<CDPSession> {
	const devtools = await page.context().newCDPSession(page);
	await devtools.send('WebAuthn.enable');
	await devtools.send('WebAuthn.addVirtualAuthenticator', {
		options: {
			protocol: 'ctap2',
			transport: 'internal',
			hasResidentKey: true,
			hasUserVerification: true,
			isUserVerified: true,
			automaticPresenceSimulation: true
		}
	});
	return devtools;
}

async function byPassword(page: Page, base: string, email: string): Promise<void> {
	await page.goto(`${base}/desk/sign-in`, { waitUntil: 'load' });
	await hydrated(page);
	await page.getByLabel('Email address').fill(email);
	await page.getByLabel('Password').fill(ACCOUNT.password);
	await page.getByRole('button', { name: 'Sign in', exact: true }).click();
}

test('a passkey is added, signs in alone, stands beside the password, and is taken away', async ({
	page,
	baseURL
}) => {
	const base = named(baseURL);
	await device(page);
	await byPassword(page, base, 'reader@lanterns.example');
	await expect(page).toHaveURL(/\/desk\/workforce/);
	await page.goto(`${base}/desk/account`);
	await page.getByRole('link', { name: 'Set up codes' }).click();
	await page.getByLabel('Name of the device').fill('laptop at work');
	await page.getByRole('button', { name: 'Add a passkey' }).click();
	await expect(page.getByText('Save these recovery codes')).toBeVisible();
	const lost = await page.locator('.codes li').first().innerText();
	// A second passkey on the same device is refused.
	await page.goto(`${base}/desk/account/second-factor`);
	await page.getByLabel('Name of the device').fill('once more');
	await page.getByRole('button', { name: 'Add a passkey' }).click();
	await expect(page.getByRole('alert')).toContainText('already have a passkey on this device');

	await page.context().clearCookies();
	await page.goto(`${base}/desk/sign-in`);
	await page.getByRole('button', { name: 'Use a passkey' }).click();
	await expect(page).toHaveURL(/\/desk\/workforce/);

	// After the password the page asks for the passkey; a recovery code for a lost device works too.
	await page.context().clearCookies();
	await byPassword(page, base, 'reader@lanterns.example');
	await expect(page).toHaveURL(/\/desk\/sign-in\/code$/);
	await page.getByLabel('Code').fill(lost);
	await page.getByRole('button', { name: 'Sign in', exact: true }).click();
	await expect(page).toHaveURL(/\/desk\/workforce/);
	await page.context().clearCookies();
	await byPassword(page, base, 'reader@lanterns.example');
	await expect(page).toHaveURL(/\/desk\/sign-in\/code$/);
	await hydrated(page);
	await page.getByRole('button', { name: 'Use a passkey' }).click();
	await expect(page).toHaveURL(/\/desk\/workforce/);

	await page.goto(`${base}/desk/account/second-factor`);
	await page.getByRole('button', { name: 'Remove: laptop at work' }).click();
	await expect(page.getByText('laptop at work', { exact: true })).toBeHidden();
	// The passkey left on the device no longer opens anything.
	await page.context().clearCookies();
	await page.goto(`${base}/desk/sign-in`);
	await page.getByRole('button', { name: 'Use a passkey' }).click();
	await expect(page.getByRole('alert')).toContainText('We don’t know this passkey');
});

test('at an address that is a number the page says where passkeys work', async ({ page }) => {
	await byPassword(page, '', 'reader@lanterns.example');
	await expect(page).toHaveURL(/\/desk\/workforce/);
	await page.goto('/desk/account/second-factor');
	await expect(page.getByRole('link', { name: /^http:\/\/localhost/ })).toBeVisible();
});

test('the organisation’s own sign-in lets in who has an account, and nobody else', async ({ page }) => {
	const go = async () => {
		await page.goto('/desk/sign-in');
		await page.getByRole('link', { name: 'Sign in with Lanterns' }).click();
	};
	await go();
	await page.getByRole('button', { name: 'Nobody: go back' }).click();
	await expect(page.getByRole('alert')).toContainText('You weren’t signed in there');
	await go();
	await page.getByRole('button', { name: 'Someone without an account' }).click();
	await expect(page.getByRole('alert')).toContainText('don’t have an account here');
	await page.context().clearCookies();
	await go();
	await page.getByRole('button', { name: 'Second coordinator' }).click();
	await expect(page).toHaveURL('/desk');
	// Opened again by its address, the same answer doesn't sign anybody in a second time.
	await page.goto('/desk/sign-in/provider/back?code=made-up&state=made-up', { waitUntil: 'load' });
	await expect(page).toHaveURL('/desk');
	await page.context().clearCookies();
	await page.goto('/desk/sign-in/provider/back?code=made-up&state=made-up', { waitUntil: 'load' });
	await expect(page.getByRole('alert')).toContainText('sent an unexpected answer');
});
