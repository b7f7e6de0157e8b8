import { expect, test, type Page } from '@playwright/test';
import { TYPED, answeredLike, hydrated, linkOf, noneOfThese, pastTheSigns, sendTo } from './support';

test('an emergency sign stops the walk, says what to do, and is at the top of the coordinator’s day', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Nora Signova');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(link);
	await employee.getByRole('button', { name: /Begin/ }).click();
	await employee
		.getByRole('group', { name: /Pressure or pain in the chest/ })
		.getByText('Yes')
		.click();
	// At the tap, before anything else is answered.
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText(/^Stop here/);
	const first = page.locator('main li[id^="line-"]').first();
	// The page tells what to do before the coordinator is told.
	await expect(async () => {
		await page.goto('/desk');
		await expect(first).toContainText('Nora Signova', { timeout: 1000 });
	}).toPass();
	await expect(first).toContainText('Emergency sign: pressure or pain in the chest');
	// The rest can wait, and a slip can be corrected.
	await employee.getByText(/I tapped that by mistake/).click();
	await employee
		.getByRole('group', { name: /Pressure or pain in the chest/ })
		.getByText('No', { exact: true })
		.click();
	// The others have not been answered yet: nobody is led on before.
	await employee.getByRole('button', { name: /^Next:/ }).click();
	await expect(employee.getByText(/^Answer each of these/).first()).toBeVisible();
	await pastTheSigns(employee);
	// A sign that was reported stays with the coordinator: only what came of it closes it.
	await page.reload();
	await expect(page.locator('main li[id^="line-"]', { hasText: 'Nora Signova' })).toContainText(
		'Emergency sign'
	);
});

test('what is answered before scripts have loaded counts: a sign of danger, a length, a choice', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Erna Earlyova');
	const employee = await (
		await browser.newContext({ serviceWorkers: 'block', viewport: { width: 390, height: 844 } })
	).newPage();
	let letGo = () => {};
	/** Holds every script of the next page until it is let go; without the service worker, which has them at hand. */
	async function holdScripts(): Promise<void> {
		const held = new Promise<void>((resolve) => (letGo = resolve));
		await employee.unrouteAll({ behavior: 'ignoreErrors' });
		await employee.route(/\.js$/, async (route) => {
			await held;
			await route.continue();
		});
	}
	await employee.goto(link);
	await employee.getByRole('button', { name: /Begin/ }).click();
	await holdScripts();
	await employee.goto(`${link}/you`, { waitUntil: 'commit' });
	await employee.locator('#stature').fill('158');
	await employee
		.getByRole('group', { name: /Writing hand/ })
		.getByText('Left')
		.click();
	await expect(employee.locator('html')).not.toHaveAttribute('data-ready');
	letGo();
	await hydrated(employee);
	await expect(employee.locator('#stature')).toHaveValue('158');
	await expect(employee.getByRole('radio', { name: 'Left' })).toBeChecked();
	await employee.getByRole('button', { name: /^Next:/ }).click();
	await expect(employee.getByRole('heading', { name: 'The spot and its table', level: 1 })).toBeVisible();

	await holdScripts();
	await employee.goto(`${link}/first`, { waitUntil: 'commit' });
	await employee
		.getByRole('group', { name: /Pressure or pain in the chest/ })
		.getByText('Yes')
		.click();
	await expect(employee.locator('html')).not.toHaveAttribute('data-ready');
	letGo();
	// The stop comes by itself, as soon as scripts have the page: nobody has to go on for it.
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText(/^Stop here/);
	await employee.unrouteAll({ behavior: 'ignoreErrors' });
});

