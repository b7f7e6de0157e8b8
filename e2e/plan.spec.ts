import { expect, test, type Page } from '@playwright/test';
import { axeFinds, WCAG, answeredLike, holdScripts, hydrated } from './support';

test('what the plan builds with is checked before it is built, and what differs is planned again', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Sigrun Sizerova', 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	const asked = employee.getByRole('region', { name: 'Check before you build' }).getByRole('listitem');
	const before = await asked.count();
	expect(before).toBeGreaterThan(0);
	// An impossible number is pointed out, and no plan is made from it.
	await asked.first().locator('summary').click();
	const height = asked.first().getByRole('textbox');
	await height.fill('a lot');
	await asked.first().getByRole('button', { name: 'Make a new plan with this' }).click();
	await expect(asked.first().getByText(/can’t read this as a length/)).toBeVisible();
	await height.fill('9');
	await asked.first().getByRole('button', { name: 'Make a new plan with this' }).click();
	await expect(asked).toHaveCount(before - 1);
	await employee.getByRole('button', { name: 'Yes, about' }).first().click();
	await expect(asked).toHaveCount(Math.max(0, before - 2));
});

test('a keyboard and mouse that are there make another plan at once: whole, gone to and announced', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Lap Topovic', 'Teodor Fennimoor');
	const employee = await (
		await browser.newContext({ viewport: { width: 390, height: 844 }, reducedMotion: 'reduce' })
	).newPage();
	const faults: string[] = [];
	employee.on('pageerror', (error) => faults.push(error.message));
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	const alone = employee.getByRole('heading', { name: 'A laptop alone' });
	await expect(alone).toBeVisible();
	// A part that was touched is hydrated: what it showed must not outlive the plan.
	await alone.click();
	const step = employee.getByRole('checkbox').first();
	if (await step.isVisible()) await step.check();
	await employee.getByRole('button', { name: 'I have a keyboard and mouse now' }).first().click();
	await expect(employee.getByRole('status').filter({ hasText: 'This is your new plan.' })).toBeAttached();
	await expect(employee.getByRole('heading', { level: 1 })).toBeFocused();
	await expect(alone).toHaveCount(0);
	await expect(employee.getByRole('button', { name: 'I have a keyboard and mouse now' })).toHaveCount(0);
	// Everything on the page is what the server says of the new plan; without motion, for the drawing names its lengths once it is there.
	const told = async (of: Page) =>
		// Without what is only announced: that the plan is new, and the title of the page that was gone to.
		(await of.locator('body').innerText())
			.replace(/This is your new plan\.|Your plan · Easy Corner/g, '')
			.replace(/\s+/g, ' ')
			.trim();
	const there = await told(employee);
	await employee.reload();
	await hydrated(employee);
	await expect.poll(() => told(employee)).toBe(there);
	expect(faults).toEqual([]);
});

test('saving the height check untouched saves nothing and ticks nothing; what is measured is saved', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Hinta Valueva', 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	await employee.getByText('Check the heights', { exact: true }).click();
	const save = employee.getByRole('button', { name: 'Save these numbers' });
	const height = employee.getByLabel('Floor to the top of the table');
	await expect(height).toHaveValue('');
	await expect(employee.getByText(/^planned: \d/)).not.toHaveCount(0);
	await save.click();
	await expect(employee.getByText('Nothing to save yet.')).toBeVisible();
	await expect(employee.getByText(/0 of \d/)).toBeVisible();
	await height.fill('75.2');
	await save.click();
	await expect(
		employee.getByText('Saved. The drawing shows your desk as you measured it now.')
	).toBeVisible();
	await employee.reload();
	await hydrated(employee);
	await expect(height).toHaveValue('75.2');
	await expect(employee.getByLabel('Floor to the top of the display')).toHaveValue('');
	await expect(employee.getByText(/0 of \d/)).toBeVisible();
});

