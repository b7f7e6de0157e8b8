import { expect, type Page } from '@playwright/test';
import { ACCOUNT, hydrated, signIn, deskTest as test } from './support';

/** Waits until every chart of a page is drawn. */
async function drawn(page: Page): Promise<void> {
	await page.waitForFunction(() => {
		const all = [...document.querySelectorAll('canvas')];
		return all.length > 0 && all.every((canvas) => canvas.dataset.drawn !== undefined);
	});
}

test('a coordinator looks at the workforce: screens, groups, the table behind a chart, and from a figure to its people', async ({
	page
}) => {
	await signIn(page);
	await page.keyboard.press('6');
	await expect(page).toHaveURL('/desk/workforce');
	await expect(page.getByRole('heading', { name: 'Overview', level: 1 })).toBeVisible();
	await drawn(page);
	// Five numbers, each with a year behind it, and a way to its evidence.
	await expect(page.locator('figure')).toHaveCount(5);
	await page.getByRole('button', { name: /^Table.*People who answered/ }).click();
	const months = page.locator('figure').first().locator('.numbers:not(.sr-only) tbody tr');
	expect(await months.count()).toBeGreaterThan(8);
	await page.getByRole('link', { name: 'See answers by team' }).click();
	await expect(page).toHaveURL('/desk/workforce/answers');
	await expect(page.getByText(/of people who were asked in the last year have answered/)).toBeVisible();
	await drawn(page);
	await page.getByRole('link', { name: 'Discomfort', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Discomfort', level: 1 })).toBeVisible();
	await drawn(page);
	await page.getByLabel('Group by', { exact: true }).selectOption('Team');
	await expect(page).toHaveURL(/by=team/);
	await expect(page.getByRole('heading', { name: 'Any discomfort (Team)' })).toBeVisible();
	// A team whose figure may be shown: which teams have one depends on all of them.
	const byTeam = page.locator('figure', {
		has: page.getByRole('heading', { name: 'Any discomfort (Team)' })
	});
	await byTeam.getByRole('button', { name: /^Table/ }).click();
	const shown = byTeam.getByRole('row', { name: /\d+ of \d+$/ }).first();
	const team = await shown.getByRole('rowheader').innerText();
	await page.getByLabel('Team', { exact: true }).selectOption(team);
	await expect(page).toHaveURL(new RegExp(`by=team&group=${team.replaceAll(' ', '\\+')}`));
	await expect(page.getByText(/^\s*\d+% report discomfort/)).toBeVisible();
	// The grouping belongs to its figure; Back gives the earlier view.
	await page.goBack();
	await expect(page.getByLabel('Team', { exact: true })).toHaveValue('');
	// Filters combine: a team within the chosen grouping.
	await page.getByLabel('Group by', { exact: true }).selectOption('Country');
	await expect(page).toHaveURL(/by=country/);
	await page.getByLabel('Team').selectOption(team);
	await expect(page).toHaveURL(/by=country&team=/);
	await expect(
		page.getByText(`These results are for one team only: ${team}. Grouped by: Country.`)
	).toBeVisible();
	// Figures that are for everyone only offer no grouping, whatever the address says.
	await page.goto('/desk/workforce/steps?by=team');
	await expect(page.getByLabel('Data up to')).toBeVisible();
	await expect(page.getByLabel('Group by', { exact: true })).toHaveCount(0);
	await page.goto('/desk/workforce/discomfort');
	await drawn(page);
	await page.getByRole('button', { name: /Table.*Share of people, by body region/ }).click();
	const neck = page.getByRole('row', { name: /^Neck/ }).first();
	// A heading sorts the table: largest first, then smallest.
	const share = page.getByRole('columnheader', { name: 'Share' }).first();
	const first = page.locator('figure .numbers:not(.sr-only) tbody tr').first();
	await share.getByRole('button').click();
	await expect(share).toHaveAttribute('aria-sort', 'descending');
	const most = Number.parseInt(await first.getByRole('cell').first().innerText(), 10);
	await share.getByRole('button').click();
	await expect(share).toHaveAttribute('aria-sort', 'ascending');
	expect(most).toBeGreaterThan(Number.parseInt(await first.getByRole('cell').first().innerText(), 10));
	await expect(neck).toContainText(/\d+%\s*\d+% to \d+%\s*\d+ of \d+/);
	const people = Number(/(\d+) of \d+$/.exec((await neck.innerText()).trim())?.[1]);
	await neck.getByRole('link', { name: 'Neck' }).click();
	await expect(page.getByText(`${people} people match`)).toBeVisible();
});

test('prices are said once, a report is made of them, kept and printed', async ({ page }) => {
	await signIn(page);
	await page.goto('/desk/workforce/to-buy');
	await hydrated(page);
	await page.getByText('Prices', { exact: true }).first().click();
	await page.getByLabel('An adjustable footrest').fill('a lot');
	await page.getByRole('button', { name: 'Save prices' }).click();
	await expect(page.getByRole('alert')).toContainText('Enter a price such as 129 or 129.90.');
	await expect(page.getByLabel('An adjustable footrest')).toHaveValue('a lot');
	await page.getByLabel('An adjustable footrest').fill('39,90');
	await page.getByRole('button', { name: 'Save prices' }).click();
	await expect(page.getByText('The prices are saved.')).toBeVisible();
	await page.goto('/desk/workforce/report');
	await hydrated(page);
	await page.getByRole('button', { name: 'Create report' }).click();
	await expect(page).toHaveURL(/report\/[0-9a-f-]{36}$/);
	await expect(page.getByRole('heading', { name: 'Decisions we ask for' })).toBeVisible();
	await hydrated(page);
	const buying = page.getByRole('group', { name: 'Buy equipment' });
	await buying.getByLabel('Decision').selectOption('Agreed');
	await buying.getByLabel('Note').fill('From next year’s budget');
	await page.getByLabel('Remark').fill('Two offices closed in spring.');
	await page.getByRole('button', { name: 'Save decisions' }).click();
	await expect(page.getByRole('status')).toContainText('Saved.');
	await expect(page.locator('.sheet')).toContainText('Agreed. From next year’s budget');
	await expect(page.locator('.sheet')).toContainText('Two offices closed in spring.');
	await drawn(page);
	for (const [format, width] of [
		['A4', 794],
		['Letter', 816]
	] as const) {
		const pdf = (
			await page.pdf({ format, margin: { top: '15mm', bottom: '15mm', left: '16mm', right: '16mm' } })
		).toString('latin1');
		const pages = pdf.match(/\/Type\s*\/Page\b(?!s)/g)?.length ?? 0;
		expect(pages, format).toBeGreaterThanOrEqual(2);
		expect(pages, format).toBeLessThanOrEqual(4);
		// Nothing is wider than the paper, and no page break cuts a chart.
		await page.emulateMedia({ media: 'print' });
		await page.setViewportSize({ width, height: 1000 });
		const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
		expect(wide, format).toBeLessThanOrEqual(0);
		const figures = page.locator('figure');
		for (const figure of await figures.all()) {
			expect(await figure.evaluate((element) => getComputedStyle(element).breakInside)).toBe('avoid');
			expect((await figure.boundingBox())?.height ?? 0).toBeLessThan(900);
		}
		// Not 'screen', which would be what is printed next.
		await page.emulateMedia({ media: null });
	}
	// Paper stays white in dark mode too, and charts are printed dark on it.
	await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
	await page.reload();
	await drawn(page);
	await page.emulateMedia({ media: 'screen', colorScheme: 'dark' });
	await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
	const lightest = await page
		.locator('canvas')
		.first()
		.evaluate((canvas: HTMLCanvasElement) => {
			const { data: px } = canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height) ?? {
				data: []
			};
			let most = 0;
			// Only text and lines, which are opaque; washes and grid lines are meant to be light.
			for (let i = 0; i < canvas.width * 60 * 4; i += 4)
				if (px[i + 3] === 255) most = Math.max(most, px[i] ?? 0);
			return most;
		});
	expect(lightest).toBeLessThan(200);
	await page.emulateMedia({ media: 'screen', colorScheme: 'light' });
	const data = await (await page.request.get(`${page.url()}/data`)).text();
	expect(data.split('\r\n')[0]).toBe('part,of,n,x,value,low,high,p');
	expect(data).toContain('key,hurts,');
});

test('a reader sees figures of months that have ended, without scripts as tables, and no person', async ({
	browser
}) => {
	const context = await browser.newContext({ javaScriptEnabled: false });
	const page = await context.newPage();
	await page.goto('/desk/sign-in');
	await page.getByLabel('Email address').fill('reader@lanterns.example');
	await page.getByLabel('Password').fill(ACCOUNT.password);
	await page.getByRole('button', { name: 'Sign in' }).click();
	await expect(page).toHaveURL('/desk/workforce');
	await expect(page.getByLabel('Data up to').locator('option', { hasText: 'Today' })).toHaveCount(0);
	await page.getByRole('link', { name: 'Discomfort', exact: true }).click();
	await expect(page.getByRole('row', { name: /^Neck \d+%/ }).first()).toBeVisible();
	await expect(page.getByRole('link', { name: 'Neck' })).toHaveCount(0);
	await page.getByLabel('Group by', { exact: true }).selectOption('Team');
	await page.getByRole('button', { name: 'Show' }).click();
	await expect(page).toHaveURL(/by=team/);
	await expect(page.getByRole('heading', { name: 'Any discomfort (Team)' })).toBeVisible();
	expect((await page.request.get('/desk/people')).status()).toBe(403);
	await context.close();
});