test('a slip is taken back while the coordinator is still being told, and nobody is led on', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Nils Slipova');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(link);
	await employee.getByRole('button', { name: /Begin/ }).click();
	await hydrated(employee);
	let letGo = () => {};
	const held = new Promise<void>((resolve) => (letGo = resolve));
	await employee.route('**/draft', async (route) => {
		await held;
		await route.continue();
	});
	const sign = employee.getByRole('group', { name: /Pressure or pain in the chest/ });
	await sign.getByText('Yes').click();
	await employee.getByText(/I tapped that by mistake/).click();
	await expect(sign).toBeVisible();
	const told = employee.waitForResponse((response) => response.url().endsWith('/draft'));
	letGo();
	await told;
	await sign.getByText('No', { exact: true }).click();
	await expect(employee).toHaveURL(/\/first$/);
	await pastTheSigns(employee);
});

test('discomfort is touched on the figure or told by keys, and comes with the case', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await sendTo(page, 'Olga Acheson');
	const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
	const employee = await context.newPage();
	await employee.goto(link);
	await employee.getByRole('button', { name: /Begin/ }).click();
	await pastTheSigns(employee);
	await employee.goto(`${link}/discomfort`);
	await hydrated(employee);
	// Touch the neck on the front view: the list opens there and has the focus.
	await employee.locator('.views svg').first().locator('.place').nth(1).tap();
	const neck = employee.locator('#place-neck');
	await expect(neck.locator('details')).toHaveAttribute('open');
	await expect(neck.getByRole('radio', { name: '0' }).first()).toBeFocused();
	// By keys from here: five steps to the right are a five.
	for (let i = 0; i < 5; i += 1) await employee.keyboard.press('ArrowRight');
	await expect(neck.locator('summary')).toContainText('5 of 10');
	await employee.getByRole('button', { name: /^Next:/ }).click();
	await expect(neck.getByText('On how many days?')).toBeVisible();
	await neck
		.getByRole('group', { name: /On how many of the seven/ })
		.getByRole('radio', { name: '3', exact: true })
		.check();
	await neck.getByText('Stiffness').click();
	await expect(employee.locator('.views .sore text').first()).toHaveText('5');
	await employee.getByRole('button', { name: /^Next:/ }).click();
	await expect(employee.getByRole('heading', { name: 'What you have at home' })).toBeVisible();
	await employee.goto(`${link}/discomfort`);
	await expect(neck.getByRole('checkbox', { name: 'Stiffness' })).toBeChecked();
	await context.close();
	await page.goto(caseUrl);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Olga Acheson');
});

test('what is asked for stands with the case, the reasons before anything else', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await answeredLike(page, 'Asta Askerby', 'Mirela Oakhanger');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/plan`);
	await expect(employee.getByText('because it’s the arm you point with').first()).toBeVisible();
	await expect(employee.getByText('Power strips plugged into each other')).toBeVisible();
	await employee.getByRole('button', { name: /^Ask for it: A height-adjustable table/ }).click();
	await expect(
		employee.getByRole('button', { name: /^Asked for: A height-adjustable table/ })
	).toHaveAttribute('aria-pressed', 'true');
	await page.goto(caseUrl);
	await expect(page.getByText(/right shoulder 6 of 10/i).first()).toBeVisible();
	await expect(page.getByRole('heading', { name: 'Asked for' })).toBeVisible();
	await employee.getByRole('button', { name: /^Asked for: A height-adjustable table/ }).click();
	await expect(
		employee.getByRole('button', { name: /^Ask for it: A height-adjustable table/ })
	).toBeVisible();
});

test('what doesn’t work here is left out and the plan solved again; all of it can be taken along', async ({
	page,
	browser
}) => {
	const link = await linkOf(page, 'Mirela Oakhanger');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/plan`);
	const screen = employee
		.getByRole('listitem')
		.filter({ has: employee.getByRole('heading', { name: 'Screen' }) });
	await expect(screen).toContainText('Tool box');
	await screen.getByText('Doesn’t work here').click();
	await screen.getByRole('button', { name: 'Without: Tool box' }).click();
	await expect(screen).not.toContainText('Tool box');
	await expect(employee.getByText('Left out:')).toBeVisible();
	await employee.getByRole('button', { name: 'Use again: Tool box' }).click();
	await expect(screen).toContainText('Tool box');
	const response = await employee.request.get(`${link}/take-along`);
	expect(response.headers()['content-disposition']).toContain('easy-corner.json');
	const all = (await response.json()) as {
		format: string;
		answers: Record<string, string>;
		corner: { format: string };
	};
	expect(all.format).toBe('easy-corner.take-along/2');
	expect(all.answers.stature).toBe('158');
	expect(all.corner.format).toBe('easy-corner.corner/1');
	await employee.goto(`${link}/you`);
	await employee.getByRole('link', { name: 'Continue on your phone' }).click();
	await expect(employee.getByRole('img', { name: /Square code/ }).locator('svg')).toBeVisible();
});

