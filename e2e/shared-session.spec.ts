import { expect, test, type Browser, type Page } from '@playwright/test';
import { agree, axeFinds, fillDay, hydrated, sendTo, signIn, signInAs, WCAG } from './support';
import { DEMO_PEOPLE } from '../seed/people';
import { NO_SIGNS } from '../seed/profiles';

/** A person in a browser of their own, who has started a shared session, and a coordinator who has come in. */
async function together(browser: Browser, page: Page, name: string) {
	const { link, caseUrl } = await sendTo(page, name);
	await agree(page, link);
	const own = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const person = await own.newPage();
	await person.goto(`${link}/together`);
	await hydrated(person);
	await person.getByRole('button', { name: 'Start and get a code' }).click();
	const code = await person.getByText(/^\d{3} \d{3}$/).innerText();
	await page.goto(caseUrl);
	await page.getByRole('link', { name: 'Look together' }).click();
	await expect(page.getByText(`${name} has started. Ask for the code on their page.`)).toBeVisible();
	await hydrated(page);
	await page.getByLabel('Code').fill('000 000');
	await page.getByRole('button', { name: 'Come in' }).click();
	await expect(page.getByText('This code is wrong.')).toBeVisible();
	await page.getByLabel('Code').fill(code);
	await page.getByRole('button', { name: 'Come in' }).click();
	await expect(page.getByText(`${name} is here and sees what you enter.`)).toBeVisible();
	await expect(person.getByText(/is here with you\.$/)).toBeVisible();
	return { link, caseUrl, own, person };
}

test('person and coordinator go through a workstation on one drawing, agree on a plan and keep a summary', async ({
	browser,
	page
}) => {
	await signIn(page);
	const { link, caseUrl, own, person } = await together(browser, page, 'Tova Togetherly');

	// What the person enters is on the coordinator's page; where the coordinator points, the person looks.
	await person.locator('#stature').fill('171');
	await expect(page.locator('#stature')).toHaveValue('171');
	await page.getByRole('group', { name: 'Where to look' }).getByRole('button', { name: 'Place' }).click();
	await expect(person.getByRole('heading', { name: 'Your place and its table' })).toBeVisible();
	await page.locator('#surfaceHeight').fill('76');
	await expect(person.locator('#surfaceHeight')).toHaveValue('76');
	await expect(person.getByText(/is pointing here\.$/)).toBeVisible();
	await expect(person.getByText(/^read out to /)).toHaveCount(1);
	await expect(page.getByText('entered by Tova Togetherly')).toHaveCount(1);

	// Without a network, what is entered waits on the page and is sent when it is back.
	await own.setOffline(true);
	await expect(person.getByRole('alert').filter({ hasText: 'The connection is lost' })).toBeVisible();
	await person.locator('#surfaceHeight').fill('77');
	await own.setOffline(false);
	await expect(page.locator('#surfaceHeight')).toHaveValue('77');
	await expect(person.getByRole('alert').filter({ hasText: 'The connection is lost' })).toHaveCount(0);

	for (const side of [page, person]) expect(await axeFinds(side, WCAG)).toEqual([]);

	// What is still open is said; answered on the person's other pages, the plan is made and agreed to.
	await page.getByRole('button', { name: 'Make the plan' }).click();
	await expect(page.getByText(/answers are still open/)).toBeVisible();
	const fields = DEMO_PEOPLE.find(({ name }) => name.startsWith('Mirela'))?.answers ?? {};
	await person.request.put(`${link}/draft`, { data: { fields: { ...NO_SIGNS, ...fields } } });
	// Once they are here, nothing moves under the press any more.
	await expect(person.locator('#surfaceHeight')).toHaveValue(fields.surfaceHeight ?? '');
	await person.getByRole('button', { name: 'Make the plan' }).click();
	await expect(person.getByRole('button', { name: 'I agree to this plan' })).toBeVisible();
	await page.getByRole('button', { name: 'I agree to this plan' }).click();
	await expect(page.getByText('You agree.')).toBeVisible();
	await person.getByRole('button', { name: 'I agree to this plan' }).click();
	for (const side of [page, person])
		await expect(side.getByText('You both agree to this plan.')).toBeVisible();

	const year = new Date().getUTCFullYear() + 1;
	await fillDay(page, 'due', `${year}-12-28`);
	await page.getByRole('button', { name: 'Set the day' }).click();
	await expect(person.getByText(/Your coordinator will follow up on .*28 December/)).toBeVisible();

	// The person ends it: both have the same summary, and nobody enters anything further.
	await person.getByRole('button', { name: 'End the walkthrough' }).click();
	for (const side of [page, person]) {
		await expect(side.getByRole('heading', { name: /^Walkthrough on / })).toBeVisible();
		await expect(side.getByText('You both agree to this plan.')).toBeVisible();
		await expect(side.getByText(/Next date: .*28 December/)).toBeVisible();
	}
	await page.goto(`${caseUrl}?part=timeline`);
	await expect(page.getByText(/came into the walkthrough/)).toBeVisible();
	await own.close();
});

test('two coordinators and two tabs of a person all see the same', async ({ browser, page }) => {
	await signIn(page);
	const { link, caseUrl, own, person } = await together(browser, page, 'Tobi Twotabs');
	const second = await own.newPage();
	await second.goto(`${link}/together`);
	await hydrated(second);
	await second.locator('#stature').fill('164');
	await expect(person.locator('#stature')).toHaveValue('164');
	await expect(page.locator('#stature')).toHaveValue('164');
	// Keys alone: a station is chosen and a length entered.
	const stations = person.getByRole('group', { name: 'Where to look' });
	await stations.getByRole('button').nth(2).focus();
	await person.keyboard.press('Enter');
	await expect(second.locator('#seatHeight')).toBeVisible();
	await second.locator('#seatHeight').focus();
	await second.keyboard.type('47');
	await expect(page.locator('#seatHeight')).toHaveValue('47');
	// A second coordinator needs the code as well, sees the same, and is named to the others.
	const desk = await browser.newContext();
	const colleague = await desk.newPage();
	await signInAs(colleague, 'second');
	await colleague.goto(`${caseUrl}/together`);
	await hydrated(colleague);
	await expect(colleague.locator('#seatHeight')).toHaveCount(0);
	await colleague.getByLabel('Code').fill(await person.getByText(/^\d{3} \d{3}$/).innerText());
	await colleague.getByRole('button', { name: 'Come in' }).click();
	await expect(colleague.locator('#seatHeight')).toHaveValue('47');
	await expect(colleague.getByText(/Also here: /)).toBeVisible();
	await expect(person.getByText(/ and .* are here with you\.$/)).toBeVisible();
	await colleague.locator('#seatHeight').fill('48');
	for (const side of [page, person, second]) await expect(side.locator('#seatHeight')).toHaveValue('48');
	await desk.close();
	// An emergency sign on another tab leads every page of the person to the stop page, and the coordinator sees that they left.
	await person.request.put(`${link}/draft`, { data: { fields: { 'sign.chest-pain': 'yes' } } });
	await expect(person).toHaveURL(/\/stop$/);
	await expect(page.getByText(/doesn’t have the page open right now\.$/)).toBeVisible();
	// The coordinator can end it as well.
	await page.getByRole('button', { name: 'End the walkthrough' }).click();
	await expect(page.getByRole('heading', { name: /^Walkthrough on / })).toBeVisible();
	await second.close();
	await own.close();
});
