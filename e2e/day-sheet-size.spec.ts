import { expect } from '@playwright/test';
import { signIn, deskTest as test } from './support';

test('at least eleven lines are on the first screen, in parts that fold, narrowed by whose they are', async ({
	page
}) => {
	await page.setViewportSize({ width: 1280, height: 800 });
	await signIn(page);
	const lines = page.locator('main li[id^="line-"]');
	// By the average height of a line with its share of the headings: no screen ends just where a line does.
	const boxes = await lines.evaluateAll((all) =>
		all.map((line) => line.getBoundingClientRect().toJSON() as DOMRect)
	);
	const [first, last] = [boxes[0]?.top ?? 0, boxes.at(-1)?.bottom ?? 0];
	expect((800 - first) / ((last - first) / boxes.length)).toBeGreaterThanOrEqual(11);
	const part = page.locator('section.group', { has: page.getByRole('heading', { name: /^This week/ }) });
	const before = await lines.count();
	const inPart = await part.locator('li').count();
	await part.getByRole('button', { name: /^This week/ }).click();
	await expect(part.locator('li')).toHaveCount(0);
	await expect(lines).toHaveCount(before - inPart);
	await part.getByRole('button', { name: /^This week/ }).click();
	await page.getByRole('search', { name: 'Show' }).getByLabel('Assigned to').selectOption('Assigned to me');
	await expect(page).toHaveURL(/whose=mine/);
	await expect(lines.first()).toContainText('assigned to you');
	const mine = await lines.count();
	expect(mine).toBeLessThan(before);
	for (const line of await lines.all()) await expect(line).toContainText('assigned to you');
	await page.getByRole('link', { name: 'Show all' }).click();
	await expect(lines).toHaveCount(before);
});
