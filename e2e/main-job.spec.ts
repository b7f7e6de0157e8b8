import { expect, test } from '@playwright/test';
import {
	addThings,
	answeredLike,
	begin,
	fillDay,
	hydrated,
	openPart,
	sendByHand,
	sendTo,
	todayIso,
	walkToTheHouse,
	noneOfThese
} from './support';
import { walkOneByOne } from './walker';
import { HIGH_TABLE } from './walkers';

test('a coordinator finds out whether one person’s corner fits, and sends back what to do', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await sendByHand(page, 'Wilma Testerby');

	const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
	const employee = await phone.newPage();
	await begin(employee, link);
	await walkOneByOne(employee, HIGH_TABLE);
	await employee.getByRole('button', { name: 'Show my plan' }).click();

	await expect(employee.getByRole('heading', { level: 1 })).toHaveText(
		'Bring the mouse right beside your keyboard, with your elbow at your body'
	);
	const drawing = employee.getByRole('img', { name: /Side view of your workstation, sitting/ });
	await expect(drawing).toHaveAccessibleName(/eye .* cm, elbow .* cm, seat .* cm/);
	await expect(drawing).toHaveAccessibleName(/Screen: .*together/);
	await hydrated(employee);
	await employee.getByRole('button', { name: 'Now' }).click();
	await expect(drawing).toHaveAccessibleName(/Nothing is added/);
	await expect(employee.getByText('keyboard 9.9 cm too high').first()).toBeVisible();

	await employee.getByRole('button', { name: 'Seat', exact: true }).click();
	await expect(employee.getByRole('button', { name: 'Seat', exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await expect(employee.getByText(/1 of \d steps done/)).toBeVisible();

	// Measured again: the pillow has given way. Drawing and verdict follow as the number is typed.
	await employee.getByText('Check the heights', { exact: true }).click();
	const seat = employee.getByLabel('Floor to the seat, with you on it');
	// What was planned is a hint, never a value that could be saved as measured.
	await expect(seat).toHaveValue('');
	const hints = await employee.locator('form[action="?/again"]').innerText();
	const planned = /planned: ([\d.]+) cm/.exec(hints)?.[1];
	await seat.fill(String(Number(planned) - 3));
	await expect(employee.getByRole('button', { name: 'As you measured it now' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await expect(drawing).toHaveAccessibleName(new RegExp(`seat ${(Number(planned) - 3).toFixed(1)} cm`));
	await employee.getByRole('button', { name: 'Save these numbers' }).click();
	await expect(
		employee.getByText('Saved. The drawing shows your desk as you measured it now.')
	).toBeVisible();
	await employee.reload();
	await expect(employee.getByLabel('Floor to the seat, with you on it')).toHaveValue(
		(Number(planned) - 3).toFixed(1)
	);
	await phone.close();

	// The coordinator sees all of it, sets a follow-up for today and finds it on the day sheet.
	await page.goto('/desk');
	await expect(page.getByRole('link', { name: /Wilma Testerby/ })).toBeVisible();
	await page.goto(caseUrl);
	await hydrated(page);
	await page.getByRole('button', { name: 'At first' }).click();
	await expect(page.getByRole('img', { name: /Elbow: keyboard 9.9 cm too high/ }).first()).toBeVisible();
	await page.getByRole('button', { name: 'Now', exact: true }).click();
	await expect(
		page.getByRole('img', { name: new RegExp(`seat ${(Number(planned) - 3).toFixed(1)} cm`) })
	).toBeVisible();
	await openPart(page, 'Answers');
	await expect(page.getByText('75.2 cm high')).toBeVisible();
	await openPart(page, 'Plan');
	await expect(page.getByRole('heading', { name: 'Seat Done' })).toBeVisible();
	await page.getByRole('button', { name: /^Mark as done/ }).click();
	await expect(page.getByText(/^Marked as done on \d/)).toBeVisible();
	await openPart(page, 'Follow-up');
	await fillDay(page, 'due', todayIso());
	await page.getByLabel('Reason').fill('Has the footrest arrived?');
	await page.getByRole('button', { name: 'Set', exact: true }).click();
	await expect(page.getByText('Saved. It appears in Today on that day')).toBeVisible();
	await page.goto('/desk');
	const line = page.locator('main li[id^="line-"]', { hasText: 'Wilma Testerby' });
	await expect(line).toContainText('Has the footrest arrived?');
	await expect(line).toContainText('due today');
	await line.getByRole('button', { name: /^Done/ }).click();
	await page.getByLabel('Notes on the follow-up').fill('It has, and it holds');
	await page.locator('#finish').getByRole('button', { name: 'Done' }).click();
	await expect(line).toHaveCount(0);
});

test('submitting twice is harmless, and going back loses nothing', async ({ page }) => {
	const { link } = await sendTo(page, 'Bernd Twiceler');
	await walkToTheHouse(page, link);
	await addThings(page, ['Hardback book']);
	await page.getByRole('button', { name: 'Show my plan' }).click();
	await expect(page).toHaveURL(/\/plan$/);
	await page.goBack();
	await page.getByRole('button', { name: 'Show my plan' }).click();
	await expect(page).toHaveURL(/\/plan$/);
	await page.getByRole('link', { name: 'Correct my answers' }).click();
	await expect(page.locator('#stature')).toHaveValue('158');
	await page.goto('/desk');
	await expect(page.getByRole('link', { name: /Bernd Twiceler/ })).toHaveCount(1);
});

test('a person can change the unit half-way, and withdraw everything', async ({ page }) => {
	const { link, caseUrl } = await sendTo(page, 'Cleo Unitova');
	await begin(page, link);
	await page.goto(`${link}/you`);
	await hydrated(page);
	await page.locator('#stature').fill('165.1');
	await page.getByText('Contents').click();
	await page.getByRole('button', { name: 'in: inches' }).click();
	await expect(page.locator('#stature')).toHaveValue('65');
	await page.locator('#stature').fill('5\'6"');
	await page.getByRole('button', { name: 'mm: millimetres' }).click();
	await expect(page.locator('#stature')).toHaveValue('1676');
	await page.goto(`${link}/withdraw`);
	await page.getByRole('button', { name: 'Withdraw everything' }).click();
	await expect(page.getByRole('heading', { name: 'Withdrawn' })).toBeVisible();
	await page.goto(link);
	await expect(page.getByText('You withdrew your answers')).toBeVisible();
	await page.goto(caseUrl);
	await expect(page.getByText('withdrew their answers')).toBeVisible();
});

test('a value that can’t be right is caught at once and the likely one is offered', async ({ page }) => {
	const { link } = await sendTo(page, 'Dora Slipova');
	await begin(page, link);
	await page.goto(`${link}/spot`);
	await hydrated(page);
	await page.locator('#surfaceHeight').fill('7.4');
	await page.locator('#surfaceHeight').blur();
	await expect(page.getByText('That reads as 7.4 cm. Did you mean 74.0 cm?')).toBeVisible();
	await page.getByRole('button', { name: /^Next:/ }).click();
	await expect(page.getByRole('alert')).toContainText('Please check one answer again');
	await page.getByRole('button', { name: 'Use 74.0 cm' }).click();
	await expect(page.locator('#surfaceHeight')).toHaveValue('74.0');
	await expect(page.getByRole('alert')).toHaveCount(0);
	await page.getByRole('button', { name: /^Next:/ }).click();
	await expect(page.getByRole('heading', { name: 'Feet and seat' })).toBeVisible();
});

test('links that are wrong or replaced say what to do', async ({ page, browser }) => {
	const wrong = await page.goto('/c/not-a-link');
	expect(wrong?.status()).toBe(404);
	await expect(page.getByText('This link isn’t complete.')).toBeVisible();
	const { link, caseUrl } = await sendTo(page, 'Egon Relinker');
	// A page of the old link stays open, first with an answer that can't be saved, then with a link that has ended.
	const open = await (await browser.newContext()).newPage();
	await begin(open, link);
	await open.goto(`${link}/you`);
	await hydrated(open);
	const status = open.getByRole('status').first();
	await open.locator('#stature').fill('16\ufffd4');
	await open.getByRole('radio', { name: 'Progressive' }).check();
	await expect(status).toHaveText(/^We couldn’t save one answer/);
	await open.locator('#stature').fill('164');
	await expect(status).toHaveText(/^Saved/);
	await page.goto(caseUrl);
	await hydrated(page);
	await page.getByRole('button', { name: /Send another/ }).click();
	await expect(page.getByText('The email is in the test inbox.')).toBeVisible();
	const replaced = await page.goto(link);
	expect(replaced?.status()).toBe(410);
	await expect(page.getByText('This link was replaced by a newer one.')).toBeVisible();
	await open.locator('#stature').fill('165');
	await expect(status).toHaveText(/^This link no longer works/);
});

test('a plan that stays open while its answers are withdrawn elsewhere says that nothing is kept any more', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Edda Withdrawn', 'Mirela Oakhanger');
	const open = await (await browser.newContext()).newPage();
	await open.goto(`${link}/plan`);
	await hydrated(open);
	const elsewhere = await (await browser.newContext()).newPage();
	await elsewhere.goto(`${link}/withdraw`);
	await elsewhere.getByRole('button', { name: 'Withdraw everything' }).click();
	await expect(elsewhere.getByRole('heading', { name: 'Withdrawn' })).toBeVisible();
	await open.getByRole('button', { name: 'Seat', exact: true }).click();
	await expect(open.getByRole('status').first()).toHaveText(/^This link no longer works/);
});

test('steps that are done change the corner at once, and a check-in says what has come undone', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await answeredLike(page, 'Cora Checkinova', 'Mirela Oakhanger');
	const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const employee = await phone.newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	const buttons = employee.locator('button[name=done]');
	const n = await buttons.count();
	for (let i = 0; i < n; i += 1) {
		await buttons.nth(i).click();
		await expect(employee.getByText(new RegExp(`${i + 1} of ${n} steps done`))).toBeVisible();
	}
	await expect(employee.getByText(/^We’ll ask you again on /)).toBeVisible();
	// The page shows a tick before the server has it.
	await expect(async () => {
		await page.goto(`${caseUrl}?part=plan`);
		expect(await page.locator('main').innerText()).toContain(`${n} of ${n} steps are done`);
	}).toPass();

	await employee.getByRole('link', { name: 'Something has changed' }).click();
	await expect(employee).toHaveURL(/\/check-in$/);
	await hydrated(employee);
	await employee.getByRole('checkbox', { name: /Screen/ }).check();
	await noneOfThese(employee);
	await employee.getByText('Nothing hurt in the last seven days').click();
	await employee.getByRole('button', { name: 'Send my answers', exact: true }).click();
	await expect(
		employee.getByText('Your plan shows how to put back what’s no longer in place.')
	).toBeVisible();
	await phone.close();
	await page.reload();
	await expect(page.getByText(new RegExp(`${n - 1} of ${n} steps are done`))).toBeVisible();
});

test('someone may do less of it: the ladder says what each would give, and the coordinator sees which they work on', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await answeredLike(page, 'Lotte Ladderova', 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	const title = employee.getByRole('heading', { level: 1 });
	const rungs = employee.getByRole('region', { name: 'Options with fewer changes' }).locator('ol > li');
	await employee.getByText('Options with fewer changes').click();
	const steps = employee.locator('li[id^="step-"]');
	// Either two things bring hardly more than one, or they leave something well outside its range that three put right.
	await expect(rungs).toHaveCount(2);
	await expect(title).toHaveText('Plug each power strip straight into a wall socket');
	await expect(steps).toHaveCount(6);
	await expect(rungs.last()).toContainText('what we suggest');
	await expect(rungs.last()).toContainText('You’re using this plan');
	await employee.getByRole('link', { name: 'Show this plan: One change' }).click();
	await expect(employee.getByRole('button', { name: 'Use this plan instead' })).toBeVisible();
	await expect(steps).not.toHaveCount(6);
	await employee.getByRole('button', { name: 'Use this plan instead' }).click();
	await expect(employee.getByText('Tick each step as you do it.')).toBeVisible();
	await employee.getByText('Options with fewer changes').click();
	await expect(rungs.first()).toContainText('You’re using this plan');
	await page.goto(`${caseUrl}?part=plan`);
	await page.getByText('Options: what each number of changes would fix').click();
	await expect(
		page.getByRole('region', { name: 'Options with fewer changes' }).locator('ol > li').first()
	).toContainText('Their current choice');
});
