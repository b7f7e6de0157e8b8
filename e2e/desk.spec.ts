import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import writeXlsxFile from 'write-excel-file/node';
import { readBundle } from '../src/lib/core/platform/fhir/read-bundle';
import {
	answeredLike,
	dragUntil,
	fillDay,
	gripsOf,
	hydrated,
	linkOf,
	openPart,
	posted,
	sendTo,
	signIn,
	signInAs,
	todayIso,
	deskTest as test
} from './support';

const lines = (page: Page) => page.locator('main li[id^="line-"]');

test('cases are worked off from the day sheet by keys alone, and the last is taken back', async ({
	page
}) => {
	await signIn(page);
	const before = await lines(page).count();
	expect(before).toBeGreaterThan(12);
	// The key for each act is the underlined letter in its label.
	await expect(page.locator('main li.here u').first()).toBeVisible();
	// The lines that one press settles; the others ask for an outcome or an answer.
	const groups = page.locator('section.group', {
		has: page.getByRole('heading', { name: /^(?:Self-help|Nothing to do)/ })
	});
	const settles = groups.locator('button[id^="act-"][aria-label^="Mark as done: "]');
	// A follow-up that is due keeps the person on the sheet, in a group of its own.
	const lineToSettle = () => groups.locator(`a.who[href="${href}"]`);
	let [name, href] = ['', ''];
	for (let i = 1; i <= 3; i += 1) {
		name = (await settles.first().getAttribute('aria-label'))?.replace('Mark as done: ', '') ?? '';
		href = (await settles.first().locator('xpath=ancestor::li').locator('a.who').getAttribute('href')) ?? '';
		await page.locator(`main li a.who[href="${href}"]`).focus();
		const done = page.waitForResponse((r) => r.request().method() === 'POST' && r.url().includes('/desk?/'));
		await page.keyboard.press('s');
		expect((await done).ok()).toBe(true);
		// The focus moves to the line that took its place, never to the page.
		await expect(page.locator('main li a.who:focus')).toHaveCount(1);
		await expect(lineToSettle()).toHaveCount(0);
	}
	// Where more is open than is shown, another line has moved up.
	expect(await lines(page).count()).toBeLessThanOrEqual(before);
	await page.getByText('Your actions today').click();
	await expect(page.getByRole('button', { name: `Undo: Marked as done: ${name}` })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(lineToSettle()).toHaveCount(1);
	// Other tests of this user also undid acts today; this line names the one meant here.
	const undone = page
		.locator('.acts li')
		.filter({ hasText: `Marked as done: ${name}` })
		.filter({ hasText: 'undone' });
	await expect(undone).toHaveCount(1);
	await expect(page.locator('main li a.who:focus')).toHaveCount(1);
});

test('ten cases of three kinds are worked off with at most four keys each, beside what is typed', async ({
	page
}) => {
	const began = todayIso();
	// Follow-ups due today: how many the demo has depends on the day and the hour.
	for (const name of ['Ada', 'Bea', 'Cleo', 'Dot']) {
		const { caseUrl } = await sendTo(page, `${name} Dueday`);
		const due = { key: randomUUID(), version: '0', kind: 'look', due: todayIso(), reason: 'Does it hold?' };
		await posted(page, `${caseUrl}?/followUp`, due);
	}
	await page.goto('/desk');
	await hydrated(page);
	const links = (act: string) => page.locator(`main li:has(button[aria-label^="${act}: "]:visible) a.who`);
	const press = async (...keys: string[]) => {
		for (const key of keys) await page.keyboard.press(key);
		return keys.length;
	};
	const acts = {
		'Mark as done': async () => press('s'),
		Done: async () => {
			await press('d');
			await expect(page.getByLabel('Notes on the follow-up')).toBeFocused();
			await page.keyboard.type('It holds.');
			return 1 + (await press('Enter'));
		},
		Write: async () => {
			await press('w');
			await expect(page.getByRole('textbox', { name: 'Message' })).toBeFocused();
			await press('Control+a');
			await page.keyboard.type('How is it going?');
			return 2 + (await press('Control+Enter'));
		}
	};
	const ten = [
		'Mark as done',
		'Done',
		'Mark as done',
		'Done',
		'Write',
		'Mark as done',
		'Done',
		'Mark as done',
		'Done',
		'Write'
	] as const;
	const worked: string[] = [];
	for (const act of ten) {
		// Follow-ups of the demo's people are left alone: someone with a second one due keeps the same button.
		const some = act === 'Done' ? links(act).filter({ hasText: 'Dueday' }) : links(act);
		const others = await some.evaluateAll((all) => all.map((link) => link.getAttribute('href') ?? ''));
		const href = others.find((one) => !worked.includes(one)) ?? '';
		const line = page.locator(`main li a.who[href="${href}"]`);
		const name = await line.innerText();
		await line.focus();
		await expect(page.locator('.pane').getByRole('heading', { name })).toBeVisible();
		const done = page.waitForResponse(
			(r) => r.request().method() === 'POST' && /\?\/(?:settle|done|message)/.test(r.url())
		);
		expect(await acts[act]()).toBeLessThanOrEqual(4);
		expect((await done).ok()).toBe(true);
		// The line has gone or stands there for another reason; the focus is on a line, never on the page.
		await expect(
			page.locator(`main li:has(a.who[href="${href}"]) button[aria-label="${act}: ${name}"]:visible`)
		).toHaveCount(0);
		await expect(page.locator('main li a.who:focus')).toHaveCount(1);
		worked.push(href);
	}
	expect(new Set(worked).size).toBe(10);
	// None is lost: each is listed among the day's actions, whose list begins at midnight.
	await page.getByText('Your actions today').click();
	const listed = todayIso() === began ? 10 : 0;
	expect(await page.locator('.acts li').count()).toBeGreaterThanOrEqual(listed);
});

test('ten alike follow-ups are finished by two keys and a press', async ({ page }) => {
	const names = Array.from({ length: 10 }, (_, i) => `Alba Alike ${'abcdefghij'[i]}`);
	for (const name of names) {
		const { caseUrl } = await sendTo(page, name);
		const due = { key: randomUUID(), version: '0', kind: 'look', due: todayIso(), reason: 'Ten alike' };
		await posted(page, `${caseUrl}?/followUp`, due);
	}
	await page.goto('/desk');
	await hydrated(page);
	const line = (name: string) => page.locator('main li a.who', { hasText: name });
	await line(names[0] ?? '').focus();
	await page.keyboard.press('t');
	const batch = page.getByRole('region', { name: 'Selected cases' });
	await expect(batch).toContainText('10 cases selected');
	// Nothing else is offered for them, and nothing is left out.
	await expect(batch.getByRole('button', { name: /^Mark/ })).toHaveCount(0);
	await batch.getByRole('button', { name: 'Finish 10 follow-ups' }).click();
	await expect(page.getByText('10 follow-ups are done.')).toBeVisible();
	for (const name of names) await expect(line(name)).toHaveCount(0);
});

test('a warning sign is closed by what came of it and by nothing else', async ({ page }) => {
	const { link, caseUrl } = await answeredLike(page, 'Grete Graveson', 'Mirela Oakhanger');
	const put = await page.request.put(`${link}/draft`, { data: { fields: { 'sign.wakes-at-night': 'yes' } } });
	expect(put.ok()).toBe(true);
	await page.goto('/desk');
	await hydrated(page);
	const line = lines(page).filter({ hasText: 'Grete Graveson' });
	await expect(line).toContainText('numbness or tingling that wakes them at night');
	await expect(line.getByRole('button', { name: /^Mark as done/ })).toHaveCount(0);
	await page.goto(caseUrl);
	await hydrated(page);
	await expect(page.getByRole('button', { name: /^Mark as done/ })).toHaveCount(0);
	const outcome = page.locator('#outcome');
	await page.keyboard.press('o');
	await outcome.getByLabel('Person you spoke with').fill('Grete herself');
	await outcome.getByLabel('Notes').fill('Wakes at three; sees her doctor on Monday.');
	// The form opens at the outcome, which has the focus.
	await expect(outcome.getByRole('checkbox', { name: /wakes them at night/i })).toBeChecked();
	await outcome.getByLabel('Next step').selectOption('nothing');
	await outcome.getByLabel('Why no next step').fill('The doctor has it');
	await outcome.getByRole('button', { name: 'Save outcome' }).click();
	await expect(page.getByText('Wakes at three; sees her doctor on Monday.').first()).toBeVisible();
	await page.goto('/desk');
	await expect(line).not.toContainText('wakes them at night');
});

test('equal cases get the same text in one go, by keys', async ({ page }) => {
	await signIn(page);
	// The key starts a message even before the case has loaded beside the list.
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('w');
	await expect(page.getByRole('textbox', { name: 'Message' })).toBeFocused();
	await page.keyboard.press('Escape');
	await page.getByRole('heading', { name: 'This week' }).waitFor();
	const soon = page.locator('section.group', { has: page.getByRole('heading', { name: 'This week' }) });
	await soon.locator('a.who').first().focus();
	await page.keyboard.press('t');
	const batch = page.getByRole('region', { name: 'Selected cases' });
	await expect(batch).toBeVisible();
	const n = await page.locator('main li input:checked').count();
	await batch.getByText('Write the same message to all').click();
	// Each is addressed by their own name, and the form says how.
	await batch.getByLabel('Message').fill('Hello {name}, please do your plan this week.');
	await expect(batch.getByText('{name} becomes each person’s first name.')).toBeVisible();
	await expect(batch.getByRole('listitem')).toHaveCount(n);
	await expect(batch.getByRole('listitem').first()).not.toContainText('{name}');
	await batch.getByRole('button', { name: n === 1 ? 'Send to one person' : `Send to ${n} people` }).click();
	await expect(batch).toHaveCount(0);
});

test('a list is imported after its faults are mended, and again without doubles', async ({ page }) => {
	await signIn(page);
	await page.goto('/desk/people/import');
	await hydrated(page);
	const give = (text: string) =>
		page.locator('input[type=file]').setInputFiles({
			name: 'staff.csv',
			mimeType: 'text/csv',
			// As an old spreadsheet program saves it.
			buffer: Buffer.from(text, 'latin1')
		});
	await give('Employee;Mail;Department\nZoë Importa;zoe.importa@new.example;Kiln\nNo Address;nowhere;Kiln\n');
	await expect(page.getByText('separated by semicolon, windows-1252')).toBeVisible();
	await expect(page.getByText('Email address: one row')).toBeVisible();
	await expect(page.getByText('“nowhere” isn’t an email address. Row 3.')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Check the file' })).toHaveCount(0);
	const good =
		'Employee;Mail;Department\nZoë Importa;zoe.importa@new.example;Kiln\nAbe Importa;abe.importa@new.example;Kiln\n';
	await give(good);
	await page.getByRole('button', { name: 'Check the file' }).click();
	await expect(page.getByText('2 people will be added')).toBeVisible();
	await page.getByRole('button', { name: 'Import people' }).click();
	await expect(page.getByText('Imported: 2 people added')).toBeVisible();
	await page.goto('/desk/people?team=Kiln');
	await expect(page.getByRole('link', { name: 'Zoë Importa' })).toBeVisible();
	await page.goto('/desk/people/import');
	await hydrated(page);
	await give(good);
	await page.getByRole('button', { name: 'Check the file' }).click();
	await expect(page.getByText('0 people will be added, 0 changed, and 2 stay the same.')).toBeVisible();
	// A workbook with first and last name in one column and the country by name; the column choices for this kind of file are remembered.
	const workbook = await writeXlsxFile(
		[
			['First name', 'Last name', 'Mail', 'Where'],
			['Abe', 'Importa-Vale', 'abe.importa@new.example', 'Portugal']
		].map((row) => row.map((value) => ({ value, type: String }))) as never
	).toBuffer();
	await page.locator('input[type=file]').setInputFiles({
		name: 'staff.xlsx',
		mimeType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
		buffer: workbook
	});
	await expect(page.getByText('first sheet of the workbook')).toBeVisible();
	await page.getByLabel('Country').selectOption('Where');
	await page.getByRole('button', { name: 'Check the file' }).click();
	await expect(page.getByText('0 people will be added, 1 changed')).toBeVisible();
	await expect(page.getByText(/Abe Importa-Vale .*Name Abe Importa to Abe Importa-Vale/)).toBeVisible();
	await page.getByRole('button', { name: 'Import people' }).click();
	await expect(page.getByText('Imported: 0 people added, 1 changed')).toBeVisible();
	// Undone: both are as the first file had them.
	const newest = page.getByRole('listitem').filter({ hasText: '0 added, 1 changed' });
	await newest.getByRole('button', { name: 'Undo this import' }).click();
	await expect(page.getByText('The import is undone for one person. Everyone is as before.')).toBeVisible();
	const csv = await page.request.get('/desk/people/export?team=Kiln');
	expect(csv.headers()['content-type']).toContain('text/csv');
	expect((await csv.text()).split('\r\n')).toHaveLength(4);
	// The same people for other health software.
	await page.goto('/desk/people?team=Kiln');
	await page.getByText('Export …').click();
	const download = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Download as FHIR R4' }).click();
	const bundle = await readFile(await (await download).path(), 'utf8');
	const read = readBundle(JSON.parse(bundle));
	expect(read.ok && read.value.records.length).toBe(2);
});

test('a list made for people is imported as it is: below its titles, without totals, the rest of it where rows are at fault', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/people/import');
	await hydrated(page);
	const rows = [
		['Lantern Works, staff at home', '', '', ''],
		['', '', '', ''],
		['Employee', 'E-Mail', 'Home country', 'Language'],
		['Glaze', '', '', ''],
		['Messington, Odo', 'Odo <odo.messington@new.example>', 'Deutschland', 'English'],
		['Messington, Ava', 'no address', 'Portugal', 'français'],
		['Total', '', '', '2']
	];
	const buffer = await writeXlsxFile(
		rows.map((row) => row.map((value) => ({ value, type: String }))) as never
	).toBuffer();
	await page.locator('input[type=file]').setInputFiles({
		name: 'people.xlsx',
		mimeType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
		buffer
	});
	await expect(page.getByLabel('Headings are in')).toHaveValue('2');
	await expect(page.getByRole('cell', { name: 'Odo Messington' })).toBeVisible();
	await page.getByText('We left out 2 rows that hold no person').click();
	await expect(page.getByText('Row 7, no person in it: Total · 2')).toBeVisible();
	const download = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Download these rows' }).click();
	expect(await readFile(await (await download).path(), 'utf8')).toContain(
		'"Messington, Ava",no address,Portugal'
	);
	await page.getByText('Import the rest: leave out rows').click();
	await page.getByRole('button', { name: 'Check the file' }).click();
	await expect(page.getByText('One row is left out, and 0 cells stay empty.')).toBeVisible();
	await page.getByRole('button', { name: 'Import people' }).click();
	await expect(page.getByText('Imported: 1 person added')).toBeVisible();
	const newest = page.getByRole('listitem').filter({ hasText: ': 1 added, 0 changed' });
	await newest.getByRole('button', { name: 'Undo this import' }).click();
	await expect(page.getByText('The import is undone for one person.')).toBeVisible();
	await page.goto('/desk/people?q=messington');
	await expect(page.getByText('No people match.')).toBeVisible();
});

test('a bulk act asks for its count first; a filter is kept by name', async ({ page }) => {
	await signIn(page);
	await page.goto('/desk/people?q=importa');
	await hydrated(page);
	await page.getByLabel('Select everyone on this page').check();
	await page.getByLabel('For these 2').selectOption('team');
	await page.getByRole('textbox', { name: 'Team' }).fill('Glaze');
	await page.getByRole('button', { name: 'Confirm for 2 people' }).click();
	await expect(page.getByText('Done for 2 people.')).toBeVisible();
	await page.goto('/desk/people?team=Glaze');
	await hydrated(page);
	await expect(page.getByRole('row')).toHaveCount(3);
	await page.getByRole('button', { name: 'Save this filter' }).click();
	await page.getByRole('textbox', { name: 'Name of the filter' }).fill('Glazers');
	await page.getByRole('button', { name: 'Save filter', exact: true }).click();
	await expect(page.getByRole('link', { name: 'Glazers' })).toBeVisible();
	await page.goto('/desk/people');
	await page.getByRole('link', { name: 'Glazers' }).click();
	await expect(page.getByRole('row')).toHaveCount(3);
});

test('people are sorted by a column from either end, and show the columns that are wanted', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/people?state=answered');
	const off = page.getByRole('columnheader', { name: 'Height problems' });
	await off.getByRole('link').click();
	await expect(off).toHaveAttribute('aria-sort', 'descending');
	await expect(page).toHaveURL(/state=answered&by=checks-off$/);
	const most = Number.parseInt(await page.locator('tbody tr').first().locator('.num').innerText(), 10);
	await off.getByRole('link').click();
	await expect(off).toHaveAttribute('aria-sort', 'ascending');
	await expect(page.locator('tbody tr').first().locator('.num')).toHaveText(/^0/);
	expect(most).toBeGreaterThan(0);
	// The list stays sorted when it is filtered.
	await page.getByRole('combobox', { name: 'Level' }).selectOption('Self-help');
	await expect(page).toHaveURL(/level=home/);
	await expect(off).toHaveAttribute('aria-sort', 'ascending');
	await page.getByText('Columns …').click();
	await page.getByRole('checkbox', { name: 'Email address' }).first().check();
	await page.getByRole('checkbox', { name: 'Level', exact: true }).first().uncheck();
	await page.getByRole('button', { name: 'Save columns' }).click();
	await expect(page.getByRole('columnheader', { name: 'Email address' })).toBeVisible();
	await expect(page.getByRole('columnheader', { name: 'Level' })).toHaveCount(0);
	await page.goto('/desk/people');
	await expect(page.getByRole('cell', { name: /@lanterns\.example$/ }).first()).toBeVisible();
});

