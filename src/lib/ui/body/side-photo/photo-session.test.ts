import { describe, expect, it } from 'vitest';
import { CORNER_MARKS, PHOTO_JOINTS, type PhotoMarkName } from '$lib/core/body/side-photo/marks';
import { Dice } from '../../../../../seed/random';
import { pictureOfSheet, renderedView } from '../../../../../tests/support/rendered-body';
import type { OpenPicture } from './load-picture';
import { PhotoSession } from './photo-session.svelte';

const view = renderedView(new Dice(4), { scale: 'a4', isFocalKnown: true, markPx: 0, placingMm: 0 });
const { marks, person } = view;
if (marks.scale.kind === 'table') throw new Error('a sheet');
const { corners } = marks.scale;

const places: Partial<Record<PhotoMarkName, { x: number; y: number }>> = {
	...Object.fromEntries(CORNER_MARKS.map((name, i) => [name, corners[i]!])),
	...marks.joints,
	floor: marks.floor,
	seat: marks.seat!,
	upright1: marks.uprights[0]![0],
	upright2: marks.uprights[0]![1]
};

function opened(isSitting = true): PhotoSession {
	const session = new PhotoSession(() => ({ person, isSitting, table: { mm: 740, sd: 4 } }));
	const picture: OpenPicture = {
		bitmap: { close: () => {} } as ImageBitmap,
		widthPx: marks.widthPx,
		heightPx: marks.heightPx,
		grey: pictureOfSheet(new Dice(1), corners),
		focalMm: marks.focalMm
	};
	session.open(picture);
	return session;
}

function markAll(session: PhotoSession): void {
	while (session.next && places[session.next]) {
		session.place(session.next, places[session.next]!);
		session.settle();
	}
}

describe('marking a picture', () => {
	it('asks for one mark after the other, and reads the picture once all are there', () => {
		const session = opened();
		expect(session.next).toBe('corner1');
		markAll(session);
		expect(session.next).toBe('upright3');
		expect(session.reading).toBeNull();
		session.skipUpright();
		expect(session.next).toBeNull();
		expect(Math.abs((session.reading?.heights.eye?.value ?? 0) - view.truth.eye.y)).toBeLessThan(30);
	});

	it('moves the corners onto the edges of the sheet, and says where there are none', () => {
		const session = opened();
		for (const [i, name] of CORNER_MARKS.entries())
			session.place(name, { x: corners[i]!.x + 5, y: corners[i]!.y - 4 });
		session.settle();
		expect(session.edges).toBe('found');
		expect(
			Math.hypot(session.marks.corner1!.x - corners[0].x, session.marks.corner1!.y - corners[0].y)
		).toBeLessThan(1);
		const { grey } = session.picture!;
		session.open({ ...session.picture!, grey: { ...grey, data: new Uint8Array(grey.data.length).fill(90) } });
		for (const [i, name] of CORNER_MARKS.entries()) session.place(name, corners[i]!);
		session.settle();
		expect(session.edges).toBe('not-found');
	});

	it('takes the last mark back, and with a corner the edges that were found', () => {
		const session = opened();
		for (const [i, name] of CORNER_MARKS.entries()) session.place(name, corners[i]!);
		session.settle();
		session.undo();
		expect(session.next).toBe('corner4');
		expect(session.edges).toBeNull();
		for (let i = 0; i < 5; i += 1) session.undo();
		expect(session.marks).toEqual({});
	});

	it('begins the scale again where another thing gives it, and keeps the joints', () => {
		const session = opened();
		markAll(session);
		session.measureBy('table');
		expect(session.next).toBe('tableTop');
		for (const name of PHOTO_JOINTS) expect(session.marks[name]).toEqual(places[name]);
		expect(session.marks.corner1).toBeUndefined();
	});

	it('moves a mark by pixels, never out of the picture, and reads the picture again', () => {
		const session = opened();
		markAll(session);
		session.skipUpright();
		const before = session.reading?.angles.elbow.value ?? 0;
		session.nudge('elbow', 0, 40);
		expect(session.reading?.angles.elbow.value).not.toBeCloseTo(before, 1);
		session.nudge('elbow', -1e6, 1e6);
		expect(session.marks.elbow).toEqual({ x: 0, y: marks.heightPx });
	});

	it('asks someone standing for no seat, and says nothing where marks lie on one another', () => {
		expect(opened(false).order).not.toContain('seat');
		const session = opened();
		for (const name of session.order) session.place(name, { x: 100, y: 100 });
		session.skipUpright();
		session.settle();
		expect(session.reading).toBeNull();
	});
});
