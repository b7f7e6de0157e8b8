import { describe, expect, it } from 'vitest';
import { cornerFromAnswers } from './corner-from-answers';
import { isSharedAcrossSpots } from './shared-fields';
import { noPhotoFields, photoFields, photoLengthOf, photoNumbersOf } from './photo-answers';
import { ANSWER_FIELDS } from './answer-fields';
import { bodyOf } from '../../body/body-length';
import { bodyMethodSd } from '../../body/method-uncertainty';

const value = (v: number, sd: number) => ({ value: v, sd });

const reading = {
	angles: {
		neck: value(41.26, 3.1),
		'head-trunk': value(158, 3.3),
		elbow: value(96.5, 2),
		wrist: value(-4.2, 4.8),
		hip: value(101, 1.2),
		knee: value(88, 1.4)
	},
	heights: { eye: value(1198.4, 8), elbow: value(671, 7.5), seat: value(452, 6) },
	lengths: { sittingEye: value(746.3, 14.2), sittingElbow: value(221, 13) }
};

const kept = photoFields(reading, ['sittingEye'], '2026-11-30');

const ANSWERS = {
	stature: '168',
	surfaceHeight: '74',
	seatHeight: '46',
	topAboveBase: '22',
	visibleHeight: '19',
	baseLong: '32',
	baseShort: '22',
	distance: '60',
	sittingEye: '74.6',
	sittingElbow: '22.5'
};

describe('the numbers of a side photo', () => {
	it('are kept as answers, and read back as they were, to a tenth', () => {
		for (const field of Object.keys(kept)) expect(ANSWER_FIELDS.get(field)).toBe('text');
		const numbers = photoNumbersOf(kept);
		expect(numbers?.on).toBe('2026-11-30');
		expect(numbers?.angles.neck).toEqual(value(41.3, 3.1));
		expect(numbers?.angles.wrist).toEqual(value(-4.2, 4.8));
		expect(numbers?.heights).toEqual(reading.heights);
		expect(photoNumbersOf({})).toBeNull();
	});

	it('mark the lengths that were chosen, with their sd, until someone measures again', () => {
		expect(photoLengthOf(kept, 'sittingEye', 746)).toEqual({ mm: 746, by: 'photo', sd: 14 });
		expect(photoLengthOf(kept, 'sittingElbow', 221)).toBeNull();
		expect(photoLengthOf(kept, 'sittingEye', 760)).toBeNull();
		const { corner } = cornerFromAnswers({ ...ANSWERS, ...kept }, 'upright');
		expect(corner?.body.sittingEye).toEqual({ mm: 746, by: 'photo', sd: 14 });
		expect(corner?.body.sittingElbow).toEqual({ mm: 225, by: 'tape' });
		const body = corner && bodyOf(corner);
		expect(body?.sittingEye).toEqual({ mm: 746, sd: 14, from: 'photo' });
		expect(body?.sittingElbow.sd).toBe(bodyMethodSd('tape'));
	});

	it('are all forgotten together, with the lengths that came from the photo and no other', () => {
		const gone = { ...ANSWERS, ...kept, ...noPhotoFields({ ...ANSWERS, ...kept }) };
		expect(photoNumbersOf(gone)).toBeNull();
		expect(gone.sittingEye).toBe('');
		expect(gone.sittingElbow).toBe('22.5');
	});

	it('belong to the person where a body length does, and to the workstation otherwise', () => {
		expect(isSharedAcrossSpots('photo.sittingEye')).toBe(true);
		expect(isSharedAcrossSpots('photo.angle.neck')).toBe(false);
	});
});