test('messages go both ways; the letter says only that there is one', async ({ page, browser }) => {
	const { link, caseUrl } = await sendTo(page, 'Minna Messenger');
	await page.goto(caseUrl);
	await hydrated(page);
	await page.keyboard.press('w');
	await page.getByRole('textbox', { name: 'Message' }).fill('Hello Minna, does the tape reach?');
	await page.getByRole('button', { name: 'Send message', exact: true }).click();
	await expect(page.getByRole('listitem').filter({ hasText: 'does the tape reach?' })).toBeVisible();
	await page.goto('/post');
	await page
		.getByRole('link', { name: /Minna Messenger.*You have a message about your workstation/ })
		.first()
		.click();
	await expect(page.getByRole('article').getByText('this email doesn’t repeat it')).toBeVisible();
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/messages`);
	await expect(employee.getByText('does the tape reach?')).toBeVisible();
	await employee.getByLabel('Write to your coordinator').fill('It does. Which end is zero?');
	await employee.getByRole('button', { name: 'Send' }).click();
	await expect(employee.getByRole('listitem').filter({ hasText: 'Which end is zero?' })).toHaveCount(1);
	await page.goto('/desk');
	await expect(lines(page).filter({ hasText: 'Minna Messenger' })).toContainText(
		/wrote a message|Which end is zero/i
	);
	await page.locator('main li a.who', { hasText: 'Minna Messenger' }).focus();
	await expect(page.locator('.pane')).toContainText('Which end is zero?');
	await page.keyboard.press('w');
	await page.keyboard.press('Control+a');
	await page.keyboard.type('The metal one.');
	await page.keyboard.press('Control+Enter');
	await expect(lines(page).filter({ hasText: 'Minna Messenger' })).toHaveCount(0);
	await employee.reload();
	await expect(employee.getByText('The metal one.')).toBeVisible();
});

test('a round goes to as many as were seen, is followed live, and is closed', async ({ page }) => {
	await signIn(page);
	await page.goto('/desk/rounds/new');
	await hydrated(page);
	await page.getByLabel('Name of the assessment round').fill('Glaze only');
	await page.getByRole('checkbox', { name: 'Glaze' }).check();
	await page.getByLabel('Email text').fill('Hello {name}, until {until}, please.');
	await page.getByRole('button', { name: 'Save draft' }).click();
	await expect(page.getByRole('heading', { name: 'Glaze only', level: 1 })).toBeVisible();
	await hydrated(page);
	await page.getByText('Send to 2 people …').click();
	await expect(
		page.getByText(/The invitations go out from .* after 3, 7, and 14 working days/)
	).toBeVisible();
	await page.getByRole('button', { name: 'Send to 2 people' }).click();
	// The server pushes progress as the queue advances; nobody reloads the page.
	await expect(page.getByRole('img', { name: '2 no answer yet' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'Zoë Importa' })).toBeVisible();
	const link = await linkOf(page, 'Zoë Importa');
	expect(link).toMatch(/^\/c\//);
	await expect(page.getByText(/^Hello Zoë Importa, until \d+ \w+ \d{4}, please\.$/)).toBeVisible();
	await page.goto('/desk/rounds');
	await page.getByRole('link', { name: 'Glaze only' }).click();
	await hydrated(page);
	// Held back for a while, and given longer.
	await page.getByRole('button', { name: 'Pause' }).click();
	await expect(page.getByText(/^Paused · /)).toBeVisible();
	await expect(page.getByText('No invitations or reminders go out while')).toBeVisible();
	await page.getByRole('button', { name: 'Resume' }).click();
	await expect(page.getByText(/^Paused · /)).toHaveCount(0);
	await page.getByText('Extend or correct …').click();
	await expect(page.getByText('All invitations have gone out')).toBeVisible();
	const later = new Date(Date.now() + 60 * 86_400_000).toISOString().slice(0, 10);
	await fillDay(page, 'correct-due', later);
	await page.getByLabel('Subject', { exact: true }).fill('A little longer');
	await page.getByRole('button', { name: 'Save changes' }).click();
	const last = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeZone: 'UTC' });
	await expect(page.getByText(`to ${last.format(new Date(later))}`)).toBeVisible();
	await page.getByText('Close the round …').click();
	await page.getByRole('checkbox', { name: 'Add the 2 who haven’t answered to the call list' }).uncheck();
	await page.getByRole('button', { name: 'Yes, close the round' }).click();
	await expect(page.getByText(/^Closed · /)).toBeVisible();
	await expect(page.getByRole('img', { name: '2 no answer' })).toBeVisible();
	await expect(page.getByRole('columnheader', { name: 'Glaze only' })).toBeVisible();
	await page.getByText('Reopen the round …').click();
	await page.getByRole('button', { name: 'Yes, reopen the round' }).click();
	await expect(page.getByText(/^Open · /)).toBeVisible();
});

test('a silent person is reminded before the day of the policy, and the list follows', async ({ page }) => {
	await signIn(page);
	await page.goto('/desk/rounds');
	await page.getByRole('link', { name: 'This autumn' }).click();
	await hydrated(page);
	const button = page.getByRole('button', { name: /^Remind now: / }).first();
	const name = (await button.getAttribute('aria-label'))?.replace('Remind now: ', '') ?? '';
	const line = page.locator('main li', { hasText: name });
	await expect(line).toContainText('2 of 3 reminders');
	await button.click();
	await expect(page.getByText('We’re reminding one person')).toBeVisible();
	// Written by the queue and pushed by the server.
	await expect(line).toContainText('3 of 3 reminders');
	await expect(line.getByRole('button')).toHaveCount(0);
	await page.goto('/post');
	await page
		.getByRole('link', { name: new RegExp(name) })
		.first()
		.click();
	await expect(page.getByText(/(Reminder|Erinnerung): /).first()).toBeVisible();
	// As the recipient gets it: plain text and HTML, with one message id that never changes.
	await page.getByText('As plain text').click();
	await expect(page.getByText(/^Message-ID: <[0-9a-f-]{36}@easy-corner>/)).toBeVisible();
	await page.getByText('As HTML, as a mail program shows it').click();
	const mail = page.frameLocator('iframe[title="The email as HTML"]');
	// In the language of whoever is silent.
	await expect(
		mail.getByRole('link', { name: /^(Continue my self-assessment|Selbsteinschätzung fortsetzen)$/ })
	).toHaveAttribute('href', /^http.*\/c\//);
});

test('a follow-up is carried to another day by keys; the calendar address answers until it is renewed', async ({
	page
}) => {
	const { caseUrl } = await sendTo(page, 'Dora Daymover');
	await page.goto(caseUrl);
	await hydrated(page);
	const today = todayIso();
	await openPart(page, 'Follow-up');
	await fillDay(page, 'due', today);
	await page.getByRole('button', { name: 'Set', exact: true }).click();
	await expect(page.getByText('Saved. It appears')).toBeVisible();
	await page.goto('/desk/follow-ups?view=week');
	await hydrated(page);
	const card = page.getByRole('link', { name: /Dora Daymover/ });
	await card.focus();
	await page.keyboard.press('m');
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('status').filter({ hasText: 'Dora Daymover is now on' })).toBeVisible();
	const after = (days: number) => {
		const date = new Date(`${today}T00:00:00Z`);
		date.setUTCDate(date.getUTCDate() + days);
		return date.toISOString().slice(0, 10);
	};
	// By mouse too, to the next day of the same week.
	await page.goto(`/desk/follow-ups?view=week&day=${after(8)}`);
	await hydrated(page);
	const to = after(new Date(after(8)).getUTCDay() === 0 ? 7 : 9);
	const named = new Intl.DateTimeFormat('en-GB', {
		weekday: 'long',
		day: 'numeric',
		month: 'long',
		timeZone: 'UTC'
	});
	const day = (date: string) => page.getByRole('group', { name: named.format(new Date(date)) });
	const cardOn = (date: string) => day(date).getByRole('link', { name: /Dora/ });
	await dragUntil(page, card, day(to), cardOn(to));
	// And back by a finger held on the card first; a finger that only passes scrolls the page.
	const touch = await page.context().newCDPSession(page);
	const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: { x: number; y: number }[]) =>
		touch.send('Input.dispatchTouchEvent', { type, touchPoints: points });
	const { from, to: back } = await gripsOf(card, day(after(8)));
	await send('touchStart', [from]);
	await expect(page.locator('a.dragged')).toHaveCount(1);
	for (const share of [0.3, 0.6])
		await send('touchMove', [
			{ x: from.x + share * (back.x - from.x), y: from.y + share * (back.y - from.y) }
		]);
	// A finger never rests quite still: if the machine was too busy to see its last move, the next one shows the place.
	await expect(async () => {
		for (const by of [2, 0]) await send('touchMove', [{ x: back.x + by, y: back.y }]);
		expect(await day(after(8)).getAttribute('class')).toContain('over');
	}).toPass();
	await send('touchEnd', []);
	await expect(cardOn(after(8))).toBeVisible();
	await expect(page).toHaveURL(/follow-ups/);
	await page.goto(`/desk/follow-ups?view=list&day=${after(8)}`);
	await expect(page.getByRole('link', { name: /Dora Daymover/ })).toBeVisible();
	await hydrated(page);
	await page.getByRole('button', { name: 'Create a new address' }).click();
	const address = (await page.getByText(/\/calendar\//).innerText()).trim();
	const first = await page.request.get(address);
	expect(first.headers()['content-type']).toContain('text/calendar');
	expect(await first.text()).toContain('SUMMARY:Follow-up: D. D.');
	await page.getByRole('button', { name: 'Create a new address' }).click();
	await expect(page.getByText(/\/calendar\//)).not.toHaveText(address);
	expect((await page.request.get(address)).status()).toBe(404);
});

test('equipment is approved and declined with a reason, and the person reads it', async ({
	page,
	browser
}) => {
	const link = await linkOf(page, 'Ivo Larkmead');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/plan`);
	await employee.getByText('More that would help').click();
	const request = employee.getByRole('button', { name: /^Request this: / }).first();
	const thing = (await request.getAttribute('aria-label'))?.replace('Request this: ', '') ?? '';
	await request.click();
	// It may stand both with its problem and in the list of everything else.
	await expect(employee.getByRole('button', { name: `Requested: ${thing}` }).first()).toBeVisible();
	await signIn(page);
	await page.goto('/desk/people?q=ivo larkmead');
	await page.getByRole('link', { name: 'Ivo Larkmead' }).click();
	await hydrated(page);
	await openPart(page, 'Equipment');
	// The request made just now: there may be older ones beside it.
	const decline = page.getByRole('button', { name: `Decline: ${thing}` });
	const again = page.getByRole('button', { name: `Reopen request: ${thing}` });
	await decline.click();
	await page.getByLabel('Reason (the employee reads it)').fill('The store room has one: it comes on Friday');
	await page.getByRole('button', { name: 'Decline', exact: true }).click();
	await expect(again).toBeVisible();
	await employee.goto(`${link}/messages`);
	await expect(employee.getByText('The store room has one: it comes on Friday')).toBeVisible();
	await again.click();
	for (const act of [/^Approve/, /^Mark as sent/, /^Mark as arrived/])
		await page.getByRole('button', { name: new RegExp(`${act.source}.*: ${thing}`) }).click();
	await openPart(page, 'Follow-up');
	await expect(page.getByText('Equipment has arrived: check the workstation again').first()).toBeVisible();
});

