import { expect, test, type Page } from '@playwright/test';
import { TYPED, answeredLike, begin, holdScripts, hydrated, linkOf, pastTheSigns, sendTo } from './support';
import { walkOneByOne } from './walker';
import { HIGH_TABLE } from './walkers';

test('an emergency sign stops the walk, says what to do, and is at the top of the coordinator’s day', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Nora Signova');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(link);
	await employee.getByRole('button', { name: /I’ve read this/ }).click();
	await employee
		.getByRole('group', { name: /Chest pain or pressure/ })
		.getByText('Yes')
		.click();
	// On the tap itself, before any other question is answered.
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText(/^Stop here/);
	const first = page.locator('main li[id^="line-"]').first();
	// The page says what to do before the coordinator is told.
	await expect(async () => {
		await page.goto('/desk');
		expect(await first.textContent()).toContain('Nora Signova');
	}).toPass();
	await expect(first).toContainText('Emergency: pressure or pain in the chest');
	// A slip is corrected in two taps, the second of which names the symptom.
	await employee.getByRole('button', { name: 'I tapped this by mistake' }).click();
	await expect(employee.getByRole('listitem')).toContainText('Chest pain or pressure');
	await employee.getByRole('button', { name: /^Yes, by mistake/ }).click();
	await employee.getByRole('button', { name: 'Continue where I stopped' }).click();
	await hydrated(employee);
	// The other signs haven't been answered yet: nobody is led on before they are.
	await employee.getByRole('button', { name: 'Next', exact: true }).click();
	await expect(employee.getByText(/^Answer each of these/).first()).toBeVisible();
	await pastTheSigns(employee);
	// The coordinator keeps a reported sign: only its outcome closes it.
	await page.reload();
	await expect(page.locator('main li[id^="line-"]', { hasText: 'Nora Signova' })).toContainText(
		'they tapped it by mistake'
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
	await employee.goto(link);
	await employee.getByRole('button', { name: /I’ve read this/ }).click();
	let letGo = await holdScripts(employee);
	await employee.goto(`${link}/you?at=stature`, { waitUntil: 'commit' });
	await employee.locator('#stature').fill('158');
	await expect(employee.locator('html')).not.toHaveAttribute('data-ready');
	letGo();
	await hydrated(employee);
	await expect(employee.locator('#stature')).toHaveValue('158');

	letGo = await holdScripts(employee);
	await employee.goto(`${link}/you?at=lenses`, { waitUntil: 'commit' });
	await employee.getByText('Progressive').click();
	await expect(employee.locator('html')).not.toHaveAttribute('data-ready');
	letGo();
	await hydrated(employee);
	await expect(employee.getByRole('radio', { name: 'Progressive' })).toBeChecked();
	await employee.getByRole('button', { name: 'Next', exact: true }).click();
	await expect(employee.getByRole('heading', { name: 'Your place and its table', level: 1 })).toBeVisible();

	letGo = await holdScripts(employee);
	await employee.goto(`${link}/first`, { waitUntil: 'commit' });
	await employee
		.getByRole('group', { name: /Chest pain or pressure/ })
		.getByText('Yes')
		.click();
	await expect(employee.locator('html')).not.toHaveAttribute('data-ready');
	letGo();
	// The stop appears by itself as soon as the page is hydrated: nobody has to press anything.
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText(/^Stop here/);
	await employee.unrouteAll({ behavior: 'ignoreErrors' });
});

test('a slip is taken back before anything else is answered, and nobody is led on', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Nils Slipaway');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(link);
	await employee.getByRole('button', { name: /I’ve read this/ }).click();
	await hydrated(employee);
	await employee
		.getByRole('group', { name: /Chest pain or pressure/ })
		.getByText('Yes')
		.click();
	await employee.getByRole('button', { name: 'I tapped this by mistake' }).click();
	await employee.getByRole('button', { name: /^Yes, by mistake/ }).click();
	await expect(employee).toHaveURL(link);
	await employee.goto(`${link}/first`);
	await expect(
		employee.getByRole('group', { name: /Chest pain or pressure/ }).getByRole('radio', { name: 'No' })
	).toBeChecked();
	await pastTheSigns(employee);
});

