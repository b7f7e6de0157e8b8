#!/usr/bin/env node
/** Takes the pictures in docs/screenshots from the running demo (npm run demo). */
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

/** Half past nine on a working day, by the device's clock: there are breaks ahead. */
const MORNING = new Date('2026-11-25T09:30:00');

/** @typedef {import('@playwright/test').Page} Page */

/** @param {Page} page @param {string} name */
async function shoot(page, name) {
	await page.locator('html[data-ready]').waitFor({ state: 'attached' });
	await page.evaluate(() => document.fonts.ready);
	await page.screenshot({ path: join(FOLDER, `${name}.png`), animations: 'disabled' });
	say(name);
}

/** Waits until every chart is drawn. @param {Page} page */
const drawn = (page) =>
	page.waitForFunction(() => {
		const all = [...document.querySelectorAll('canvas')];
		return all.length > 0 && all.every((canvas) => canvas.dataset.drawn !== undefined);
	});

/** @param {Page} page @param {string} name */
async function linkOf(page, name) {
	await page.goto(`${BASE}/post`);
	await page
		.getByRole('link', { name: new RegExp(name) })
		.last()
		.click();
	return `${BASE}${await page.getByRole('article').getByRole('link').getAttribute('href')}`;
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
	await desk.getByLabel('Email address').fill('coordinator@lanterns.example');
	await desk.getByLabel('Password').fill('tarn-valley-demo');
	await desk.getByRole('button', { name: 'Sign in' }).click();
	await desk.waitForURL(`${BASE}/desk`);
	await desk.getByText('To scale.').waitFor();
	await shoot(desk, 'day-sheet');
	await desk.goto(`${BASE}/desk/people`);
	await shoot(desk, 'people');
	await desk.goto(`${BASE}/desk/rounds`);
	await desk.getByRole('link', { name: 'This autumn' }).click();
	await desk.getByRole('heading', { name: 'Results', exact: true }).waitFor();
	await shoot(desk, 'round');
	await desk.goto(`${BASE}/desk/follow-ups`);
	await shoot(desk, 'follow-ups');
	await desk.goto(`${BASE}/desk/equipment`);
	await shoot(desk, 'equipment');
	await desk.goto(`${BASE}/desk/workforce`);
	await drawn(desk);
	await shoot(desk, 'workforce');
	await desk.goto(`${BASE}/desk/workforce/report`);
	await desk.locator('html[data-ready]').waitFor({ state: 'attached' });
	await desk.getByRole('button', { name: 'Create report' }).click();
	await desk.waitForURL(/report\/[0-9a-f-]{36}$/);
	await drawn(desk);
	await shoot(desk, 'report');
	await desk.goto(`${BASE}/desk/people?q=mirela`);
	await desk.getByRole('link', { name: 'Mirela Oakhanger' }).click();
	await desk.getByRole('heading', { name: 'Mirela Oakhanger' }).waitFor();
	await shoot(desk, 'case-now');
	const caller = await open(PHONE);
	await caller.goto(`${mirela}/together`);
	await caller.locator('html[data-ready]').waitFor({ state: 'attached' });
	await caller.getByRole('button', { name: 'Start and get a code' }).click();
	const code = await caller.getByText(/^\d{3} \d{3}$/).innerText();
	await desk.goto(`${desk.url().split('?')[0]}/together`);
	await desk.locator('html[data-ready]').waitFor({ state: 'attached' });
	await desk.getByLabel('Code').fill(code);
	await desk.getByRole('button', { name: 'Come in' }).click();
	await desk.getByText('is here and sees what you enter.').waitFor();
	await desk.getByRole('button', { name: 'Feet', exact: true }).click();
	await caller.locator('#seatHeight').focus();
	await desk.getByText('Mirela Oakhanger is pointing here.').waitFor();
	await shoot(desk, 'together');
	await caller.getByRole('button', { name: 'End the walkthrough' }).click();
	await caller.getByRole('heading', { name: /^Walkthrough on / }).waitFor();
	await caller.close();
	const clinician = await open(DESK);
	await clinician.goto(`${BASE}/desk/sign-in`);
	await clinician.getByLabel('Email address').fill('clinician@lanterns.example');
	await clinician.getByLabel('Password').fill('tarn-valley-demo');
	await clinician.getByRole('button', { name: 'Sign in' }).click();
	await clinician.waitForURL(`${BASE}/desk`);
	await clinician.locator('main li a').first().click();
	await clinician.getByRole('heading', { name: 'Your answer' }).waitFor();
	await shoot(clinician, 'referral');
	await desk.goto(`${mirela}/plan`);
	await shoot(desk, 'plan-after');
	await desk.clock.setFixedTime(MORNING);
	await desk.goto(`${mirela}/day`);
	await desk.locator('html[data-ready]').waitFor({ state: 'attached' });
	await desk.getByRole('button', { name: 'Use a typical day' }).click();
	await desk.evaluate(() => scrollTo(0, 0));
	await shoot(desk, 'your-day');
	// As someone arrives: the first page loads the fonts, and the others have them from then on.
	const dark = await open(PHONE, 'dark');
	await dark.goto(mirela);
	await dark.clock.setFixedTime(MORNING);
	await dark.goto(`${mirela}/break?kind=micro`);
	await shoot(dark, 'phone-break-dark');
	const phone = await open(PHONE);
	await phone.goto(mirela);
	await phone.goto(`${mirela}/hands?at=sittingElbow`);
	await shoot(phone, 'phone-walk');
	await phone.goto(`${mirela}/discomfort`);
	await shoot(phone, 'phone-discomfort');
	await phone.goto(`${mirela}/plan`);
	await shoot(phone, 'phone-plan');
	await phone.goto(`${mirela}/check-in`);
	await shoot(phone, 'phone-check-in');
	await phone.getByRole('button', { name: 'Deutsch' }).click();
	await phone.locator('html[lang=de]').waitFor({ state: 'attached' });
	await phone.goto(`${mirela}/house`);
	await shoot(phone, 'phone-house');
	await phone.getByRole('button', { name: 'English', exact: true }).click();
	await phone.locator('html[lang=en]').waitFor({ state: 'attached' });
	// Last, because it stays: someone who hasn't answered reports an emergency sign, which only an outcome closes.
	await phone.goto(await linkOf(phone, 'Sunniva Peatling'));
	await phone.getByRole('button', { name: /Start|Continue/ }).click();
	await phone.getByRole('heading', { name: 'Before anything else' }).waitFor();
	await phone.locator('html[data-ready]').waitFor({ state: 'attached' });
	const sign = phone.getByRole('group', { name: /Chest pain or pressure/ });
	await sign.getByText('Yes').click();
	await phone.getByRole('heading', { name: /^Stop here/ }).waitFor();
	await phone.getByRole('button', { name: 'I tapped this by mistake' }).waitFor();
	await shoot(phone, 'phone-stop');
	await browser.close();
});