test('approved items of several people are ordered in one go, and the order is undone in one go', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk/equipment?state=approved');
	await hydrated(page);
	const ticks = page.getByRole('checkbox', { name: /^Order together: / });
	const approved = await ticks.count();
	expect(approved).toBeGreaterThan(1);
	for (const i of [0, 1]) await ticks.nth(i).check();
	await expect(page.getByRole('heading', { name: 'One order for 2 items' })).toBeVisible();
	// Filled in where both come from one supplier.
	await page.getByLabel('Supplier').fill('');
	await page.getByRole('button', { name: 'Mark 2 as ordered' }).click();
	await expect(page.getByText('Enter the supplier or the order number.')).toBeVisible();
	await page.getByLabel('Supplier').fill('Desk and Chair');
	await page.getByLabel('Order number').fill('2026-17');
	await page.getByRole('button', { name: 'Mark 2 as ordered' }).click();
	await expect(page.getByText('2 items are marked as ordered.')).toBeVisible();
	await page.goto('/desk/equipment?state=ordered');
	await expect(page.getByRole('row').filter({ hasText: 'Desk and Chair, 2026-17' })).toHaveCount(2);
	await page.goto('/desk');
	await hydrated(page);
	await page.getByText(/^Your actions today/).click();
	// The newest act of the day; leaving the page before the answer would be too early.
	const undone = page.waitForResponse((r) => r.request().method() === 'POST' && r.url().includes('?/undo'));
	await page
		.getByRole('button', { name: /^Undo: / })
		.first()
		.click();
	expect((await undone).ok()).toBe(true);
	await page.goto('/desk/equipment?state=approved');
	await expect(ticks).toHaveCount(approved);
});

