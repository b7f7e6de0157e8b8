import { kindOfSeat, SEAT_RULES, type Corner } from '$lib/core/corner';
import { formatLength, type LengthUnit } from '$lib/core/length';
import type { Catalogue } from '$lib/messages';

/** One answer as the coordinator reads it. */
export interface AnswerLine {
	readonly name: string;
	readonly words: string;
}

/** The answers of a corner document, by part, in words. */
export function answerLines(
	corner: Corner,
	t: Catalogue,
	unit: LengthUnit
): { title: string; lines: AnswerLine[] }[] {
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	const range = (r: readonly [number, number] | null) =>
		r ? `, moves ${length(r[0])} to ${length(r[1])}` : '';
	const { person, body, spot, household } = corner;
	const { seat, surface, screen, keys } = spot;
	const line = (name: string, words: string): AnswerLine => ({ name, words });
	const measured = Object.entries(body).map(([name, value]) =>
		line(
			t.fields[name as keyof typeof body],
			`${length(value.mm)}, ${t.options.bodyBy[value.by as 'tape'] ?? value.by}`
		)
	);
	return [
		{
			title: 'Person',
			lines: [
				line('Stature', length(person.stature)),
				line('Shoes', length(person.heel)),
				line('Writing hand', t.options.hand[person.hand]),
				line('Glasses', t.options.lenses[person.lenses]),
				line('Back eased by', t.options.back[person.back]),
				line('Wrists', t.options.wrists[person.wrists])
			]
		},
		{
			title: 'Measured on the body',
			lines: measured.length > 0 ? measured : [line('Nothing', 'all estimated from stature')]
		},
		{
			title: 'Spot',
			lines: [
				line('Posture', spot.posture),
				line('Furniture measured with', t.options.by[spot.by as 'tape'] ?? spot.by),
				line(
					'Surface',
					`${length(surface.height)} high, ${length(surface.depth)} deep${range(surface.range)}`
				),
				...(seat
					? [
							line(
								'Seat',
								`${kindOfSeat(seat)}, ${length(seat.height)}, gives ${length(seat.give)}${range(seat.range ?? null)}`
							),
							...(SEAT_RULES[kindOfSeat(seat)].hasBack
								? [
										line(
											'Back',
											`${seat.backrest ? 'backrest' : 'no backrest'}${seat.lumbar ? ' with lumbar curve' : ''}`
										)
									]
								: [])
						]
					: []),
				line(
					'Screen',
					`${screen.kind}, top ${length(screen.topAboveBase)} above its base${range(screen.range)}, ${length(screen.distance)} away`
				),
				line('Keys', keys.kind === 'separate' ? 'separate keyboard' : 'the laptop’s own'),
				line('Pointing', t.options.mouse[spot.mouse])
			]
		},
		{
			title: 'In the house',
			lines:
				household.length > 0
					? household.map((item) =>
							line(
								item.label,
								`${item.count ?? 1} × ${item.size.map((side) => formatLength(side, unit, { withUnit: false })).join(' × ')} ${unit}`
							)
						)
					: [line('Nothing', 'nothing was listed')]
		}
	];
}
