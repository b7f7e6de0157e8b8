import { expect, test, type Locator, type Page } from '@playwright/test';
import { Dice } from '../seed/random';
import { renderedView, type RenderedView } from '../tests/support/rendered-body';
import { answeredLike, axeFinds, hydrated, openPart, signIn, WCAG } from './support';

/** Marks in the order in which they are asked for. */
const ORDER = [
	'outer corner of the eye',
	'ear canal',
	'bone at the base of your neck',
	'middle of the shoulder joint',
	'bony outside of the elbow',
	'middle of the wrist',
	'knuckle of the little finger',
	'hip joint, the bone at the side',
	'outside of the knee joint',
	'bony outside of the ankle'
] as const;

const view = renderedView(new Dice(4), { scale: 'a4', isFocalKnown: false, markPx: 0, placingMm: 0 });

/** A photo of the body, drawn by the browser: limbs before a wall, and a white sheet. */
async function photoOf(page: Page, { marks }: RenderedView): Promise<Buffer> {
	const { joints, scale, widthPx, heightPx } = marks;
	if (scale.kind === 'table') throw new Error('a sheet');
	const text = await page.evaluate(
		async ({ limbs, sheet, width, height }) => {
			const canvas = document.createElement('canvas');
			Object.assign(canvas, { width, height });
			const drawing = canvas.getContext('2d')!;
			const along = (points: readonly { x: number; y: number }[]) => {
				drawing.beginPath();
				for (const { x, y } of points) drawing.lineTo(x, y);
			};
			drawing.fillStyle = '#8a9299';
			drawing.fillRect(0, 0, width, height);
			Object.assign(drawing, { strokeStyle: '#3c4a58', lineWidth: 90, lineCap: 'round', lineJoin: 'round' });
			for (const limb of limbs) {
				along(limb);
				drawing.stroke();
			}
			drawing.fillStyle = '#f4f4f0';
			along(sheet);
			drawing.closePath();
			drawing.fill();
			return canvas.toDataURL('image/png');
		},
		{
			limbs: [
				[joints.eye, joints.ear, joints.neck, joints.shoulder, joints.hip, joints.knee, joints.ankle],
				[joints.shoulder, joints.elbow, joints.wrist, joints.knuckle]
			],
			sheet: scale.corners,
			width: widthPx,
			height: heightPx
		}
	);
	return Buffer.from(text.split(',')[1] ?? '', 'base64');
}

/** Puts the next mark at a place of the picture. */
async function tap(board: Locator, { x, y }: { x: number; y: number }): Promise<void> {
	const box = (await board.boundingBox())!;
	const { widthPx, heightPx } = view.marks;
	await board.click({ position: { x: (x / widthPx) * box.width, y: (y / heightPx) * box.height } });
}

