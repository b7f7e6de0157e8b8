import { CORNER_BOUNDS, LONGEST_LABEL, type HouseholdItem, type HouseholdKind } from '../corner';
import { firstLetters } from '../first-letters';
import { LEFT_UNDER_LOAD } from '../household';
import { formatLength, type LengthUnit } from '../length';
import { MOST_THINGS, thingField, type Answers } from './fields';
import { readLength, type FieldIssue } from './read-length';

/** A kind of household stock on the shelf: its usual size and how many come to mind first. */
export interface ShelfItem {
	readonly kind: HouseholdKind;
	/** Length, width and height (or thickness; of one layer for towels and blankets), mm. */
	readonly size: readonly [number, number, number];
}

/** The shelf of household stock with usual sizes. Common practice; the sizes are ours, to be corrected by measuring. */
export const SHELF: readonly ShelfItem[] = [
	{ kind: 'book', size: [300, 230, 35] },
	{ kind: 'ream', size: [297, 210, 52] },
	{ kind: 'sturdy-box', size: [400, 300, 150] },
	{ kind: 'board-game', size: [380, 270, 55] },
	{ kind: 'light-box', size: [330, 250, 120] },
	{ kind: 'step-stool', size: [400, 280, 220] },
	{ kind: 'binder', size: [320, 285, 75] },
	{ kind: 'pillow', size: [700, 450, 140] },
	{ kind: 'cushion', size: [400, 400, 60] },
	{ kind: 'towel', size: [1400, 700, 5] },
	{ kind: 'blanket', size: [1900, 1400, 4] },
	{ kind: 'bolster', size: [600, 180, 180] }
];

/** Whether a text is a kind of household stock. */
export function isHouseholdKind(text: string | undefined): text is HouseholdKind {
	return SHELF.some((item) => item.kind === text);
}

/** Indexes of the things that are listed: those with a kind. A count of 0 stays listed and is not used. */
export function listedThings(answers: Answers): number[] {
	return Array.from({ length: MOST_THINGS }, (_, i) => i).filter((i) =>
		isHouseholdKind(answers[thingField(i, 'kind')])
	);
}

/** Index for a new thing: after all that are listed, or the first gap; null where the list is full. */
export function freeThing(answers: Answers): number | null {
	const listed = listedThings(answers);
	const after = Math.max(-1, ...listed) + 1;
	if (after < MOST_THINGS) return after;
	return Array.from({ length: MOST_THINGS }, (_, i) => i).find((i) => !listed.includes(i)) ?? null;
}

/** Fields of a new thing of a kind, with its usual size. */
export function newThing(
	index: number,
	kind: HouseholdKind,
	label: string,
	unit: LengthUnit
): Record<string, string> {
	const [a, b, c] = SHELF.find((item) => item.kind === kind)?.size ?? [0, 0, 0];
	const text = (mm: number) => formatLength(mm, unit, { withUnit: false });
	return {
		[thingField(index, 'kind')]: kind,
		[thingField(index, 'label')]: label,
		[thingField(index, 'count')]: '1',
		[thingField(index, 'a')]: text(a),
		[thingField(index, 'b')]: text(b),
		[thingField(index, 'c')]: text(c)
	};
}

/**
 * Fields that one more thing of a kind fills: another of those that are listed, or the first of its kind with its usual size. Null where
 * the list is full.
 */
export function oneMore(
	answers: Answers,
	kind: HouseholdKind,
	label: string,
	unit: LengthUnit
): Record<string, string> | null {
	const last = listedThings(answers).findLast((index) => answers[thingField(index, 'kind')] === kind);
	if (last !== undefined) {
		const field = thingField(last, 'count');
		const counted = Number(answers[field] ?? 1);
		return { [field]: String((Number.isInteger(counted) && counted > 0 ? counted : 0) + 1) };
	}
	const index = freeThing(answers);
	return index === null ? null : newThing(index, kind, label, unit);
}

/** Name of the field that says that one piece doesn't work here: `out.t3` or, of several alike, `out.t3#2`. */
export function outField(pieceId: string): string {
	return `out.${pieceId}`;
}

/** Names of such fields. */
export const OUT_FIELD_PATTERN = '^out\\.t(?:[0-9]|[123][0-9])(?:#[0-9]{1,3})?$';

