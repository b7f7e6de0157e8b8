import { expect } from '@playwright/test';
import { formFaults, markupChecker, PageChecks, SIZES } from './page-checks';
import {
	DESK_PAGES,
	answeredLike,
	dragUntil,
	hydrated,
	linkOf,
	posted,
	signIn,
	deskTest as test
} from './support';

test('every page of the desk: valid markup, nothing that axe finds, no sideways scrolling at any size, one left edge', async ({
	page
}) => {
	// The checker finds a fault.
	const { valid } = await markupChecker.validateString('<p><span><form></form></span></p>');
	expect(valid).toBe(false);
	// What stands outside the desk's frame has an edge of its own.
	const outside = await PageChecks.of(page, 'desk', ['laptop', 'tablet', 'phone']);
	for (const path of ['/desk/sign-in', '/', '/post']) await outside.open(path);
	await linkOf(page, 'Mirela Oakhanger');
	await outside.look('letter');
	expect(outside.faults).toEqual([]);

	await signIn(page);
	// So does the one of forms.
	await page.goto('/desk/account');
	await page.locator('form[action="?/language"]').evaluate((form) => {
		form.append(Object.assign(document.createElement('input'), { name: 'unknown' }));
	});
	expect(await formFaults(page)).toEqual(['?/language doesn’t know its field unknown']);
	// A card on a public holiday or weekend is marked, whatever weekday the test runs on.
	await page.goto('/desk/follow-ups?view=week');
	const sunday = page.getByRole('group', { name: /^Sunday/ });
	const marked = sunday.getByText('day off there').first();
	await dragUntil(page, page.locator('[id^="follow-up-"]').first(), sunday, marked);
	// What is only there once it was used: a filter with a name.
	await posted(page, '/desk/people?/save', { name: 'Marked', query: 'team=Testing' });
	await posted(page, '/desk/organisation/webhooks?/save', {
		webhook: '',
		version: '0',
		name: 'Marked',
		url: 'https://tickets.lanterns.example/hook',
		isOn: 'no',
		answered: 'yes'
	});
	const one = new URL((await answeredLike(page, 'Marka Caseworth', 'Mirela Oakhanger')).caseUrl).pathname;
	const desk = [
		...DESK_PAGES,
		'/desk/follow-ups?view=week',
		'/desk/equipment/budget?money=900',
		'/desk/retention?leaving=5&answer=',
		'/desk/workforce/answers?by=team',
		'/desk/organisation/translations',
		'/desk/organisation/emails?kind=reply-stuck&language=fr',
		'/desk/organisation/checklist/question?id=get-up',
		'/desk/organisation/webhooks',
		'/desk/account/tokens',
		'/desk/organisation/archive',
		...['', '?part=plan', '?part=follow-up', '?part=equipment', '?part=person', '?part=said'].map(
			(part) => `${one}${part}`
		),
		...['phone', 'merge', 'merge?find=marka', 'everything'].map((below) => `${one}/${below}`)
	];
	outside.lefts.clear();
	for (const path of desk) await outside.open(path);
	expect(outside.faults).toEqual([]);
	for (const [size, lefts] of outside.lefts)
		expect([...lefts.keys()], `${size}: ${JSON.stringify([...lefts])}`).toHaveLength(1);

	// Sheets that are printed have an edge of their own.
	for (const path of [`${one}/letter`, `${one}/inspection`]) await outside.open(path);
	await page.goto('/desk/rounds');
	await page.getByRole('link', { name: 'This autumn' }).click();
	await expect(page.getByRole('heading', { name: 'Results', exact: true })).toBeVisible();
	await outside.look('round');
	await page.getByRole('link', { name: 'Record of this round' }).click();
	await expect(page.getByRole('heading', { name: 'Record of an assessment round' })).toBeVisible();
	await outside.look('record of a round');
	expect(outside.faults).toEqual([]);

	await page.goto('/desk');
	await expect(page.getByRole('complementary', { name: /^The case of/ }).getByRole('heading')).toBeVisible();
	await outside.look('day sheet with a case beside it');
	// The coordinator reads a case on a phone, on the way from one room to another.
	await page.setViewportSize(SIZES.phone);
	await page.goto(one);
	await hydrated(page);
	await expect(page.locator('a[href^="tel:"]').first()).toBeVisible();
	expect(outside.faults).toEqual([]);
});
