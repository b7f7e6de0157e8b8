import { inflateSync } from 'node:zlib';
import { expect, test } from '@playwright/test';
import { begin, hydrated, sendTo } from './support';

type Matrix = readonly [number, number, number, number, number, number];

const times = (m: Matrix, n: Matrix): Matrix => [
	m[0] * n[0] + m[1] * n[2],
	m[0] * n[1] + m[1] * n[3],
	m[2] * n[0] + m[3] * n[2],
	m[2] * n[1] + m[3] * n[3],
	m[4] * n[0] + m[5] * n[2] + n[4],
	m[4] * n[1] + m[5] * n[3] + n[5]
];

/** Lengths in mm of the straight lines and the widths of the rectangles drawn in a PDF. */
function drawnLengths(pdf: Buffer): number[] {
	const lengths: number[] = [];
	const text = pdf.toString('latin1');
	for (const { index } of text.matchAll(/stream\r?\n/g)) {
		const from = text.indexOf('\n', index) + 1;
		let stream: string;
		try {
			stream = inflateSync(pdf.subarray(from, text.indexOf('endstream', from))).toString('latin1');
		} catch {
			continue;
		}
		let matrix: Matrix = [1, 0, 0, 1, 0, 0];
		const kept: Matrix[] = [];
		let at = { x: 0, y: 0 };
		const place = (x: number, y: number) => ({
			x: x * matrix[0] + y * matrix[2] + matrix[4],
			y: x * matrix[1] + y * matrix[3] + matrix[5]
		});
		let numbers: number[] = [];
		for (const token of stream.split(/\s+/)) {
			if (/^[-+.\d]+$/.test(token)) {
				numbers.push(Number(token));
				continue;
			}
			const [a = 0, b = 0, c = 0] = numbers;
			if (token === 'q') kept.push(matrix);
			else if (token === 'Q') matrix = kept.pop() ?? matrix;
			else if (token === 'cm' && numbers.length === 6) matrix = times(numbers as unknown as Matrix, matrix);
			else if (token === 'm') at = place(a, b);
			else if (token === 'l') {
				const to = place(a, b);
				lengths.push((Math.hypot(to.x - at.x, to.y - at.y) * 25.4) / 72);
				at = to;
			} else if (token === 're') {
				const [from2, to] = [place(a, b), place(a + c, b)];
				lengths.push((Math.hypot(to.x - from2.x, to.y - from2.y) * 25.4) / 72);
			}
			numbers = [];
		}
	}
	return lengths;
}

for (const [paper, box] of [
	['a4', [842, 595]],
	['letter', [792, 612]]
] as const) {
	test(`the paper ruler prints on one sheet of ${paper} at its true length`, async ({ page }) => {
		const { link } = await sendTo(page, `Uwe Ruler ${paper}`);
		await begin(page, link);
		await page.goto(`${link}/ruler?paper=${paper}`);
		await hydrated(page);
		const pdf = await page.pdf({ preferCSSPageSize: true });
		const text = pdf.toString('latin1');
		expect([...text.matchAll(/\/Type\s*\/Page\b/g)]).toHaveLength(1);
		const [, wide, high] = /MediaBox\s*\[\s*0\s+0\s+([\d.]+)\s+([\d.]+)/.exec(text) ?? [];
		expect(Math.abs(Number(wide) - box[0])).toBeLessThan(1.5);
		expect(Math.abs(Number(high) - box[1])).toBeLessThan(1.5);
		const lengths = drawnLengths(pdf);
		// ISO/IEC 7810 ID-1 (from memory): a card is 85.60 mm long. The strips are 250 mm.
		expect(lengths.filter((mm) => Math.abs(mm - 85.6) < 0.05).length).toBeGreaterThanOrEqual(1);
		expect(lengths.filter((mm) => Math.abs(mm - 250) < 0.05).length).toBeGreaterThanOrEqual(4);
	});
}

test('a screen is scaled with a bank card once, and remembers it', async ({ page }) => {
	const { link } = await sendTo(page, 'Vera Cardova');
	await begin(page, link);
	await page.getByText('Contents').click();
	await page.getByRole('link', { name: 'No tape? Ways to measure' }).click();
	await expect(page.getByText('Not set yet')).toBeVisible();
	const card = page.getByLabel('Make the frame as wide as a bank card');
	await card.fill('428');
	await expect(page.getByText('This screen’s scale is saved')).toBeVisible();
	// 428 px for 85.6 mm are 5 px to the mm: the bar of 30 mm is 150 px wide.
	await expect(page.locator('svg .bar')).toHaveAttribute('width', '150');
	await page.reload();
	await expect(card).toHaveValue('428');
});

test('a table is counted in sheets of A4, or in hand-spans of one’s own', async ({ page }) => {
	const { link } = await sendTo(page, 'Willi Sheets');
	await begin(page, link);
	await page.goto(`${link}/spot`);
	await hydrated(page);
	await page.getByRole('group', { name: 'You measure with' }).getByText('A4 sheets').click();
	const table = page.getByLabel('Floor to the top of the table', { exact: true });
	await table.fill('2 1/2');
	await expect(page.getByText(/^That’s 74.3 cm/)).toBeVisible();
	await table.blur();
	await expect(table).toHaveValue('2 1/2');
	await page.getByRole('group', { name: 'You measure with' }).getByText('Hand-span', { exact: true }).click();
	await page.getByLabel('Your hand-span', { exact: true }).fill('20');
	await table.fill('3,5');
	await expect(page.getByText(/^That’s 70.0 cm/)).toBeVisible();
	// A length counted in A4 sheets is a length like any other: measured with a tape it is the same.
	await page.getByRole('group', { name: 'You measure with' }).getByText('Tape measure').click();
	await expect(table).toHaveValue('70.0');
});