test('a standing spot is added beside the table: one household, a piece serves one of them', async ({
	page,
	browser
}) => {
	const link = await linkOf(page, 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await employee.getByRole('button', { name: 'Add another place' }).click();
	await expect(employee.getByRole('heading', { name: 'The spot and its table' })).toBeVisible();
	await hydrated(employee);
	await expect(employee.getByRole('radio', { name: 'Stand' })).toBeChecked();
	await employee.locator('#surfaceHeight').fill('91');
	const saved = () =>
		employee.waitForResponse((r) => r.url().endsWith('/draft') && r.request().method() === 'PUT');
	await saved();
	await employee.goto(`${link}-2/screen`);
	await hydrated(employee);
	const values = {
		topAboveBase: '21.8',
		visibleHeight: '19',
		distance: '52',
		baseLong: '32.5',
		baseShort: '22.5'
	};
	for (const [name, text] of Object.entries(values)) await employee.locator(`#${name}`).fill(text);
	await saved();
	await employee.goto(`${link}-2/house`);
	await hydrated(employee);
	await expect(employee.getByRole('textbox', { name: /what you call it/ }).first()).not.toHaveValue('');
	await employee.getByRole('button', { name: 'Show my plan' }).click();
	await expect(employee.getByRole('img', { name: /Side view, standing/ })).toBeVisible();
	await expect(employee.getByRole('link', { name: 'Spot 2, standing' })).toHaveAttribute(
		'aria-current',
		'page'
	);
	// What the first spot uses is not here a second time, unless it is said to move.
	const moves = employee.getByText('You can do better if you move these');
	if (await moves.isVisible()) {
		await employee.getByRole('link', { name: 'Show that plan' }).click();
		await expect(employee.getByText('This plan borrows from your other spot')).toBeVisible();
	}
	await employee.getByRole('link', { name: 'Spot 1, sitting' }).click();
	await expect(employee.getByRole('img', { name: /Side view, sitting/ })).toBeVisible();
});

/** Goes on with Tab until something has the focus, as a person without a mouse does. */
async function tabTo(page: Page, selector: string): Promise<void> {
	for (let i = 0; i < 150; i += 1) {
		await page.keyboard.press('Tab');
		if (await page.evaluate((s) => document.activeElement?.matches(s) ?? false, selector)) return;
	}
	throw new Error(`${selector} is not reached by Tab`);
}

test('the whole walk by keys alone, to the plan', async ({ page, browser }) => {
	test.setTimeout(150_000);
	const { link } = await sendTo(page, 'Tabea Keysonly');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(link);
	await hydrated(employee);
	await tabTo(employee, 'button.btn-main');
	await employee.keyboard.press('Enter');
	for (const [title, fields] of TYPED) {
		await expect(employee.getByRole('heading', { name: title, level: 1 })).toBeVisible();
		await hydrated(employee);
		for (const [name, text] of Object.entries(fields)) {
			await tabTo(employee, `#${name}`);
			await employee.keyboard.press('Control+a');
			await employee.keyboard.type(text);
		}
		if (title === 'Before anything else')
			for (const group of ['emergency', 'professional']) {
				await tabTo(employee, `button[name=none][value=${group}]`);
				await employee.keyboard.press('Enter');
			}
		await tabTo(employee, 'main button.btn-main');
		await employee.keyboard.press('Enter');
	}
	await expect(employee.getByRole('heading', { name: 'What you have at home' })).toBeVisible();
	await tabTo(employee, '.shelf-item');
	await employee.keyboard.press('Enter');
	await expect(employee.getByRole('textbox', { name: /what you call it/ })).toHaveCount(1);
	await tabTo(employee, 'main button.btn-main');
	await employee.keyboard.press('Enter');
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText(/from the floor up|Nothing at home/);
	await expect(employee).toHaveURL(/\/plan$/);
});

test('the whole walk by touch on a phone, with answers of the checklist', async ({ page, browser }) => {
	test.setTimeout(150_000);
	const { link } = await sendTo(page, 'Tilda Touchova');
	const phone = await browser.newContext({
		viewport: { width: 390, height: 844 },
		hasTouch: true,
		isMobile: true
	});
	const employee = await phone.newPage();
	await employee.goto(link);
	await employee.getByRole('button', { name: /Begin/ }).tap();
	for (const [title, fields] of TYPED) {
		await expect(employee.getByRole('heading', { name: title, level: 1 })).toBeVisible();
		await hydrated(employee);
		for (const [name, text] of Object.entries(fields)) await employee.locator(`#${name}`).fill(text);
		if (title === 'Before anything else') await noneOfThese(employee);
		if (title === 'The mouse') await employee.getByText('I stretch for it').tap();
		if (title === 'Safety') await employee.getByText('Into another strip').tap();
		await employee.getByRole('button', { name: /^Next:/ }).tap();
	}
	await employee.getByRole('button', { name: 'Add: Ream of paper' }).tap();
	await employee.getByRole('button', { name: 'Show my plan' }).tap();
	await expect(employee.getByText('The mouse is too far away')).toBeVisible();
	await expect(employee.getByText('Power strips plugged into each other')).toBeVisible();
	const over = await employee.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
	expect(over).toBeLessThanOrEqual(0);
});

test('what is sat on decides what is asked and what is built: a wheelchair, then a sofa', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await answeredLike(page, 'Wanda Wheelwright', 'Mirela Oakhanger');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/feet`);
	await hydrated(employee);
	await expect(employee.getByText('Is your whole foot down?')).toBeVisible();
	await employee.getByRole('radio', { name: 'My wheelchair' }).check();
	await expect(employee.getByText('Do your feet stay on the footplates as you work?')).toBeVisible();
	await expect(employee.getByText('Is your whole foot down?')).toHaveCount(0);
	await expect(employee.locator('#popliteal')).toHaveCount(0);
	await expect(employee.getByText(/^Saved/)).toBeVisible();
	await employee.goto(`${link}/plan`);
	await employee.getByRole('button', { name: 'Send the changes and plan again' }).click();
	await expect(employee.getByRole('button', { name: 'Screen', exact: true })).toBeVisible();
	for (const place of ['Seat', 'Feet', 'Back'])
		await expect(employee.getByRole('button', { name: place, exact: true })).toHaveCount(0);
	await page.goto(caseUrl);
	await expect(page.getByText(/^wheelchair, /).first()).toBeVisible();

	await employee.goto(`${link}/feet`);
	await hydrated(employee);
	await employee.getByRole('radio', { name: 'A sofa or armchair' }).check();
	await expect(employee.getByText(/^Saved/)).toBeVisible();
	await employee.goto(`${link}/plan`);
	await employee.getByRole('button', { name: 'Send the changes and plan again' }).click();
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText('First, find a better place to work');
	await expect(employee.getByText(/Look for a table between .* and .* high/)).toBeVisible();
	await expect(employee.locator('button[name=done]')).toHaveCount(0);
});
