import { expect, test, type Page } from '@playwright/test';
import { answeredLike, hydrated, openPart } from './support';

/** Noon on a working day, by the device's clock. */
const NOON = new Date('2026-11-25T12:00:00');

/** Seconds left of the part being counted down, as the page shows them. */
const count = (page: Page) => page.getByRole('timer').locator('.num');

const calendar = [
	'BEGIN:VCALENDAR',
	'VERSION:2.0',
	'PRODID:-//Test//EN',
	'BEGIN:VEVENT',
	'UID:1@test',
	'DTSTART:20261125T093000',
	'DTEND:20261125T113000',
	'SUMMARY:Council of gardens',
	'END:VEVENT',
	'END:VCALENDAR',
	''
].join('\r\n');

test('a day is planned around a calendar that stays on the device, and its breaks can be downloaded', async ({
	page
}) => {
	const { link } = await answeredLike(page, 'Maud Mover', 'Mirela Oakhanger');
	await page.clock.setFixedTime(NOON);
	await page.goto(`${link}/day`);
	await hydrated(page);
	await expect(page.getByText('5 breaks today, 15 min in all.')).toBeVisible();
	await expect(page.getByText(/You sit (?:2\d|30) min at most in one go\./)).toBeVisible();
	const sent: string[] = [];
	page.on('request', (request) => sent.push(`${request.method()} ${request.postData() ?? ''}`));
	await page.getByLabel('Your calendar for that day, as a file').setInputFiles({
		name: 'mine.ics',
		mimeType: 'text/calendar',
		buffer: Buffer.from(calendar)
	});
	await expect(page.getByText('One meeting was read.')).toBeVisible();
	await expect(page.getByText('9:30–11:30 Council of gardens')).toBeVisible();
	await expect(page.getByText(/You sit 2 h(?: \d+ min)? at most in one go\./)).toBeVisible();
	await expect(
		page.getByText('Your meetings don’t leave more room: we never plan a break during a meeting.')
	).toBeVisible();
	expect(sent.filter((one) => one.includes('Council') || one.startsWith('P'))).toEqual([]);
	// No break falls into it.
	await page.getByText(/^Small breaks \(\d+\)$/).click();
	// A header is above what it names, not in the middle of its column.
	const alignments = await page
		.getByRole('columnheader')
		.evaluateAll((cells) => cells.map((cell) => getComputedStyle(cell).textAlign));
	expect([...new Set(alignments)]).toEqual(['start']);
	const times = await page.locator('table td.num').allInnerTexts();
	const minutes = times.map((text) => Number(text.split(':')[0]) * 60 + Number(text.split(':')[1]));
	expect(minutes.length).toBeGreaterThan(8);
	expect(minutes.filter((minute) => minute >= 570 && minute < 690)).toEqual([]);
	// A file that isn't a calendar is refused with a message and changes nothing.
	await page.getByLabel('Your calendar for that day, as a file').setInputFiles({
		name: 'notes.txt',
		mimeType: 'text/plain',
		buffer: Buffer.from('Dear all,')
	});
	await expect(page.getByText('This isn’t a calendar file.')).toBeVisible();
	await expect(page.getByText('9:30–11:30 Council of gardens')).toBeVisible();
	const loading = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Download the breaks as a calendar' }).click();
	const stream = await (await loading).createReadStream();
	let text = '';
	for await (const part of stream) text += String(part);
	expect(text).toContain('BEGIN:VALARM');
	// Only the long breaks: the short ones would fill a calendar.
	const events = text.match(/BEGIN:VEVENT/g)?.length ?? 0;
	expect(events).toBeGreaterThanOrEqual(3);
	expect(events).toBeLessThanOrEqual(6);
	// Kept on this device, together with the break schedule chosen as the usual one.
	await page.getByLabel('How often').selectOption('Ten minutes every hour');
	await expect(page.getByText('Saved.')).toBeVisible();
	await page.reload();
	await hydrated(page);
	await expect(page.getByText('9:30–11:30 Council of gardens')).toBeVisible();
	await expect(page.getByLabel('How often')).toHaveValue('hour');
	// On another day its meetings are gone.
	await page.clock.setFixedTime(new Date('2026-11-26T12:00:00'));
	await page.reload();
	await hydrated(page);
	await expect(page.getByText('Council of gardens')).toHaveCount(0);
});

