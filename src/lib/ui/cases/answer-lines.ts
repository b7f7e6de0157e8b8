import type { DeviceAtHome } from '$lib/core/questionnaire/answers/device-answers';
import type { PhotoNumbers } from '$lib/core/questionnaire/answers/photo-answers';
import { seatKindOrChair, SEAT_RULES } from '$lib/core/workstation/corner/seat-kinds';
import { pointingHandOf } from '$lib/core/workstation/corner/pointing-hand';
import type { WorkingArms, Precaution } from '$lib/core/workstation/corner/vocabulary';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { formatDegrees } from '$lib/core/body/length/format-degrees';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import { PHOTO_ANGLES, PHOTO_HEIGHTS, type PhotoValue } from '$lib/core/body/side-photo/photo-values';
import type { Catalogue } from '$lib/messages/shapes';
import { photoTextsFor } from '$lib/messages/photo';
import { deskWords } from '$lib/messages/desk';

/** An answer as shown to the coordinator. */
export interface AnswerLine {
	readonly name: string;
	readonly words: string;
}

/** The angles and heights that a side photo gave, each with what it may be off by in 95 of 100. */
function photoLines({ angles, heights }: PhotoNumbers, t: Catalogue, unit: LengthUnit): AnswerLine[] {
	const words = photoTextsFor(t.locale);
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const line = (name: string, value: PhotoValue | undefined, format: (n: number) => string): AnswerLine[] =>
		value ? [{ name, words: words.value(format(value.value), format(2 * value.sd)) }] : [];
	return [
		...PHOTO_ANGLES.flatMap((angle) => line(words.angles[angle], angles[angle], formatDegrees)),
		...PHOTO_HEIGHTS.flatMap((height) => line(words.heights[height], heights[height], length))
	];
}

/** The answers in a workstation document, by part, in words, with the person's precautions and the electronics unused at home. */
export function answerLines(
	corner: Corner,
	{
		care,
		arms,
		devices,
		photo
	}: {
		readonly care: readonly Precaution[];
		readonly arms: WorkingArms;
		readonly devices: readonly DeviceAtHome[];
		/** What a side photo said; null without one. */
		readonly photo: PhotoNumbers | null;
	},
	t: Catalogue,
	unit: LengthUnit
): { title: string; lines: AnswerLine[] }[] {
	const texts = deskWords.cases.answersOf;
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const range = (r: readonly [number, number] | null) => (r ? texts.moves(length(r[0]), length(r[1])) : '');
	const { person, body, spot, household } = corner;
	const { seat, surface, screen, keys } = spot;
	const line = (name: string, words: string): AnswerLine => ({ name, words });
	const measured = Object.entries(body).map(([name, value]) =>
		line(
			t.fields[name as keyof typeof body],
			value.by === 'photo'
				? texts.fromPhoto(length(value.mm), length(2 * value.sd))
				: `${length(value.mm)}, ${t.options.bodyBy[value.by as 'tape'] ?? value.by}`
		)
	);
	const allowed = [
		...care.map((one) => t.care.options[one]),
		...(arms === 'both' ? [] : [texts.oneArm(arms === 'right-only')])
	];
	return [
		{
			title: texts.person,
			lines: [
				line(texts.stature, length(person.stature)),
				line(texts.shoes, length(person.heel)),
				line(texts.hand, t.options.hand[person.hand]),
				...(pointingHandOf(person) === person.hand
					? []
					: [line(texts.pointer, t.options.hand[pointingHandOf(person)])]),
				line(texts.lenses, t.options.lenses[person.lenses]),
				line(texts.back, t.options.back[person.back]),
				line(texts.wrists, t.options.wrists[person.wrists]),
				...(allowed.length > 0 ? [line(texts.toAllowFor, allowed.join(', '))] : [])
			]
		},
		{
			title: texts.measured,
			lines: measured.length > 0 ? measured : [line(texts.nothing, texts.allEstimated)]
		},
		...(photo
			? [{ title: texts.photo(t.dates.day(new Date(photo.on))), lines: photoLines(photo, t, unit) }]
			: []),
		{
			title: texts.spot,
			lines: [
				line(texts.posture, texts.postures[spot.posture]),
				line(texts.measuredWith, t.options.by[spot.by as 'tape'] ?? spot.by),
				line(
					texts.surface,
					`${texts.surfaceIs(t.options.surfaceKind[surface.kind ?? 'table'], length(surface.height), length(surface.depth))}${range(surface.range)}`
				),
				...(seat
					? [
							line(
								texts.seat,
								`${texts.seatIs(texts.seats[seatKindOrChair(seat)], length(seat.height), length(seat.give))}${range(seat.range ?? null)}`
							),
							...(SEAT_RULES[seatKindOrChair(seat)].hasBack
								? [line(texts.backOfSeat, texts.backIs(seat.backrest === true, seat.lumbar === true))]
								: []),
							...(seat.footBar ? [line(texts.footBar, length(seat.footBar))] : [])
						]
					: []),
				line(
					texts.screen,
					`${texts.topOf(texts.screens[screen.kind], length(screen.topAboveBase))}${range(screen.range)}${texts.away(length(screen.distance))}`
				),
				line(texts.keys, texts.keysAre(keys.kind === 'separate')),
				...(keys.tray
					? [line(texts.tray, texts.trayIs(length(keys.tray.height), length(keys.tray.thickness)))]
					: []),
				line(texts.pointing, t.options.mouse[spot.mouse])
			]
		},
		{
			title: texts.inTheHouse,
			lines: [
				...(household.length > 0
					? household.map((item) =>
							line(
								item.label,
								`${item.count ?? 1} × ${item.size.map((side) => formatLength(side, unit, { withUnit: false })).join(' × ')} ${unit}`
							)
						)
					: [line(texts.nothing, texts.nothingListed)]),
				...(devices.length > 0
					? [line(texts.unusedAtHome, devices.map((device) => t.things.deviceNames[device]).join(', '))]
					: [])
			]
		}
	];
}