test('a case is referred to a clinician, who sees what was referred, asks back and answers', async ({
	page,
	browser
}) => {
	const { caseUrl } = await answeredLike(page, 'Refa Referred', 'Mirela Oakhanger');
	await page.goto(caseUrl);
	await hydrated(page);
	await page.keyboard.press('r');
	await expect(page.locator('#clinician')).toBeFocused();
	await page.getByLabel('Your question').fill('Tingling at night: please look.');
	const refer = page.getByRole('button', { name: 'Refer', exact: true });
	await refer.click();
	await expect(page.getByText('Ask the employee first, then choose how they gave consent')).toBeVisible();
	await page.getByRole('radio', { name: 'Verbally' }).check();
	await refer.click();
	await expect(page.getByRole('button', { name: 'Close the referral' })).toBeVisible();
	// Told by a letter that names nobody.
	const link = await linkOf(page, 'Dr Benedikt Moorsole');
	expect(link).toMatch(/^\/desk\/referrals\//);
	const clinic = await (await browser.newContext()).newPage();
	await signInAs(clinic, 'clinician');
	await clinic.getByRole('link', { name: 'Refa Referred' }).click();
	await expect(clinic).toHaveURL(/\/referrals\//);
	const address = clinic.url();
	await hydrated(clinic);
	await expect(clinic.getByText('Tingling at night: please look.')).toBeVisible();
	await expect(clinic.getByText('gave verbal consent to this referral')).toBeVisible();
	await clinic.getByLabel('Your answer').fill('Does it wake her?');
	await clinic.getByRole('button', { name: 'Send question' }).click();
	await expect(clinic.getByRole('listitem').filter({ hasText: 'Does it wake her?' })).toBeVisible();
	expect((await clinic.request.get(caseUrl)).status()).toBe(403);
	// It fits on one sheet of paper.
	const pdf = await clinic.pdf({ format: 'A4' });
	expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
	await page.goto('/desk');
	await hydrated(page);
	const line = lines(page).filter({ hasText: 'Refa Referred' });
	await expect(line).toContainText('“Does it wake her?”');
	await line.getByRole('button', { name: /^Mark as read/ }).click();
	await page.getByLabel('Your message, or the result').fill('Twice a week.');
	await page.getByRole('button', { name: 'Send message' }).click();
	await expect(page.locator('#part-clinician li').filter({ hasText: 'Twice a week.' })).toBeVisible();
	await clinic.reload();
	await expect(clinic.getByText('Twice a week.')).toBeVisible();
	await clinic.getByLabel('Your answer').fill('Nerve is irritated; rest and a softer edge.');
	await clinic.getByRole('button', { name: 'Send answer and close' }).click();
	await expect(clinic).toHaveURL('/desk');
	expect((await clinic.request.get(address)).status()).toBe(404);
	await page.goto(caseUrl);
	await expect(
		page.locator('#part-timeline').getByText('Nerve is irritated; rest and a softer edge.')
	).toBeVisible();
});

test('two coordinators on one case: the second to settle sees what came in', async ({ page, browser }) => {
	const link = await linkOf(page, 'Ruta Wexcombe');
	await signIn(page);
	const second = await (await browser.newContext()).newPage();
	await signInAs(second, 'second');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/messages`);
	await employee.getByLabel('Write to your coordinator').fill('The first question');
	await employee.getByRole('button', { name: 'Send' }).click();
	await expect(employee.getByText('The first question')).toBeVisible();
	await page.goto('/desk/people?q=ruta');
	await page.getByRole('link', { name: 'Ruta Wexcombe' }).click();
	await expect(page.getByRole('heading', { name: 'Ruta Wexcombe' })).toBeVisible();
	await second.goto(page.url());
	await hydrated(second);
	await hydrated(page);
	// Each sees that the other is here.
	await expect(page.getByText('Ferelith Ashdown has this case open too.')).toBeVisible();
	await expect(second.getByText('Oriel Thatchmere has this case open too.')).toBeVisible();
	await page.keyboard.press('w');
	await page.getByRole('textbox', { name: 'Message' }).fill('Answered by the first');
	await page.getByRole('button', { name: 'Send message', exact: true }).click();
	await expect(page.getByRole('listitem').filter({ hasText: 'Answered by the first' })).toBeVisible();
	await second.getByRole('button', { name: /^Mark as done/ }).click();
	await expect(
		second.getByRole('alert').filter({ hasText: 'A colleague has changed this case' })
	).toBeVisible();
	await expect(second.getByRole('listitem').filter({ hasText: 'Answered by the first' })).toBeVisible();
	await second.context().close();
	await expect(page.getByText('has this case open too')).toHaveCount(0);
	// Once a contact is saved, the next one begins with empty fields.
	await page.locator('#calling > summary').click();
	await page.locator('#contact-whom').fill('Ruta');
	await page.locator('#contact-said').fill('Rang about the screen');
	await page.getByRole('button', { name: 'Save contact', exact: true }).click();
	await expect(page.getByRole('listitem').filter({ hasText: 'Rang about the screen' })).toBeVisible();
	await expect(page.locator('#contact-said')).toHaveValue('');
});

test('an account is invited by letter, and forgotten passwords are chosen again', async ({
	page,
	browser
}) => {
	await signIn(page);
	await page.goto('/desk/users');
	await hydrated(page);
	await page.getByLabel('Name', { exact: true }).fill('Cleo Newclinic');
	await page.getByLabel('Email address').fill('cleo@clinic.example');
	await page.getByRole('button', { name: 'Send invitation' }).click();
	await expect(page.getByText('emailed an invitation to cleo@clinic.example')).toBeVisible();
	const link = await linkOf(page, 'Cleo Newclinic');
	const cleo = await (await browser.newContext()).newPage();
	await cleo.goto(link);
	await cleo.getByLabel(/^Password/).fill('a password of cleo');
	await cleo.getByRole('button', { name: 'Save password' }).click();
	await expect(cleo).toHaveURL('/desk/sign-in');
	await cleo.getByLabel('Email address').fill('cleo@clinic.example');
	await cleo.getByLabel('Password').fill('a password of cleo');
	await cleo.getByRole('button', { name: 'Sign in' }).click();
	await expect(cleo.getByText('You have no referrals.')).toBeVisible();
	await cleo.goto('/desk/account');
	await expect(cleo.getByText(/Chrome on \w+ \(this browser\)/)).toBeVisible();
	await cleo.goto(link);
	await expect(cleo.getByText('This link no longer works.')).toBeVisible();
	await page.goto('/desk/password');
	await page.getByLabel('Email address').fill('nobody@clinic.example');
	await page.getByRole('button', { name: 'Send me a link' }).click();
	await expect(page.getByText('If there’s an account with this address')).toBeVisible();
});