/** Ids of the pieces that are left out. */
export function piecesLeftOut(answers: Answers): string[] {
	return Object.entries(answers)
		.filter(([name, text]) => name.startsWith('out.') && text === 'yes')
		.map(([name]) => name.slice('out.'.length));
}

/** Fields by which everything of a kind that is listed doesn't work here. */
export function fieldsWithoutKind(answers: Answers, kind: HouseholdKind): Record<string, string> {
	const ids = listedThings(answers)
		.filter((index) => answers[thingField(index, 'kind')] === kind)
		.flatMap((index) => {
			const many = Number(answers[thingField(index, 'count')] || 1) || 1;
			return Array.from({ length: many }, (_, i) => (i === 0 ? `t${index}` : `t${index}#${i + 1}`));
		});
	return Object.fromEntries(ids.map((id) => [outField(id), 'yes']));
}

/** Name of the field that holds how much a soft thing really rises under this person, mm. */
export function learnedField(index: number): string {
	return `learned.${index}`;
}

/**
 * A pillow or cushion that rises by what was learnt of it: its thickness becomes the one that the usual rule makes that
 * rise of. What was typed stays as it was typed.
 */
function asLearned(item: HouseholdItem, text: string | undefined): HouseholdItem {
	const rise = Number(text || NaN);
	if ((item.kind !== 'pillow' && item.kind !== 'cushion') || !(rise >= 1)) return item;
	const thickness = Math.max(1, Math.round(rise / LEFT_UNDER_LOAD[item.kind]));
	const [thinnest = 0] = [...item.size].sort((a, b) => a - b);
	const at = item.size.indexOf(thinnest);
	const size = item.size.map((side, i) => (i === at ? thickness : side)) as unknown as HouseholdItem['size'];
	return { ...item, size };
}

const USUAL_SIDE = [3, 2200] as const;

/** The fields of a thing's three sides. */
export const SIDE_PARTS = ['a', 'b', 'c'] as const;

function count(answers: Answers, index: number): number | FieldIssue {
	const field = thingField(index, 'count');
	const text = (answers[field] ?? '1').trim();
	const [, most] = CORNER_BOUNDS.count;
	return /^\d{1,3}$/.test(text) && Number(text) <= most
		? Number(text)
		: { field, code: 'not-a-count', bounds: [0, most] };
}

function thingOf(
	answers: Answers,
	index: number,
	unit: LengthUnit
): { item: HouseholdItem | null; issues: FieldIssue[] } {
	const kind = answers[thingField(index, 'kind')];
	if (!isHouseholdKind(kind)) return { item: null, issues: [] };
	const counted = count(answers, index);
	if (counted === 0) return { item: null, issues: [] };
	const sides = SIDE_PARTS.map((part) => {
		const field = thingField(index, part);
		return readLength(field, answers[field], unit, { bounds: CORNER_BOUNDS.side, usual: USUAL_SIDE });
	});
	const issues = sides.flatMap((side) => (side.ok ? [] : [side.issue]));
	if (typeof counted !== 'number') issues.push(counted);
	const [a, b, c] = sides;
	if (issues.length > 0 || typeof counted !== 'number' || !a?.ok || !b?.ok || !c?.ok)
		return { item: null, issues };
	const label = firstLetters((answers[thingField(index, 'label')] ?? '').trim(), LONGEST_LABEL);
	return {
		item: { id: `t${index}`, kind, label: label || kind, size: [a.mm, b.mm, c.mm], count: counted },
		issues
	};
}

/** The household as listed, and what can't be read of it. */
export function householdOf(
	answers: Answers,
	unit: LengthUnit
): { items: HouseholdItem[]; issues: FieldIssue[] } {
	const left = piecesLeftOut(answers);
	const things = listedThings(answers).map((index) => {
		const { item, issues } = thingOf(answers, index, unit);
		return { item: item && asLearned(item, answers[learnedField(index)]), issues };
	});
	// Copies are alike: with one of three left out, two are there.
	const there = (item: HouseholdItem): HouseholdItem[] => {
		const out = left.filter((id) => id === item.id || id.startsWith(`${item.id}#`)).length;
		const count = (item.count ?? 1) - out;
		return count > 0 ? [{ ...item, count }] : [];
	};
	return {
		items: things.flatMap(({ item }) => (item ? there(item) : [])),
		issues: things.flatMap(({ issues }) => issues)
	};
}
