import { parseCivilDate, type CivilDate } from '../../platform/calendar/civil-date';
import type { MeasuredLength } from '../../workstation/corner/corner';
import {
	PHOTO_ANGLES,
	PHOTO_HEIGHTS,
	PHOTO_LENGTHS,
	type PhotoAngle,
	type PhotoHeight,
	type PhotoLength,
	type PhotoValue,
	type SidePhotoReading
} from '../../body/side-photo/photo-values';
import { LENGTH_FIELDS, unitOf, type Answers } from './fields';
import { readLengthField } from './read-length-field';

/** The numbers of a picture taken from the side that are kept with the answers. */
export interface PhotoNumbers {
	readonly on: CivilDate;
	/** Degrees. */
	readonly angles: Readonly<Partial<Record<PhotoAngle, PhotoValue>>>;
	/** Mm above the floor. */
	readonly heights: Readonly<Partial<Record<PhotoHeight, PhotoValue>>>;
}

/** The day of the picture. */
const DAY_FIELD = 'photo.on';

const angleField = (angle: PhotoAngle) => `photo.angle.${angle}`;
const heightField = (height: PhotoHeight) => `photo.height.${height}`;
const lengthField = (length: PhotoLength) => `photo.${length}`;

/** Every field that a picture's numbers have. */
export const PHOTO_FIELDS: readonly string[] = [
	DAY_FIELD,
	...PHOTO_ANGLES.map(angleField),
	...PHOTO_HEIGHTS.map(heightField),
	...PHOTO_LENGTHS.map(lengthField)
];

/** A typed length this close to that of the picture is the picture's: units round it, mm. */
const SAME_MM = 3;

/** As it is kept: the value and its standard deviation, to a tenth. */
const asKept = ({ value, sd }: PhotoValue): string => `${value.toFixed(1)} ${sd.toFixed(1)}`;

function read(text: string | undefined): PhotoValue | null {
	const found = /^(-?\d{1,4}(?:\.\d)?) (\d{1,3}(?:\.\d)?)$/.exec(text ?? '');
	return found ? { value: Number(found[1]), sd: Number(found[2]) } : null;
}

/**
 * The numbers of a picture as answers.
 * @param chosen lengths that take the place of measured ones
 * @param on ISO day
 */
export function photoFields(
	{ angles, heights, lengths }: Pick<SidePhotoReading, 'angles' | 'heights' | 'lengths'>,
	chosen: readonly PhotoLength[],
	on: string
): Record<string, string> {
	const text = (value: PhotoValue | null | undefined) => (value ? asKept(value) : '');
	return Object.fromEntries([
		[DAY_FIELD, on],
		...PHOTO_ANGLES.map((angle) => [angleField(angle), text(angles[angle])]),
		...PHOTO_HEIGHTS.map((height) => [heightField(height), text(heights[height])]),
		...PHOTO_LENGTHS.map((length) => [
			lengthField(length),
			text(chosen.includes(length) ? lengths[length] : null)
		])
	]);
}

/** Answers that forget a picture: its numbers, and every length that came from it. */
export function noPhotoFields(answers: Answers): Record<string, string> {
	const lengths = PHOTO_LENGTHS.filter((name) => {
		const length = readLengthField(name, answers[name], unitOf(answers), LENGTH_FIELDS[name]);
		return length.ok && photoLengthOf(answers, name, length.mm);
	});
	return Object.fromEntries([...PHOTO_FIELDS, ...lengths].map((field) => [field, '']));
}

/** The numbers kept of a picture; null where there was none. */
export function photoNumbersOf(answers: Answers): PhotoNumbers | null {
	const on = parseCivilDate(answers[DAY_FIELD] ?? '');
	if (!on) return null;
	const of = <N extends string>(names: readonly N[], fieldOf: (name: N) => string) =>
		Object.fromEntries(
			names.flatMap((name) => {
				const value = read(answers[fieldOf(name)]);
				return value ? [[name, value]] : [];
			})
		) as Partial<Record<N, PhotoValue>>;
	return { on, angles: of(PHOTO_ANGLES, angleField), heights: of(PHOTO_HEIGHTS, heightField) };
}

/** A body length as the picture gave it; null where it was measured otherwise, or changed since. */
export function photoLengthOf(
	answers: Answers,
	name: string,
	mm: number
): Extract<MeasuredLength, { by: 'photo' }> | null {
	const length = PHOTO_LENGTHS.find((one) => one === name);
	const kept = length ? read(answers[lengthField(length)]) : null;
	return kept && Math.abs(kept.value - mm) <= SAME_MM
		? { mm, by: 'photo', sd: Math.max(1, Math.round(kept.sd)) }
		: null;
}