test('discomfort is touched on the figure or told by keys, and comes with the case', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await sendTo(page, 'Olga Acheson');
	const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
	const employee = await context.newPage();
	await begin(employee, link);
	await pastTheSigns(employee);
	await hydrated(employee);
	// Touching the neck on the front view opens the list there and moves the focus to it.
	await employee.locator('.views svg').first().locator('.place').nth(1).tap();
	const neck = employee.locator('#place-neck');
	await expect(neck.locator('details')).toHaveAttribute('open');
	await expect(neck.getByRole('radio', { name: '0' }).first()).toBeFocused();
	// By keys from here: five presses to the right make it a five.
	for (let i = 0; i < 5; i += 1) await employee.keyboard.press('ArrowRight');
	await expect(neck.locator('summary')).toContainText('5 of 10');
	await employee.getByRole('button', { name: 'Next', exact: true }).click();
	await expect(neck.getByText('On how many days?')).toBeVisible();
	await neck
		.getByRole('group', { name: /On how many of the seven/ })
		.getByRole('radio', { name: '3', exact: true })
		.check();
	await neck.getByText('Stiffness').click();
	await expect(employee.locator('.views .sore text').first()).toHaveText('5');
	await employee.getByRole('button', { name: 'Next', exact: true }).click();
	await expect(employee.getByRole('heading', { name: 'You', exact: true })).toBeVisible();
	await employee.goto(`${link}/discomfort`);
	await expect(neck.getByRole('checkbox', { name: 'Stiffness' })).toBeChecked();
	// What was reported late on the page before is here, and nothing was filled in for anybody: the other places have no answer.
	const kept = async () =>
		((await (await page.request.get(`${link}/draft`)).json()) as { answers: Record<string, string> }).answers;
	await expect.poll(async () => (await kept())['pain.neck.worst']).toBe('5');
	expect(Object.keys(await kept()).filter((name) => /^pain\.(?!neck)/.test(name))).toEqual([]);
	// Reported on another device while the page is open: it appears beside the figure as if the page had been loaded with it.
	const told = await page.request.put(`${link}/draft`, { data: { fields: { 'pain.low-back.worst': '4' } } });
	expect(told.ok(), await told.text()).toBe(true);
	const back = employee.locator('.places #place-low-back');
	await expect(back.locator('summary')).toContainText('4 of 10');
	await expect(back.getByRole('radio', { name: '4', exact: true }).first()).toBeChecked();
	await context.close();
	await page.goto(caseUrl);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Olga Acheson');
});

