#!/usr/bin/env node
/** Takes the pictures in docs/screenshots from the demo that runs (npm run demo). */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './lib/packages.mjs';
import { root } from './lib/paths.mjs';
import { run, say } from './lib/say.mjs';

const BASE = process.env.BASE_URL ?? 'http://127.0.0.1:4280';
const FOLDER = join(root, 'docs', 'screenshots');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** @typedef {import('@playwright/test').Page} Page */

/** @param {Page} page @param {string} name */
async function shoot(page, name) {
	// The first page has no scripts of its own to wait for.
	if (name !== 'phone-start') await page.locator('html[data-ready]').waitFor({ state: 'attached' });
	await page.evaluate(() => document.fonts.ready);
	await page.screenshot({ path: join(FOLDER, `${name}.png`), animations: 'disabled' });
	say(name);
}

/** @param {Page} page @param {string} name */
async function linkOf(page, name) {
	await page.goto(`${BASE}/post`);
	await page
		.getByRole('link', { name: new RegExp(name) })
		.last()
		.click();
	return `${BASE}${await page.getByRole('link', { name: 'Begin' }).getAttribute('href')}`;
}

await run(async () => {
	mkdirSync(FOLDER, { recursive: true });
	const browser = await chromium.launch({
		executablePath: CHROMIUM,
		chromiumSandbox: process.getuid?.() !== 0,
		args: ['--disable-gpu', '--disable-quic', '--disable-dev-shm-usage']
	});
	/** @param {{ width: number, height: number }} viewport @param {'light' | 'dark'} [colorScheme] */
	const open = async (viewport, colorScheme = 'light') =>
		(await browser.newContext({ viewport, colorScheme, reducedMotion: 'reduce' })).newPage();
	const desk = await open(DESK);
	const mirela = await linkOf(desk, 'Mirela Oakhanger');
	await desk.goto(`${BASE}/desk/sign-in`);
	await desk.getByLabel('E-mail address').fill('coordinator@lanterns.example');
	await desk.getByLabel('Password').fill('tarn-valley-demo');
	await desk.getByRole('button', { name: 'Sign in' }).click();
	await desk.waitForURL(`${BASE}/desk`);
	await desk.getByText('To scale.').waitFor();
	await shoot(desk, 'day-sheet');
	await desk.goto(`${BASE}/desk/people`);
	await shoot(desk, 'people');
	await desk.goto(`${BASE}/desk/rounds`);
	await desk.getByRole('link', { name: 'This autumn' }).click();
	await desk.getByRole('heading', { name: 'How it went' }).waitFor();
	await shoot(desk, 'round');
	await desk.goto(`${BASE}/desk/follow-ups`);
	await shoot(desk, 'follow-ups');
	await desk.goto(`${BASE}/desk/people?q=mirela`);
	await desk.getByRole('link', { name: 'Mirela Oakhanger' }).click();
	await desk.getByRole('heading', { name: 'Mirela Oakhanger' }).waitFor();
	await shoot(desk, 'case-now');
	await desk.goto(`${BASE}/post`);
	await desk
		.getByRole('link', { name: /Mirela Oakhanger/ })
		.last()
		.click();
	await desk.getByText('All letters').waitFor();
	await shoot(desk, 'letter');
	await desk.goto(`${mirela}/plan`);
	await shoot(desk, 'plan-after');
	await desk
		.getByRole('heading', { name: 'Not about height' })
		.evaluate((heading) => heading.scrollIntoView());
	await shoot(desk, 'plan-beside');
	await desk.goto(`${mirela}/hands`);
	await shoot(desk, 'walk-desktop');
	const standing = await linkOf(desk, 'Ivo Larkmead');
	await desk.goto(`${standing}/plan`);
	await shoot(desk, 'plan-standing');
	const dark = await open(DESK, 'dark');
	await dark.goto(`${mirela}/plan`);
	await dark.locator('html[data-ready]').waitFor({ state: 'attached' });
	await dark.getByRole('button', { name: 'Now', exact: true }).click();
	await shoot(dark, 'plan-now-dark');
	const phone = await open(PHONE);
	await phone.goto(await linkOf(phone, 'Sunniva Peatling'));
	await shoot(phone, 'phone-start');
	await phone.goto(`${mirela}/hands?at=sittingElbow`);
	await shoot(phone, 'phone-walk');
	await phone.goto(`${mirela}/discomfort`);
	await shoot(phone, 'phone-discomfort');
	await phone.goto(`${mirela}/measure`);
	await shoot(phone, 'phone-measure');
	await phone.goto(`${mirela}/house`);
	await shoot(phone, 'phone-house');
	await phone.goto(`${mirela}/plan`);
	await shoot(phone, 'phone-plan');
	await phone.goto(`${mirela}/check-in`);
	await shoot(phone, 'phone-check-in');
	// Last, since it is kept: somebody who has not answered says that an emergency sign is there, which only an outcome closes.
	await phone.goto(await linkOf(phone, 'Sunniva Peatling'));
	await phone.getByRole('button', { name: /Begin|Pick up/ }).click();
	await phone.getByRole('heading', { name: 'Before anything else' }).waitFor();
	await phone.locator('html[data-ready]').waitFor({ state: 'attached' });
	const sign = phone.getByRole('group', { name: /Pressure or pain in the chest/ });
	await sign.getByText('Yes').click();
	await phone.getByRole('heading', { name: /^Stop here/ }).waitFor();
	await shoot(phone, 'phone-stop');
	await browser.close();
});