test('a break is counted, paused, cut short and stopped where it hurts, which the coordinator can be told', async ({
	page
}) => {
	const { link } = await answeredLike(page, 'Basil Breaker', 'Mirela Oakhanger');
	await page.clock.install({ time: NOON });
	await page.goto(`${link}/break`);
	await hydrated(page);
	await expect(page.getByRole('heading', { name: 'One flight of stairs' })).toBeVisible();
	await expect(page.getByRole('img', { name: /^Drawing: One flight of stairs/ })).toBeVisible();
	const before = await page.locator('ol li').count();
	await page.getByRole('button', { name: 'Start' }).click();
	await page.clock.fastForward(20_000);
	await expect(count(page)).toHaveText(/^2[3-5]$/);
	await page.getByRole('button', { name: 'Pause' }).click();
	const stands = await count(page).innerText();
	await page.clock.fastForward(600_000);
	await expect(page.getByRole('button', { name: 'Continue' })).toBeVisible();
	await expect(count(page)).toHaveText(stands);
	await page.getByRole('button', { name: 'Continue' }).click();
	await page.getByRole('button', { name: 'Make it shorter' }).click();
	await expect(page.locator('ol li')).toHaveCount(before - 1);
	await page.getByRole('button', { name: 'Skip this exercise' }).click();
	const name = await page.getByRole('heading', { level: 2 }).first().innerText();
	await page.getByRole('button', { name: 'This hurts' }).click();
	await expect(page.getByRole('alert')).toContainText(
		'Stopped. We won’t offer this exercise again on this device.'
	);
	await expect(page.locator('ol li', { hasText: name })).toHaveCount(0);
	await page.getByRole('button', { name: 'Continue' }).click();
	// Half an hour without a tick of the clock: the page then says that the break is over.
	await page.clock.fastForward(1_800_000);
	await expect(page.getByRole('heading', { name: 'That was your break.' })).toBeVisible();
	await expect(page.getByText('One break today.')).toBeVisible();
	await page.reload();
	await hydrated(page);
	await expect(page.getByText('One break today.')).toBeVisible();
	await expect(page.locator('ol li', { hasText: name })).toHaveCount(0);
	await page.goto(`${link}/messages?hurt=neck-side`);
	await expect(page.getByLabel('Write to your coordinator')).toHaveValue(
		'The exercise “Neck to the side” hurt when I tried it.'
	);
});

test('the break that is due is told while something else is looked at, and works without network after one visit', async ({
	page,
	context
}) => {
	const { link } = await answeredLike(page, 'Otto Offline', 'Mirela Oakhanger');
	await page.goto(`${link}/break`);
	await hydrated(page);
	await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
	await page.reload();
	await hydrated(page);
	await context.setOffline(true);
	await page.clock.install({ time: new Date('2026-11-25T10:00:00') });
	await page.reload();
	await hydrated(page);
	// Nothing announces the short breaks in between.
	await expect(page.getByText(/^Next: Get up and move at 10:\d\d, in \d+ min$/)).toBeVisible();
	await page.clock.fastForward(30 * 60_000);
	await expect(page.getByText('Time for a break: Get up and move')).toBeVisible();
	await page.getByRole('button', { name: 'Ask again in 10 minutes' }).click();
	await expect(page.getByText(/^We’ll ask again at 10:\d\d\.$/)).toBeVisible();
	await page.clock.fastForward(11 * 60_000);
	await expect(page.getByText('Time for a break: Get up and move')).toBeVisible();
	await page.getByRole('button', { name: 'Start' }).click();
	await page.clock.fastForward(10_000);
	await expect(count(page)).toHaveText(/^3[3-5]$/);
	await context.setOffline(false);
});

test('weekly totals reach the coordinator while they are shared, and go when they are not', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await answeredLike(page, 'Sharon Sharer', 'Mirela Oakhanger');
	const person = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await person.goto(`${link}/day`);
	await hydrated(person);
	await person.getByRole('button', { name: 'Share my weekly totals' }).click();
	await expect(person.getByText('You share your weekly totals.')).toBeVisible();
	await person.clock.install({ time: NOON });
	await person.goto(`${link}/break`);
	await hydrated(person);
	await person.getByRole('button', { name: 'Start' }).click();
	const kept = person.waitForResponse((response) => response.url().endsWith('/day/week'));
	await person.clock.fastForward(240_000);
	expect((await kept).status()).toBe(204);
	await page.goto(caseUrl);
	await hydrated(page);
	await openPart(page, 'Person');
	await expect(page.getByText('A few real breaks, set by a coordinator.')).toBeVisible();
	await expect(page.getByRole('row', { name: /^23 Nov 2026 1 \d+$/ })).toBeVisible();
	await page.getByLabel('Break schedule').selectOption('Ten minutes every hour');
	await page.getByRole('button', { name: 'Save settings', exact: true }).click();
	await expect(page.getByText('Ten minutes every hour, set by a coordinator.')).toBeVisible();
	await person.goto(`${link}/day`);
	await hydrated(person);
	await expect(person.getByText('Set for you: Ten minutes every hour')).toBeAttached();
	await person.getByRole('button', { name: 'Stop sharing and delete what I shared' }).click();
	await expect(person.getByRole('button', { name: 'Share my weekly totals' })).toBeVisible();
	await page.reload();
	await expect(page.getByText('They don’t share whether they take breaks.')).toBeVisible();
});

test('what is to be allowed for is asked with where it hurts, and counts at the next break', async ({
	page
}) => {
	const { link } = await answeredLike(page, 'Petra Pausova', 'Mirela Oakhanger');
	await page.goto(`${link}/discomfort`);
	await hydrated(page);
	await page.getByText('Pregnancy, surgery, dizziness, flexible joints, one arm?').click();
	const kept = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
	await page.getByText('Recent surgery', { exact: true }).click();
	await kept;
	await page.goto(`${link}/break`);
	await hydrated(page);
	await expect(
		page.getByText(/^You had surgery recently, so we don’t offer exercises that strain or stretch/)
	).toBeVisible();
	// Someone who stays seated but shifts their weight is left a walk on level ground, and no more.
	await expect(page.locator('ol li')).toHaveText(['A glass of water']);
	await page.getByLabel('I stay seated: nothing on my feet').check();
	await expect(page.locator('ol li')).toHaveText(['Shift your weight']);
	await page.goto(`${link}/discomfort`);
	await hydrated(page);
	await expect(page.getByLabel('Recent surgery')).toBeChecked();
});
