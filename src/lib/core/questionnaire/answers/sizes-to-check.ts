import type { Station } from '../../workstation/household/stations';
import { formatLength } from '../../body/length/format-length';
import { listedThings, THING_CHOICES, type ThingChoice } from './household-things';
import { thingField, unitOf, type Answers } from './fields';
import { readLengthField } from './read-length-field';
import { CORNER_BOUNDS } from '../../workstation/corner/corner-bounds';

/** A household item that a plan uses with its usual size: is the pile really that high? */
export interface SizeToCheck {
	/** Index of the item in the list. */
	readonly index: number;
	readonly label: string;
	/** How many of them the plan uses. */
	readonly used: number;
	/** Their height together as the plan assumes it, mm. */
	readonly riseMm: number;
}

/** Items used by a plan, by station. */
interface PlannedPieces {
	readonly stations: Readonly<
		Record<Station, { readonly pieces: readonly { readonly id: string; readonly rise: number }[] }>
	>;
}

/** Name of the field that says the size of an item was checked or given by the person. */
function sizeConfirmedField(index: number): string {
	return thingField(index, 'sure');
}

function isUsual(answers: Answers, index: number, kinds: readonly ThingChoice[]): boolean {
	const kind = answers[thingField(index, 'kind')];
	const usual = kinds.find((item) => item.kind === kind)?.size[2];
	const field = thingField(index, 'c');
	const read = readLengthField(field, answers[field], unitOf(answers), {
		bounds: CORNER_BOUNDS.side,
		usual: CORNER_BOUNDS.side
	});
	return read.ok && read.mm === usual;
}

/**
 * Items whose size is worth checking: a plan builds with them at their usual height, which nobody has confirmed. Soft items are compressed
 * by the person's weight; they are checked by measuring the seat again.
 * @param kinds with the sizes that they start with
 */
export function sizesToCheck(
	answers: Answers,
	plan: PlannedPieces | null,
	kinds: readonly ThingChoice[] = THING_CHOICES
): SizeToCheck[] {
	if (!plan) return [];
	const firm = Object.entries(plan.stations).flatMap(([station, { pieces }]) =>
		station === 'seat' ? [] : pieces
	);
	return listedThings(answers).flatMap((index): SizeToCheck[] => {
		const used = firm.filter(({ id }) => id.replace(/#\d+$/, '') === `t${index}`);
		if (used.length === 0 || answers[sizeConfirmedField(index)] === 'yes' || !isUsual(answers, index, kinds))
			return [];
		return [
			{
				index,
				label: answers[thingField(index, 'label')] ?? '',
				used: used.length,
				riseMm: used.reduce((sum, { rise }) => sum + rise, 0)
			}
		];
	});
}

/**
 * The fields filled by a checked size.
 * @param riseMm measured height of that many items together; as assumed if left out
 */
export function confirmedSizeFields(
	answers: Answers,
	{ index, used }: SizeToCheck,
	riseMm?: number
): Record<string, string> {
	const sure = { [sizeConfirmedField(index)]: 'yes' };
	if (riseMm === undefined) return sure;
	const each = Math.max(1, Math.round(riseMm / used));
	return { ...sure, [thingField(index, 'c')]: formatLength(each, unitOf(answers), { withUnit: false }) };
}
