import { expect, type Page } from '@playwright/test';
import { answeredLike, holdScripts, hydrated, posted, signIn, signInAs, deskTest as test } from './support';

const lineOf = (page: Page, name: string) => page.locator('main li[id^="line-"]', { hasText: name });

test('the line that was gone to before the scripts stood there is the one that is looked at', async ({
	page
}) => {
	await signIn(page);
	const third = page.locator('#line-2 a.who');
	const name = await third.innerText();
	const letGo = await holdScripts(page);
	await page.goto('/desk', { waitUntil: 'commit' });
	await third.focus();
	await expect(page.locator('html')).not.toHaveAttribute('data-ready');
	letGo();
	await hydrated(page);
	await expect(page.locator('.pane').getByRole('heading', { name })).toBeVisible();
	await page.keyboard.press('ArrowDown');
	await expect(page.locator('#line-3 a.who')).toBeFocused();
	await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('a line that moves under the focus keeps it; who clicked elsewhere is left there', async ({ page }) => {
	await signIn(page);
	await page.goto('/desk');
	await hydrated(page);
	const last = page.locator('main li a.who').last();
	const moveLine = () =>
		last.evaluate((name) => {
			const line = name.closest('li');
			line?.parentElement?.append(line);
		});
	await last.focus();
	await moveLine();
	await expect(page.locator('main li a.who:focus')).toHaveCount(1);
	await page.getByRole('heading', { level: 1 }).click();
	await expect(page.locator('main li a.who:focus')).toHaveCount(0);
	await moveLine();
	await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
	await expect(page.locator('main li a.who:focus')).toHaveCount(0);
});

test('who clicks while an act is being saved is left where they clicked, and the click counts', async ({
	page
}) => {
	await signIn(page);
	await page.goto('/desk');
	await hydrated(page);
	const settles = page.locator('main button[id^="act-"][aria-label^="Mark as done: "]');
	const settle = async () => {
		await settles.first().locator('xpath=ancestor::li').locator('a.who').focus();
		await page.keyboard.press('s');
	};
	await settle();
	const acts = page.locator('details.acts');
	const heading = acts.locator('summary');
	await expect(heading).toBeVisible();
	let letGo = () => {};
	const held = new Promise<void>((resolve) => (letGo = resolve));
	await page.route('**/desk?/settle', async (route) => {
		await held;
		await route.continue();
	});
	const before = (await heading.textContent()) ?? '';
	await settle();
	// News of something else may move the line between looking and pressing.
	await expect(async () => {
		await page.mouse.up();
		await heading.hover();
		await page.mouse.down();
		expect(await heading.evaluate((element) => element === document.activeElement)).toBe(true);
	}).toPass();
	letGo();
	// One more act stands there: the page has been brought up to date under the finger.
	await expect(heading).not.toHaveText(before);
	await expect(heading).toBeFocused();
	await page.mouse.up();
	await expect(acts).toHaveAttribute('open');
	await expect(heading).toBeFocused();
});

test('what another coordinator does appears without losing the place, and a text that was begun is kept', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Liv Liveman', 'Mirela Oakhanger');
	await page.goto('/desk');
	await hydrated(page);
	await page.locator('main li a.who', { hasText: 'Liv Liveman' }).focus();
	await expect(page.locator('.pane').getByRole('heading', { name: 'Liv Liveman' })).toBeVisible();
	await page.keyboard.press('w');
	const message = page.getByRole('textbox', { name: 'Message' });
	await expect(message).toBeFocused();
	await page.keyboard.press('Control+a');
	await page.keyboard.type('A letter half written');
	// A colleague takes her case over in the meantime.
	const second = await (await browser.newContext()).newPage();
	await signInAs(second, 'second');
	await second.goto('/desk');
	await hydrated(second);
	await second.locator('main li a.who', { hasText: 'Liv Liveman' }).focus();
	await expect(second.locator('.pane').getByRole('heading', { name: 'Liv Liveman' })).toBeVisible();
	await second.keyboard.press('i');
	await expect(lineOf(second, 'Liv Liveman')).toContainText('assigned to you');
	await expect(lineOf(page, 'Liv Liveman')).toContainText('assigned to Ferelith Ashdown');
	await expect(page.locator('main li.here')).toContainText('Liv Liveman');
	await expect(message).toHaveValue('A letter half written');
	// The same for what the person writes.
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/messages`);
	await employee.getByLabel('Write to your coordinator').fill('The chair squeaks');
	await employee.getByRole('button', { name: 'Send' }).click();
	await expect(lineOf(page, 'Liv Liveman')).toContainText('“The chair squeaks”');
	// Leaving and coming back: the text is still there until it is sent.
	await page.goto('/desk/people');
	await page.goto('/desk');
	await hydrated(page);
	await page.locator('main li a.who', { hasText: 'Liv Liveman' }).focus();
	await expect(message).toHaveValue('A letter half written');
	await message.focus();
	await page.keyboard.press('Control+Enter');
	await expect(page.locator('main li a.who:focus')).toHaveCount(1);
	await page.getByRole('search').getByLabel('Show', { exact: true }).selectOption('Messaged today');
	await expect(lineOf(page, 'Liv Liveman')).toContainText(/Message \d\d:\d\d/);
});

test('what can wait is postponed with a reason, stands below, and is taken back', async ({ page }) => {
	await answeredLike(page, 'Otto Offputter', 'Mirela Oakhanger');
	await page.goto('/desk');
	await hydrated(page);
	await page.locator('main li a.who', { hasText: 'Otto Offputter' }).focus();
	await expect(page.locator('.pane').getByRole('heading', { name: 'Otto Offputter' })).toBeVisible();
	await page.keyboard.press('l');
	await expect(page.getByLabel('Why it can be postponed')).toBeFocused();
	await page.keyboard.type('moves house next week');
	await page.locator('#later').getByRole('button').last().click();
	const later = page.locator('section.group', { has: page.getByRole('heading', { name: /^Postponed/ }) });
	await expect(lineOf(page, 'Otto Offputter')).toHaveCount(0);
	await later.getByRole('button', { name: /^Postponed/ }).click();
	await expect(later.locator('li', { hasText: 'Otto Offputter' })).toContainText('moves house next week');
	await page.keyboard.press('Control+z');
	await expect(later.locator('li', { hasText: 'Otto Offputter' })).toHaveCount(0);
	await expect(lineOf(page, 'Otto Offputter')).toHaveCount(1);
});

test('a thing is ordered on the board, and taken along as a table', async ({ page }) => {
	await signIn(page);
	await page.keyboard.press('5');
	await expect(page).toHaveURL('/desk/equipment');
	await hydrated(page);
	const approved = page.locator('section', { has: page.getByRole('heading', { name: /^approved/ }) });
	const row = approved.getByRole('row').nth(1);
	const name = await row.getByRole('link').innerText();
	const news = page.getByRole('link', { name: new RegExp(`${name}.*(?:your equipment|Ihrer Ausstattung)`) });
	await page.goto('/post');
	const toldBefore = await news.count();
	await page.goto('/desk/equipment');
	await row.getByRole('button', { name: /^Mark as ordered/ }).click();
	await row.getByLabel('Supplier').fill('Fenwick Stores');
	await row.getByLabel('Order number').fill('F-1009');
	await row.getByLabel('Price').fill('much');
	await row.getByRole('button', { name: 'Mark as ordered', exact: true }).click();
	await expect(row.getByRole('alert')).toContainText('Enter a price such as 129 or 129.90.');
	await expect(row.getByLabel('Order number')).toHaveValue('F-1009');
	await row.getByLabel('Price').fill('44,50');
	await row.getByRole('button', { name: 'Mark as ordered', exact: true }).click();
	const ordered = page.locator('section', { has: page.getByRole('heading', { name: /^ordered/ }) });
	await expect(ordered.getByRole('row', { name: new RegExp(name) })).toContainText(
		/Fenwick Stores, F-1009.*44\.50/
	);
	const table = await (await page.request.get('/desk/equipment/export')).text();
	expect(table).toContain('F-1009');
	await page.goto('/post');
	await expect(news).toHaveCount(toldBefore + 1);
});

test('a budget says what to buy and for whom, and what is approved stands on the board', async ({ page }) => {
	await signIn(page);
	await page.goto('/desk/equipment');
	await page.getByRole('link', { name: 'Budget' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Best use of your budget');
	await hydrated(page);
	await page.getByLabel('Budget').fill('a lot');
	await page.getByRole('button', { name: 'Calculate' }).click();
	await expect(page.getByText('Enter a price such as 129 or 129.90.')).toBeVisible();
	await page.getByLabel('Budget').fill('600');
	await page.getByRole('button', { name: 'Calculate' }).click();
	await expect(page.getByText(/^€[\d.]+ helps \d+ people and fixes \d+ problems\.$/)).toBeVisible();
	await hydrated(page);
	const rows = page.getByRole('table').first().locator('tbody tr');
	const [n, kept] = [await rows.count(), await rows.first().getByRole('link').innerText()];
	const left = await rows.last().getByRole('link').innerText();
	await rows.last().getByRole('checkbox').click();
	await page
		.getByRole('button', { name: n === 2 ? 'Approve for one person' : `Approve for ${n - 1} people` })
		.click();
	await expect(page.getByText(/^Approved for .* under Equipment\./)).toBeVisible();
	// Those already waiting for a thing are left out.
	await expect(rows.filter({ hasText: kept })).toHaveCount(0);
	await page.getByRole('link', { name: 'Go to Equipment' }).click();
	// One line per thing: a budget may give someone two.
	await expect(page.getByRole('row').filter({ hasText: kept }).first()).toBeVisible();
	await expect(page.getByRole('row').filter({ hasText: left })).toHaveCount(0);
});

test('what is typed beside the list stays there, and goes to whom it was written for, whatever a colleague does', async ({
	page,
	browser
}) => {
	const name = 'Tove Typedown';
	const { link, caseUrl } = await answeredLike(page, name, 'Mirela Oakhanger');
	// No single press settles an open hazard.
	await posted(page, `${link}/plan?/finding`, { finding: 'chained-strips', how: 'done' });
	const id = caseUrl.split('/').at(-1) ?? '';
	await signIn(page);
	const pane = page.getByRole('complementary', { name: `The case of ${name}` });
	await lineOf(page, name).locator('a.who').focus();
	await expect(pane.getByRole('heading', { name })).toBeVisible();
	await pane.getByText('Record a contact …').click();
	const said = pane.getByLabel('Notes');
	await pane.getByLabel('Person you spoke with').fill('Tove');
	await said.fill('The chair is back at the office.');
	// By video a coordinator sees the workstation, too.
	await pane.getByLabel('How', { exact: true }).selectOption({ label: 'Video call' });
	await pane.getByLabel('Screen top', { exact: true }).selectOption({ label: 'A problem' });

	// A colleague acts on the case: the text stays, and the page says so.
	const colleague = await (await browser.newContext()).newPage();
	await signInAs(colleague, 'second');
	const theirs = lineOf(colleague, name);
	await theirs.locator('a.who').focus();
	await colleague
		.getByRole('complementary', { name: `The case of ${name}` })
		.getByRole('button', { name: /take this case/ })
		.click();
	await expect(pane.getByText(/A colleague has just changed this case/)).toBeVisible();
	await expect(said).toHaveValue('The chair is back at the office.');

	// A colleague settles the case: its line goes, the form keeps its text, however late the case's current state is read.
	await page.route('**/brief', (route) => route.abort());
	await theirs.getByRole('button', { name: `Mark as done: ${name}` }).click();
	await expect(theirs).toHaveCount(0);
	await expect(lineOf(page, name)).toHaveCount(0);
	await expect(pane.getByText(/no longer on the list/)).toBeVisible();
	await expect(said).toHaveValue('The chair is back at the office.');
	await expect(said).toBeFocused();
	await pane.getByRole('button', { name: 'Save contact', exact: true }).click();
	await expect(pane).toHaveCount(0);

	// It reached the person it was written for, and nobody else.
	const everything = await (await page.request.get(`/desk/cases/${id}`)).text();
	expect(everything).toContain('The chair is back at the office.');
	expect(everything).toContain('Seen: Screen top is a problem.');
	await colleague.context().close();
});
