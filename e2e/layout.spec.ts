import { expect } from '@playwright/test';
import { answeredLike, DESK_PAGES, EVERY_PAGE, signIn, deskTest as test } from './support';

/** A laptop, a small laptop or tablet, and a phone. */
const SIZES = [
	{ width: 1280, height: 800 },
	{ width: 1024, height: 768 },
	{ width: 390, height: 844 }
] as const;

test('no page scrolls sideways at any size, and every title of the desk begins at the same edge', async ({
	page
}) => {
	await signIn(page);
	const { link, caseUrl } = await answeredLike(page, 'Laya Wideworth', 'Mirela Oakhanger');
	const desk = [
		...DESK_PAGES,
		'/desk/follow-ups?view=week',
		'/desk/equipment/budget?money=900',
		'/desk/organisation/translations',
		new URL(caseUrl).pathname
	];
	const measured = () =>
		page.evaluate(() => ({
			over: document.documentElement.scrollWidth - innerWidth,
			left: Math.round(document.querySelector('h1')?.getBoundingClientRect().left ?? -1)
		}));
	for (const size of SIZES) {
		await page.setViewportSize(size);
		const faults: string[] = [];
		const lefts = new Map<number, string[]>();
		for (const path of desk) {
			await page.goto(path);
			const { over, left } = await measured();
			if (over > 0) faults.push(`${size.width}: ${path} scrolls sideways by ${over}`);
			lefts.set(left, [...(lefts.get(left) ?? []), path]);
		}
		for (const path of size.width === 1024 ? [] : EVERY_PAGE) {
			await page.goto(`${link}${path}`);
			const { over } = await measured();
			if (over > 0) faults.push(`${size.width}: ${path} scrolls sideways by ${over}`);
		}
		expect(faults).toEqual([]);
		expect([...lefts.keys()], `${size.width}: ${JSON.stringify([...lefts])}`).toHaveLength(1);
	}
});
