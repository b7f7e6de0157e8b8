import { readFile } from 'node:fs/promises';
import { expect, type Locator, type Page } from '@playwright/test';
import { answeredLike, dragTo, hydrated, openPart, sendTo, signIn, deskTest as test } from './support';

const PAGE = '/desk/organisation/checklist';

/** The words of a new question, in the languages that the demo's people read. */
const WORDS = {
	English: ['Is anything heavy stored above your desk?', 'It could fall on you.', 'No', 'Yes, above me'],
	German: ['Lagert etwas Schweres über Ihrem Tisch?', 'Es könnte auf Sie fallen.', 'Nein', 'Ja, über mir']
} as const;

const station = (page: Page, name: string): Locator => page.locator('details', { hasText: `${name} · ` });

async function openStation(page: Page, name: string): Promise<Locator> {
	const here = station(page, name);
	if ((await here.getAttribute('open')) === null) await here.locator('summary').click();
	return here;
}

const order = (here: Locator): Promise<string[]> =>
	here
		.locator('ol > li')
		.evaluateAll((rows) => rows.map((row) => row.querySelector('p span')?.textContent ?? ''));

async function publish(page: Page, note: string): Promise<void> {
	await page.getByLabel('Why you change this').fill(note);
	await page.getByRole('button', { name: 'Publish', exact: true }).click();
	await expect(page.getByText(/is asked from the next self-assessment on/)).toBeVisible();
}

test('a question is added in every language, tried, published, answered on a phone, and stands in the case', async ({
	page,
	browser
}) => {
	await signIn(page);
	// Sent before: this link keeps its questions.
	const earlier = await sendTo(page, 'Una Unasked');
	await page.goto('/desk/organisation');
	await page.getByRole('link', { name: 'Checklist', exact: true }).click();
	await hydrated(page);
	await openStation(page, 'Safety');
	await page.getByRole('link', { name: 'Add a question to “Safety”' }).click();
	await hydrated(page);
	for (const [language, [question, why, no, yes]] of Object.entries(WORDS)) {
		const words = page.getByRole('group', { name: `In ${language}`, exact: true }).first();
		await words.getByLabel('Question', { exact: true }).fill(question);
		await words.getByLabel('Why it matters').fill(why);
		await words.getByLabel('Answer 1').fill(no);
		await words.getByLabel('Answer 2').fill(yes);
	}
	await page.getByRole('checkbox', { name: 'It is about safety' }).check();
	await page.getByLabel('“Yes, above me” shows').selectOption('A new problem …');
	const problem = page.getByRole('group', { name: 'In English', exact: true }).last();
	await problem.getByLabel('Name of the problem').fill('Something heavy above your head');
	await page.getByRole('checkbox', { name: 'Someone could be injured' }).check();
	await page.getByRole('button', { name: 'Save', exact: true }).click();

	// Not everything has its words: said, each with the way to it, and nothing can be published.
	await expect(page.getByRole('heading', { name: 'To be completed first' })).toBeVisible();
	await expect(page.getByRole('button', { name: 'Publish', exact: true })).toHaveCount(0);
	await page.getByRole('link', { name: /doesn’t say in English what to do about it/ }).click();
	await hydrated(page);
	await page.getByLabel('Advice', { exact: true }).first().fill('Take it down and store it on the floor.');
	const german = page.getByRole('group', { name: 'In German', exact: true });
	await german.getByLabel('Name of the problem').fill('Etwas Schweres über Ihrem Kopf');
	await german
		.getByLabel('Advice', { exact: true })
		.fill('Nehmen Sie es herunter und stellen Sie es auf den Boden.');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Changes that are not published' })).toBeVisible();
	await expect(page.getByRole('heading', { name: 'To be completed first' })).toHaveCount(0);

	// Tried as a person would: the same question, and what its answer shows.
	await page.getByRole('link', { name: 'Try it yourself' }).click();
	await hydrated(page);
	await page.getByRole('group', { name: WORDS.English[0] }).getByText('Yes, above me').click();
	await expect(page.getByRole('complementary', { name: 'Your answers show' })).toContainText(
		'Take it down and store it on the floor.'
	);
	await page.getByRole('button', { name: 'Deutsch' }).click();
	await expect(page.getByRole('group', { name: WORDS.German[0] })).toBeVisible();
	await expect(page.getByRole('complementary', { name: 'Your answers show' })).toContainText(
		'Etwas Schweres über Ihrem Kopf'
	);
	await page.goBack();
	await page.getByRole('link', { name: 'Checklist', exact: true }).click();
	await hydrated(page);
	await publish(page, 'A shelf came down in spring');

	// Answered on a phone by someone who gets a link now.
	const sent = await sendTo(page, 'Ada Overhead');
	const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await phone.goto(sent.link);
	await phone.getByRole('button', { name: /I’ve read this/ }).click();
	await phone.goto(`${sent.link}/safety?at=check.own-safety-2-safety`);
	await hydrated(phone);
	await phone.getByRole('group', { name: WORDS.English[0] }).getByText('Yes, above me').click();
	await expect(phone.getByRole('group', { name: WORDS.English[0] })).toHaveCount(0);
	await phone.goto(`${earlier.link}/safety`);
	await expect(phone.getByText(WORDS.English[0])).toHaveCount(0);

	// Answered whole: the plan says what to do, the case says why it is listed.
	const { link, caseUrl } = await answeredLike(page, 'Abel Overhead', 'Mirela Oakhanger');
	await page.request.put(`${link}/draft`, { data: { fields: { 'check.own-safety-2-safety': 'a2' } } });
	await phone.goto(`${link}/plan`);
	await hydrated(phone);
	await expect(phone.getByText('Take it down and store it on the floor.').first()).toBeVisible();
	await page.goto(caseUrl);
	await hydrated(page);
	await expect(page.getByText(/“Something heavy above your head”/).first()).toBeVisible();
	await openPart(page, 'Answers');
	await expect(page.getByText(WORDS.English[0])).toBeVisible();

	// The record for an inspector says which checklist was asked and what is open, and nothing of health.
	await page.goto(`${caseUrl}/inspection`);
	await hydrated(page);
	const record = page.getByRole('article');
	await expect(record.getByRole('cell', { name: '1 (your own)' })).toBeVisible();
	await expect(record.getByText('Something heavy above your head: open')).toBeVisible();
	await expect(record.getByText('Date and signature of the coordinator')).toBeVisible();
	await expect(record).not.toContainText(/neck|tingling|of 10/i);
});