test('a photo from the side gives angles and lengths, and nothing of it leaves the device but numbers', async ({
	page,
	browser
}) => {
	await signIn(page);
	const { link, caseUrl } = await answeredLike(page, 'Sidonie Sideways', 'Mirela Oakhanger');
	const own = await browser.newContext();
	const person = await own.newPage();
	await person.goto(`${link}/measure`);
	await person.getByRole('link', { name: 'Measure from a side photo' }).click();
	await expect(person.getByRole('heading', { name: 'Measure from a side photo' })).toBeVisible();
	await hydrated(person);
	const sent: number[] = [];
	person.on('request', (request) => sent.push(request.postDataBuffer()?.length ?? 0));

	// What is no picture is said to be none, and a small one to be too small.
	const file = person.locator('input[type=file]').first();
	await file.setInputFiles({ name: 'letter.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
	await expect(person.getByRole('alert')).toHaveText(/can’t be opened as a picture/);

	await file.setInputFiles({ name: 'side.png', mimeType: 'image/png', buffer: await photoOf(person, view) });
	const board = person.getByRole('group', { name: 'Your photo with the marks' });
	await expect(board).toBeVisible();
	// By keys alone: the first mark comes into the middle, and the next one to where that has been moved.
	await board.focus();
	await person.keyboard.press('Enter');
	await expect(person.getByRole('button', { name: 'first corner of the sheet or card' })).toBeFocused();
	await person.keyboard.press('Shift+ArrowRight');
	await person.keyboard.press('Enter');
	await expect(person.getByRole('button', { name: 'second corner of the sheet or card' })).toBeFocused();
	for (let i = 0; i < 2; i += 1) await person.getByRole('button', { name: 'Remove the last mark' }).click();
	await expect(board.getByRole('button')).toHaveCount(0);

	const { scale, floor, seat, joints, uprights } = view.marks;
	if (scale.kind === 'table' || !seat) throw new Error('a sitting person with a sheet');
	for (const corner of scale.corners) await tap(board, { x: corner.x + 4, y: corner.y - 3 });
	await expect(person.getByText('The edges of the sheet were found in the photo')).toBeVisible();
	await tap(board, floor);
	await tap(board, seat);
	for (const [i, at] of Object.values(joints).entries()) {
		await expect(person.getByText(`Next: ${ORDER[i]}. Tap`)).toBeVisible();
		await tap(board, at);
	}
	for (const at of uprights[0] ?? []) await tap(board, at);
	await person.getByRole('button', { name: 'Nothing more upright in the photo' }).click();
	await expect(person.getByText('Everything is marked.')).toBeVisible();
	await expect(person.getByRole('heading', { name: 'Results from the photo' })).toBeVisible();

	// A mark moves by keys, and the angle with it.
	const elbowAngle = person.locator('dt', { hasText: /^\s*Elbow\s*published/ }).locator('+ dd');
	const before = await elbowAngle.innerText();
	const elbow = person.getByRole('button', { name: 'bony outside of the elbow' });
	await elbow.focus();
	for (let i = 0; i < 6; i += 1) await person.keyboard.press('Shift+ArrowDown');
	await expect(elbowAngle).not.toHaveText(before);
	for (let i = 0; i < 6; i += 1) await person.keyboard.press('Shift+ArrowUp');
	await expect(elbowAngle).toHaveText(before);
	// Marks may lie on one another: each is chosen by name and moved by buttons as well (WCAG 2.5.8, equivalent).
	await person.getByLabel('Mark to move').selectOption('bony outside of the elbow');
	await person.getByRole('button', { name: 'down one pixel' }).click();
	await person.getByRole('button', { name: 'up one pixel' }).click();
	await expect(elbowAngle).toHaveText(before);
	expect(await axeFinds(person, WCAG, ['[data-mark]'])).toEqual([]);

	// The eye's height is that of the body in the picture.
	const eye = person.locator('dt', { hasText: 'Eye above the floor' }).locator('+ dd');
	const [cm = 0, spread = 0] = [...(await eye.innerText()).matchAll(/[\d.]+/g)].map(Number);
	expect(Math.abs(cm * 10 - view.truth.eye.y)).toBeLessThanOrEqual(spread * 10);

	// Lengths count only of someone who sits up straight; without a network they wait on the device.
	await expect(person.getByRole('checkbox', { name: /eye/i })).toHaveCount(0);
	await own.setOffline(true);
	await person.getByRole('checkbox', { name: 'I sit or stand up straight in this photo' }).check();
	for (const name of [/^Seat to the corner of the eye/, /^Seat to the underside of the elbow/])
		await person.getByRole('checkbox', { name }).check();
	await person.getByRole('button', { name: 'Save these numbers' }).click();
	await expect(person.getByText('The numbers are saved with your answers.')).toBeVisible();
	await own.setOffline(false);
	await expect
		.poll(async () =>
			(await (await person.request.get(`${link}/draft`)).text()).includes('photo.angle.elbow')
		)
		.toBe(true);
	// Nothing that was sent is as large as the smallest picture.
	expect(Math.max(...sent)).toBeLessThan(6000);

	await person.goto(`${link}/screen`);
	await expect(person.getByText(/^From your side photo, ±/).first()).toBeVisible();
	// Sent in again, the coordinator sees what came from the photo.
	expect(await (await person.request.post(`${link}/submit`)).json()).toEqual({ ok: true });
	await page.goto(caseUrl);
	await openPart(page, 'Answers');
	await expect(page.getByText(/from a side photo/).first()).toBeAttached();

	// Taken back, the numbers go, and with them the lengths.
	await person.goto(`${link}/photo`);
	await hydrated(person);
	await person.getByRole('button', { name: 'Delete the numbers from the photo' }).click();
	await expect(person.getByText('The numbers from the photo are deleted.')).toBeVisible();
	await expect
		.poll(async () => (await (await person.request.get(`${link}/draft`)).text()).includes('"photo.on":"2'))
		.toBe(false);
	await own.close();
});