test('what is asked for stands with the case, the reasons before anything else', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await answeredLike(page, 'Asta Askwell', 'Mirela Oakhanger');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/plan`);
	await hydrated(employee);
	await expect(employee.getByText('because it’s the arm you point with').first()).toBeVisible();
	await expect(employee.getByText('Power strips plugged into each other', { exact: true })).toBeVisible();
	await employee.getByText('More that would help').click();
	await employee.getByRole('button', { name: /^Request this: A height-adjustable table/ }).click();
	await expect(
		employee.getByRole('button', { name: /^Requested: A height-adjustable table/ })
	).toHaveAttribute('aria-pressed', 'true');
	await page.goto(`${caseUrl}?part=things`);
	await expect(page.getByText(/right shoulder 6 of 10/i).first()).toBeVisible();
	await expect(page.locator('#part-things')).toContainText('A height-adjustable table: requested');
	// Whoever comes back, or pressed before scripts had loaded, sees it without unfolding anything.
	await employee.reload();
	await hydrated(employee);
	await employee.getByRole('button', { name: /^Requested: A height-adjustable table/ }).click();
	await expect(
		employee.getByRole('button', { name: /^Request this: A height-adjustable table/ })
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
	expect(all.corner.format).toBe('easy-corner.corner/3');
	await employee.goto(`${link}/you`);
	await employee.getByRole('link', { name: 'Continue on your phone' }).click();
	await expect(employee.getByRole('img', { name: /QR code/ }).locator('svg')).toBeVisible();
});

test('a standing spot is added beside the table: one household, a piece serves one of them', async ({
	page,
	browser
}) => {
	const link = await linkOf(page, 'Mirela Oakhanger');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(`${link}/plan`);
	await employee.getByRole('button', { name: 'Add another place' }).click();
	await expect(employee.getByRole('heading', { name: 'Your place and its table' })).toBeVisible();
	await employee.route('**/submit', (route) => route.abort(), { times: 1 });
	// Only what differs is asked: the person, their habits and the laptop with its keyboard were carried over.
	const cost = await walkOneByOne(employee, {
		surfaceHeight: '91',
		standingElbow: '99.5',
		standingEye: '147'
	});
	expect(cost.questions).toBeLessThanOrEqual(20);
	expect(cost.lengths).toBeLessThanOrEqual(3);
	// The answers don't reach the server at first: the device works the plan out.
	await expect(employee.getByText('this device made your plan')).toBeVisible();
	await expect(employee.getByRole('img', { name: /Side view of your workstation, standing/ })).toBeVisible();
	// Another standing arrangement is drawn beside the words that offer it.
	await employee.getByText('More that would help').click();
	await expect(employee.getByRole('img', { name: /one knee on a stool [\d.]+ cm high/ })).toBeVisible();
	await employee.evaluate(() => window.dispatchEvent(new Event('online')));
	await expect(employee).toHaveURL(/\/plan$/);
	await expect(employee.getByText('this device made your plan')).toHaveCount(0);
	// What was opened stays open where the stored plan takes its place.
	await expect(employee.getByRole('img', { name: /one knee on a stool [\d.]+ cm high/ })).toBeVisible();
	await expect(employee.getByRole('link', { name: 'Workstation 2, standing' })).toHaveAttribute(
		'aria-current',
		'page'
	);
	// What the first workstation uses isn't available here as well, unless the person says that it moves.
	const moves = employee.getByText('You can do better if you move these');
	if (await moves.isVisible()) {
		await employee.getByRole('button', { name: 'Show the plan with moving' }).click();
		await expect(employee.getByRole('button', { name: 'Show the plan without moving' })).toBeVisible();
	}
	await employee.getByRole('link', { name: 'Workstation 1, sitting' }).click();
	await expect(employee.getByRole('img', { name: /Side view of your workstation, sitting/ })).toBeVisible();
});

/** Presses Tab until something has the focus, as a person without a mouse does. */
async function tabTo(page: Page, selector: string): Promise<void> {
	for (let i = 0; i < 150; i += 1) {
		await page.keyboard.press('Tab');
		if (await page.evaluate((s) => document.activeElement?.matches(s) ?? false, selector)) return;
	}
	throw new Error(`${selector} is not reached by Tab`);
}

test('the whole walk by keys alone, to the plan', async ({ page, browser }) => {
	const { link } = await sendTo(page, 'Tabea Keysonly');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(link);
	await tabTo(employee, 'input[type=checkbox][name=route]');
	await employee.keyboard.press('Space');
	await tabTo(employee, 'button.main');
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
			for (const group of ['emergency', 'urgent', 'professional', 'distress']) {
				const isAsked = group === 'distress';
				await tabTo(
					employee,
					isAsked ? 'input[name="sign.thoughts-of-ending-life"]' : `button[name=none][value=${group}]`
				);
				await employee.keyboard.press(isAsked ? 'Space' : 'Enter');
			}
		await tabTo(employee, '.bar button.main');
		await employee.keyboard.press('Enter');
	}
	await expect(employee.getByRole('heading', { name: 'Items at home' })).toBeVisible();
	await tabTo(employee, 'button[name=add]');
	await employee.keyboard.press('Enter');
	await expect(employee.getByText('How many')).toHaveCount(1);
	await tabTo(employee, '.bar button.main');
	await employee.keyboard.press('Enter');
	await expect(employee.getByRole('heading', { level: 1 })).not.toHaveText('Items at home');
	await expect(employee).toHaveURL(/\/plan$/);
});

test('the whole short walk by touch on a phone, one question at a time', async ({ page, browser }) => {
	const { link } = await sendTo(page, 'Tilda Touchova');
	const phone = await browser.newContext({
		viewport: { width: 390, height: 844 },
		hasTouch: true,
		isMobile: true
	});
	const employee = await phone.newPage();
	await employee.goto(link);
	await employee.getByRole('button', { name: /I’ve read this/ }).tap();
	const cost = await walkOneByOne(employee, HIGH_TABLE, { hasTouch: true });
	expect(cost.lengths).toBeLessThanOrEqual(8);
	await employee.getByRole('button', { name: 'Show my plan' }).tap();
	const over = await employee.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
	expect(over).toBeLessThanOrEqual(0);
});

test('one question at a time: back is always there, the drawing stays, and who comes back is where they were', async ({
	page,
	browser
}) => {
	const { link } = await sendTo(page, 'Rasmus Resumer');
	const phone = await browser.newContext({
		viewport: { width: 390, height: 844 },
		hasTouch: true,
		userAgent: 'Mobile'
	});
	const employee = await phone.newPage();
	const shown = employee.locator('section.question.current');
	await begin(employee, link);
	await pastTheSigns(employee);
	await employee.getByRole('button', { name: 'Nothing hurts' }).tap();
	await expect(shown).toHaveId('q-stature');
	// The focus is on the question, and what is typed moves the drawing.
	await expect(employee.locator('#stature')).toBeFocused();
	await employee.keyboard.type('171');
	await expect(employee.locator('.drawing .asked text')).toHaveText('171.0 cm');
	await employee.getByRole('button', { name: 'Next', exact: true }).tap();
	await expect(shown).toHaveId('q-heel');
	await expect(shown).toBeFocused();
	// A tap on a choice goes on by itself, and until then nothing moves under the finger.
	await shown.getByText(/^Slippers/).tap();
	await expect(shown).toHaveId('q-lenses');
	const drawing = employee.locator('.drawing');
	await expect(drawing).toBeInViewport();
	await employee.getByRole('button', { name: 'Back', exact: true }).tap();
	await expect(shown).toHaveId('q-heel');
	await expect(shown.getByRole('radio', { name: /^Slippers/ })).toBeChecked();
	// Arrow keys only move between choices; Next goes on.
	await shown.getByRole('radio', { name: /^Slippers/ }).focus();
	await employee.keyboard.press('ArrowDown');
	await expect(shown.getByRole('radio', { name: /^Shoes/ })).toBeChecked();
	await expect(shown).toHaveId('q-heel');
	await expect(employee.getByText(/^Saved/)).toBeVisible();
	await employee.goto(link);
	await employee.getByRole('button', { name: 'Continue where I stopped' }).click();
	await expect(shown).toHaveId('q-lenses');
	await expect(employee.getByText(/^about \d min left$/)).toBeVisible();
	await phone.close();
});

test('who is stuck tells their coordinator where, and may be called', async ({ page, browser }) => {
	const { link, caseUrl } = await sendTo(page, 'Steen Stuckova');
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await begin(employee, link);
	await employee.goto(`${link}/spot?at=surfaceHeight`);
	await employee.getByRole('link', { name: 'I need help here' }).click();
	await expect(employee.getByText(/Your place and its table – Floor to the top of the table/)).toBeVisible();
	await employee.getByLabel('Please call me').check();
	await employee.getByRole('button', { name: 'Send' }).click();
	await expect(employee.getByText(/Needs help at: Your place and its table/)).toBeVisible();
	await page.goto(caseUrl);
	await expect(page.getByText(/Please call me/).first()).toBeVisible();
});

test('what is sat on decides what is asked and what is built: a wheelchair, then a sofa', async ({
	page,
	browser
}) => {
	const { link, caseUrl } = await answeredLike(page, 'Wanda Wheelwright', 'Mirela Oakhanger');
	const employee = await (await browser.newContext()).newPage();
	await employee.goto(`${link}/feet?only=feet&closer`);
	await hydrated(employee);
	await expect(employee.getByText('Is your whole foot down?')).toBeVisible();
	await employee.getByRole('radio', { name: 'My wheelchair' }).check();
	await expect(employee.getByText('Do your feet stay on the footplates as you work?')).toBeVisible();
	await expect(employee.getByText('Is your whole foot down?')).toHaveCount(0);
	await expect(employee.locator('#popliteal')).toHaveCount(0);
	await expect(employee.getByText(/^Saved/)).toBeVisible();
	await employee.goto(`${link}/plan`);
	await employee.getByRole('button', { name: 'Send the changes and make a new plan' }).click();
	await expect(employee.getByRole('button', { name: 'Screen', exact: true })).toBeVisible();
	for (const place of ['Seat', 'Feet', 'Back'])
		await expect(employee.getByRole('button', { name: place, exact: true })).toHaveCount(0);
	await page.goto(`${caseUrl}?part=answers`);
	await expect(page.getByText(/^Wheelchair, /).first()).toBeVisible();

	await employee.goto(`${link}/feet`);
	await hydrated(employee);
	await employee.getByRole('radio', { name: 'A sofa or armchair' }).check();
	await expect(employee.getByText(/^Saved/)).toBeVisible();
	await employee.goto(`${link}/plan`);
	await employee.getByRole('button', { name: 'Send the changes and make a new plan' }).click();
	// A hazard comes first; then the advice to move off the sofa.
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText(
		'Plug each power strip straight into a wall socket'
	);
	await expect(employee.getByText(/^Then: Find a better place to work/)).toBeVisible();
	await expect(employee.getByText(/Look for a table between .* and .* high/)).toBeVisible();
	await expect(employee.locator('button[name=done]')).toHaveCount(0);
});

test('asked again after a year, what has changed is asked again and the rest is kept', async ({
	page,
	browser
}) => {
	// Someone in the demo who sits at a table and whose next self-assessment is due: last year's answers are filled in.
	const letters = await (await page.request.get('/post?q=next self-assessment')).text();
	let found: { link: string; surfaceHeight: string } | null = null;
	for (const [, letter = ''] of letters.matchAll(/href="(\/post\/[0-9a-f-]{36})"/g)) {
		const text = await (await page.request.get(letter)).text();
		const link = /href="(\/c\/[^"/]+)"/.exec(text)?.[1];
		if (found || !link) continue;
		const first = await (await page.request.get(link)).text();
		if (!first.includes('What is different from last time?')) continue;
		const draft = await page.request.get(`${link}/draft`);
		const { answers } = (await draft.json()) as { answers: Record<string, string> };
		if (answers.by === 'tape' && answers.posture === 'sitting' && answers.seatHeight && answers.surfaceHeight)
			found = { link, surfaceHeight: answers.surfaceHeight };
	}
	if (!found) throw new Error('The demo has nobody who is asked again');
	const { link, surfaceHeight } = found;
	const employee = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await employee.goto(link);
	await expect(employee.getByText('What is different from last time?')).toBeVisible();
	await employee.getByLabel('Another chair').check();
	await employee.getByRole('button', { name: /I’ve read this/ }).click();
	await expect(employee.getByRole('heading', { level: 1 })).toHaveText('Before anything else');
	await employee.goto(`${link}/feet?at=seatHeight`);
	await expect(employee.locator('#seatHeight')).toHaveValue('');
	await employee.goto(`${link}/spot?at=surfaceHeight`);
	await expect(employee.locator('#surfaceHeight')).toHaveValue(surfaceHeight);
	// It is asked once, before the first question.
	await employee.goto(link);
	await expect(employee.getByText('What is different from last time?')).toHaveCount(0);
});