test('questions are reordered by keys, buttons and drag, worded otherwise, left out and asked again; versions go back', async ({
	page
}) => {
	await signIn(page);
	await page.goto(PAGE);
	await hydrated(page);
	const mouse = await openStation(page, 'Mouse');
	const [first = '', second = '', third = ''] = await order(mouse);
	await page.getByRole('button', { name: `Drag “${first}”` }).focus();
	await page.keyboard.press('ArrowDown');
	await expect.poll(() => order(mouse)).toMatchObject({ 0: second, 1: first });
	await expect(page.getByRole('button', { name: `Drag “${first}”` })).toBeFocused();
	await page.getByRole('button', { name: `Move “${first}” up` }).click();
	await expect.poll(() => order(mouse)).toMatchObject({ 0: first, 1: second });
	await expect(page.getByRole('heading', { name: 'Changes that are not published' })).toHaveCount(0);
	await dragTo(page, mouse.locator('ol > li').nth(0), mouse.locator('ol > li').nth(2));
	await expect.poll(() => order(mouse)).toMatchObject({ 0: second, 1: third, 2: first });
	await expect(page.getByText('Questions in another order.').first()).toBeVisible();

	await page.getByRole('button', { name: `Leave out “${second}”` }).click();
	await expect(mouse.getByRole('heading', { name: 'One question left out' })).toBeVisible();
	await page.getByRole('button', { name: `Ask “${second}” again` }).click();
	await expect(mouse.getByRole('heading', { name: 'One question left out' })).toHaveCount(0);
	await page.getByRole('button', { name: `Leave out “${third}”` }).click();

	// Two windows: the second is told of the first one's change, and shows it.
	const other = await page.context().newPage();
	await other.goto(`${PAGE}/question?id=get-up`);
	await hydrated(other);
	await page.getByRole('button', { name: `Move “${first}” down` }).click();
	await expect.poll(() => order(mouse)).toMatchObject({ 0: second, 1: first });
	await other
		.getByRole('group', { name: 'In English' })
		.getByLabel('Question', { exact: true })
		.fill('How often do you stand up?');
	await other.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(other.getByText('A colleague has changed the checklist in the meantime.')).toBeVisible();
	await expect(
		other.getByRole('group', { name: 'In English' }).getByLabel('Question', { exact: true })
	).toHaveValue('How often do you stand up?');
	await other.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(other).toHaveURL(PAGE);
	await other.close();
	await page.reload();
	await hydrated(page);
	await expect(page.getByText('Changed: “How often do you stand up?”')).toBeVisible();
	await publish(page, 'Shorter');

	// As a file, and back to the checklist that the software comes with.
	const versions = page.getByRole('complementary').filter({ hasText: 'Versions' });
	const download = page.waitForEvent('download');
	await versions.getByRole('link', { name: 'Download' }).first().click();
	const file = await (await download).path();
	expect(JSON.parse(await readFile(file, 'utf8'))).toMatchObject({ format: 'easy-corner.checklist/1' });
	await page
		.getByLabel('Checklist from a file')
		.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"order":[]}') });
	await page.getByRole('button', { name: 'Edit this checklist' }).click();
	await expect(page.getByText(/We can’t use this file/)).toBeVisible();
	await versions.getByRole('button', { name: 'Start from this version' }).last().click();
	await expect(page.getByText('You are editing Original checklist.')).toBeVisible();
	await publish(page, 'As it came');
	await expect(versions).toContainText('Asked now: Version 3');
});
