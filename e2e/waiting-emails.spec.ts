import { randomUUID } from 'node:crypto';
import { expect, type Page } from '@playwright/test';
import { ROSTER_COLUMNS } from '../src/lib/core/people/exchange/roster-fields';
import { answeredLike, deskTest as test, posted, signIn } from './support';

/** Someone who answered, left, and was taken back by an import: that alone makes their next self-assessment due. */
async function comesBack(page: Page, baseURL: string | undefined, name: string): Promise<void> {
	const { caseUrl } = await answeredLike(page, name, 'Mirela Oakhanger');
	const id = caseUrl.split('/').at(-1) ?? '';
	await posted(page, '/desk/people?/bulk', { act: 'leave', ids: id, expected: '1', key: randomUUID() });
	const columns = Object.fromEntries(
		ROSTER_COLUMNS.map((field) => [field, field === 'name' ? [0] : field === 'email' ? [1] : []])
	);
	const apply = { key: randomUUID(), added: 0, changed: 0, leaveAbsent: false, takeBack: true };
	const head = { columns, firstRow: 2, headings: '', leaveOut: false, renames: [], apply };
	const line = [name, `${name.toLowerCase().replace(' ', '.')}@lanterns.example`];
	const imported = await page.request.post('/desk/people/import', {
		headers: { origin: baseURL ?? '', 'content-type': 'application/x-ndjson' },
		data: `${JSON.stringify(head)}\n${JSON.stringify(line)}`
	});
	expect(await imported.json()).toMatchObject({ isApplied: true, back: 1 });
}

test('what an import makes due waits on the day sheet, with counts, until a coordinator releases or cancels it', async ({
	page,
	baseURL
}) => {
	await comesBack(page, baseURL, 'Iwan Comesback');

	await signIn(page);
	await expect(page.getByText(/waiting for your release/)).toBeVisible();
	await page.getByRole('link', { name: 'Review waiting emails' }).click();
	const row = page.getByRole('row', { name: /Next self-assessment an import/ });
	await expect(row).toContainText('1');
	const ofKind = page.locator('tbody', { has: row });
	await ofKind.getByRole('button', { name: 'Release 1 email' }).click();
	await expect(page.getByText('1 email was released.')).toBeVisible();

	// Cancelled only after the page has said what that means.
	await comesBack(page, baseURL, 'Ines Comesback');
	await page.goto('/desk/waiting-emails');
	const cancel = ofKind.getByRole('button', { name: 'Cancel 1 email' });
	await cancel.click();
	const question = page.getByRole('alertdialog');
	await expect(question).toContainText('These people won’t be asked for this self-assessment.');
	await page.getByRole('button', { name: 'Keep the email' }).click();
	await expect(question).toHaveCount(0);
	await cancel.click();
	await question.getByRole('button', { name: 'Cancel 1 email' }).click();
	await expect(page.getByText('1 email was cancelled.')).toBeVisible();
	await expect(row).toHaveCount(0);

	// The daily limit: an impossible one is refused in words, a valid one is kept.
	const perDay = page.getByLabel('Emails a day');
	await perDay.fill('none');
	await page.getByRole('button', { name: 'Set daily limit' }).click();
	await expect(page.getByText('Enter a whole number of emails a day').first()).toBeVisible();
	await perDay.fill('150');
	await page.getByRole('button', { name: 'Set daily limit' }).click();
	await expect(page.getByText('The daily limit was saved.')).toBeVisible();
	await page.reload();
	await expect(perDay).toHaveValue('150');
	await expect(page.getByText(/sends at most 150 /)).toBeVisible();
});

test('an email that went nowhere is listed with what happened, and a refused one can be sent again', async ({
	page
}) => {
	await signIn(page);
	const person = { name: 'Nadja Nomailbox', email: 'nadja@bounces.invalid', team: 'Testing', phone: '' };
	const caseUrl = (await posted(page, '/desk/people/new', person)).url();
	const version = /name="version" value="(\d+)"/.exec(await (await page.request.get(caseUrl)).text())?.[1];
	await posted(page, `${caseUrl}?/send`, { key: randomUUID(), version: version ?? '' });
	await expect(async () => {
		await page.goto('/desk/waiting-emails');
		expect(await page.getByRole('row', { name: /Nadja Nomailbox/ }).allInnerTexts()).toEqual([
			expect.stringContaining('There’s no such mailbox.')
		]);
	}).toPass();
	// Nobody is emailed again at an address without a mailbox: it is corrected on the person's page first.
	await expect(page.getByRole('button', { name: 'Send again: Nadja Nomailbox' })).toHaveCount(0);
	await page.getByRole('link', { name: 'Nadja Nomailbox' }).click();
	await expect(page.getByRole('heading', { name: 'Nadja Nomailbox', level: 1 })).toBeVisible();
});