test('looked at from the side, what is off leads back to its step; what was not asked is there for a closer look', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Sidsel Sideways', 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	await employee.getByRole('link', { name: 'Look from the side' }).click();
	await expect(employee.getByRole('heading', { name: 'Look from the side' })).toBeVisible();
	const points = employee.getByRole('group');
	await expect(points).toHaveCount(10);
	await employee.getByRole('group', { name: 'Top of the screen' }).getByText('Looks off').click();
	await expect(employee.getByText('One thing to go back to.')).toBeVisible();
	await employee.getByRole('link', { name: 'Back to the step “Screen”' }).click();
	await expect(employee).toHaveURL(/\/plan#step-screen$/);
	await employee.getByText('More questions (optional)', { exact: true }).click();
	await employee.getByRole('link', { name: /^Back and shoulders, about \d min$/ }).click();
	await expect(employee.getByRole('heading', { name: 'Back and shoulders' })).toBeVisible();
	await expect(employee.locator('section.question.current')).toHaveCount(1);
});

test('the plan prints on one sheet of A4', async ({ page, browser }) => {
	const { link } = await answeredLike(page, 'Pia Printova', 'Mirela Oakhanger');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	const pdf = (await employee.pdf({ preferCSSPageSize: true, format: 'A4' })).toString('latin1');
	expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

test('every control stands on its page, works by keys, and axe finds nothing: light, dark and forced colours', async ({
	browser
}) => {
	for (const colours of [{}, { colorScheme: 'dark' }, { forcedColors: 'active' }] as const) {
		const context = await browser.newContext({ ...colours, reducedMotion: 'reduce' });
		const page = await context.newPage();
		await page.goto('/kit');
		await hydrated(page);
		expect(await axeFinds(page, WCAG)).toEqual([]);
		await page.getByRole('button', { name: 'Open a dialog' }).press('Enter');
		await expect(page.getByRole('dialog', { name: 'A dialog' })).toBeVisible();
		await page.keyboard.press('Escape');
		await expect(page.getByRole('dialog')).toHaveCount(0);
		await page.getByRole('radio', { name: 'Pear' }).first().focus();
		await page.keyboard.press('ArrowDown');
		await expect(page.getByRole('radio', { name: 'Plum' }).first()).toBeChecked();
		await context.close();
	}
});

test('the controls of forms work before scripts: they are filled in and read by the browser alone', async ({
	browser
}) => {
	const page = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
	await page.goto('/kit');
	await page.getByLabel('Plain', { exact: true }).fill('typed');
	await page.getByRole('radio', { name: 'Plum' }).first().check();
	await page.getByRole('checkbox', { name: 'A box', exact: true }).uncheck();
	await page.getByLabel('A list', { exact: true }).selectOption('plum');
	await page.getByLabel('A list that is searched').selectOption('apple');
	await page.getByText('A line that opens').click();
	await expect(page.getByText('What was folded.')).toBeVisible();
	const given = await page
		.locator('form')
		.last()
		.evaluate((form: HTMLFormElement) => [...new FormData(form).entries()]);
	expect(Object.fromEntries(given)).toMatchObject({ plain: 'typed', list: 'plum', searched: 'apple' });
	await expect(page.getByRole('radio', { name: 'Plum' }).first()).toBeChecked();
});

test('what is typed and chosen before scripts take a page over stays, and its page is told', async ({
	browser
}) => {
	const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
	const letGo = await holdScripts(page);
	await page.goto('/kit', { waitUntil: 'commit' });
	await page.getByLabel('Plain', { exact: true }).fill('typed');
	await page.getByLabel('Several lines').fill('A letter half written');
	await page.getByRole('radio', { name: 'Plum' }).first().check();
	await page.getByRole('checkbox', { name: 'A box', exact: true }).uncheck();
	await page.getByLabel('A list', { exact: true }).selectOption('apple');
	await page.getByLabel('A list that is searched').selectOption('apple');
	await expect(page.locator('html')).not.toHaveAttribute('data-ready');
	letGo();
	await hydrated(page);
	await expect(page.getByLabel('Plain', { exact: true })).toHaveValue('typed');
	await expect(page.getByLabel('Several lines')).toHaveValue('A letter half written');
	await expect(page.getByRole('radio', { name: 'Plum' }).first()).toBeChecked();
	await expect(page.getByRole('checkbox', { name: 'A box', exact: true })).not.toBeChecked();
	await expect(page.getByLabel('A list', { exact: true })).toHaveValue('apple');
	await expect(page.getByRole('combobox', { name: 'A list that is searched' })).toHaveValue('Apple');
	await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('without network what needs it is greyed out with the reason, and what does not goes on', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Oda Offgrid', 'Mirela Oakhanger');
	const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const employee = await context.newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	await context.setOffline(true);
	await expect(employee.getByText(/^You’re offline\. Ticks and heights are saved here/)).toBeVisible();
	for (const name of ['in: inches', 'Add another place where you work', /^Request this: /, 'Yes, about'])
		await expect(employee.getByRole('button', { name }).first()).toBeDisabled();
	await employee.getByRole('button', { name: 'Seat', exact: true }).click();
	await expect(employee.getByRole('button', { name: 'Seat', exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await context.setOffline(false);
	await expect(employee.getByRole('button', { name: 'in: inches' })).toBeEnabled();
	await expect(employee.getByText('Your coordinator has your answers.')).toBeVisible();
	await context.close();
});

test('on a phone an answer that is missing at the end is shown by itself, to be given', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Mona Missing', 'Mirela Oakhanger');
	const taken = await page.request.put(`${link}/draft`, { data: { fields: { seatHeight: '' } } });
	expect(taken.ok()).toBe(true);
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/house`);
	await hydrated(employee);
	await employee.getByRole('button', { name: 'Show my plan' }).click();
	await expect(employee).toHaveURL(/\/feet\?open/);
	await expect(employee.locator('section.question.current')).toHaveId('q-seatHeight');
	await employee.locator('#seatHeight').fill('45.5');
	await expect(employee.getByRole('alert')).toHaveCount(0);
	await expect(employee.locator('section.question.current')).toHaveId('q-seatHeight');
});

test('a problem besides heights is ticked, taken back and refused on the plan; a check-in asks whether it is still in place', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await answeredLike(page, 'Fenna Findova', 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	const strips = employee.getByRole('listitem').filter({ hasText: 'Power strips plugged into each other' });
	await strips.getByRole('button', { name: /^This doesn’t work here/ }).click();
	await expect(strips).toContainText('Your coordinator sees it, because people can get hurt.');
	await page.goto(caseUrl);
	const hazards = page.getByText(/Hazard: power strips/);
	await expect(page.getByText(/Hazard: power strips.*can’t be fixed there/).first()).toBeVisible();
	const n = await hazards.count();
	await strips.getByRole('button', { name: /^Undo/ }).click();
	await strips.getByRole('button', { name: /^Tick as done/ }).click();
	await expect(strips.getByRole('status')).toHaveText('Done');
	await page.reload();
	// The case's history says so, and its heading no longer does.
	await expect.poll(() => hazards.count()).toBeLessThan(n);
	await employee.goto(`${link}/check-in`);
	await expect(
		employee.getByRole('checkbox', { name: 'Power strips plugged into each other' })
	).not.toBeChecked();
});

test('a laptop alone has three arrangements; once a keyboard and mouse are there, one tap plans with them', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Lova Laptopova', 'Teodor Fennimoor');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	const ways = employee.getByRole('region', { name: 'A laptop alone' });
	await expect(ways.getByRole('listitem')).toHaveCount(3);
	await expect(ways.getByRole('listitem').nth(1)).toContainText('For typing');
	// A laptop used for reading is raised, and nobody types on it.
	await ways.getByRole('link', { name: 'Show this plan: For reading and calls' }).click();
	await expect(employee.getByText(/Work here for 30 minutes at most/)).toBeVisible();
	await employee.goBack();
	await employee.getByRole('button', { name: 'I have a keyboard and mouse now' }).click();
	await expect(ways).toHaveCount(0);
	await expect(employee.getByRole('button', { name: 'I have a keyboard and mouse now' })).toHaveCount(0);
});

test('habits are told by a tap, another sitting style is tried for a day and kept, and all pillows are left out at once', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Hanne Habitova', 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	const habits = employee.getByRole('region', { name: 'Six habits for every desk' });
	await expect(habits.getByRole('listitem')).toHaveCount(6);
	const glare = 'Have the light at your side and no glare on the screen.';
	// What becomes of a link that is pressed before this is saved has a test of its own.
	const saved = employee.waitForResponse(/\?\/habit$/);
	await habits.getByRole('button', { name: `Not yet: ${glare}` }).click();
	await saved;
	await expect(habits.getByRole('button', { name: `Not yet: ${glare}` })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await habits.getByRole('listitem').filter({ hasText: glare }).getByRole('link').click();
	await expect(employee.locator('#finding-glare')).toBeVisible();

	await employee.getByText('How sure we are').click();
	await employee.getByRole('link', { name: 'Try another sitting style' }).click();
	await expect(employee.getByText('Your plan is made for this style.')).toBeVisible();
	await employee.getByRole('link', { name: 'Active' }).click();
	await employee.getByRole('button', { name: 'Try this style today' }).click();
	await expect(employee.getByText(/^You’ve been trying this since/)).toBeVisible();
	await employee.getByRole('link', { name: 'Back to my plan' }).click();
	await expect(employee.getByText('You’re trying another sitting style.')).toBeVisible();
	// Before the evening the question is folded. A page may still be arriving: whichever there is comes first.
	const fold = employee.getByText('I’m done for today');
	const seven = employee.getByRole('radio', { name: '7', exact: true });
	await expect(fold.or(seven).first()).toBeVisible();
	if (await fold.isVisible()) await fold.click();
	await seven.check();
	await employee.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(
		employee.getByText(
			/sit and work as your plan says\. Then answer the same question\. We’ll also ask you by email at 16:00\.$/
		)
	).toBeVisible();
	await employee.getByRole('link', { name: 'See how to sit' }).click();
	await employee.getByRole('button', { name: 'Keep this style and plan with it' }).click();
	await expect(employee).toHaveURL(/\/plan$/);
	await expect(employee.getByText('This is a new plan', { exact: false })).toBeVisible();

	const seat = employee.locator('#step-seat');
	await seat.getByText('Doesn’t work here').click();
	await seat
		.getByRole('button', { name: /^Without any/ })
		.first()
		.click();
	await expect(employee.getByText('Left out:')).toBeVisible();
});

test('a link that is pressed before a save is answered leads on', async ({ page, browser }) => {
	const { link } = await answeredLike(page, 'Lenka Linkova', 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	await employee.getByText('How sure we are').click();
	// The save isn't answered until the next page has been requested, and that page isn't sent until the save is answered.
	const saving = employee.waitForRequest(/\?\/habit$/);
	const saved = employee.waitForResponse(/\?\/habit$/);
	const asked = employee.waitForRequest(/\/style\/__data\.json/);
	await employee.route(/\?\/habit$/, async (route) => {
		await asked;
		await route.continue();
	});
	await employee.route(/\/style\/__data\.json/, async (route) => {
		await (await saved).finished();
		// What follows from the answer appears at once.
		await employee.evaluate(() => new Promise(requestAnimationFrame));
		await route.continue();
	});
	await employee
		.getByRole('button', { name: /^Not yet: / })
		.first()
		.click();
	await saving;
	const refreshed = employee.waitForRequest(/\/style\/__data\.json.*invalidated=1+$/);
	await employee.getByRole('link', { name: 'Try another sitting style' }).click();
	await expect(employee.getByText('Your plan is made for this style.')).toBeVisible();
	await refreshed;
});

test('a page that is looked through to correct it shows its questions one after the other, answered or not', async ({
	page,
	browser
}) => {
	const { link } = await answeredLike(page, 'Corrie Correctova', 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/feet`);
	await hydrated(employee);
	await employee.getByText('Contents').click();
	await employee.getByRole('button', { name: /Elbows and keyboard/ }).click();
	const seen: string[] = [];
	for (let i = 0; i < 3; i += 1) {
		const title = employee.locator('.question-title, .question legend, .question label').first();
		await expect(employee).toHaveURL(/\/hands\?.*review/);
		seen.push(new URL(employee.url()).searchParams.get('at') ?? (await title.innerText()));
		await employee
			.getByRole('button', { name: /^(Next|Skip|Show my plan)/ })
			.first()
			.click();
		await expect(employee).not.toHaveURL(new RegExp(`at=${seen.at(-1)}(?:&|$)`));
	}
	expect(new Set(seen).size).toBe(3);
});
