import { CORNER_BOUNDS, MAX_LABEL_CHARS } from '../../workstation/corner/corner-bounds';
import type { HouseholdItem } from '../../workstation/corner/corner';
import type { HouseholdKind } from '../../workstation/corner/vocabulary';
import { truncateText } from '../../platform/truncate-text';
import { COMPRESSED_FRACTION } from '../../workstation/household/placement-modes';
import { isPad, PAD_KINDS, type PadKind } from '../../workstation/household/pads';
import { formatLength } from '../../body/length/format-length';
import type { LengthUnit } from '../../body/length/mm';
import { MAX_HOUSEHOLD_THINGS, thingField, unitOf, type Answers } from './fields';
import { readLengthField, type FieldIssue } from './read-length-field';

/** A kind of household item that can be chosen: its usual size, and how many are suggested at first. */
export interface ThingChoice {
	readonly kind: HouseholdKind;
	/** Length, width and height (or thickness; of one layer for towels and blankets), mm. */
	readonly size: readonly [number, number, number];
}

/** Usual sizes, in the order in which kinds are offered. Common practice; the sizes are our assumption, to be corrected by measuring. */
const USUAL_SIZES: Readonly<Record<HouseholdKind, ThingChoice['size']>> = {
	book: [300, 230, 35],
	ream: [297, 210, 52],
	'sturdy-box': [400, 300, 150],
	'board-game': [380, 270, 55],
	'light-box': [330, 250, 120],
	'step-stool': [400, 280, 220],
	binder: [320, 285, 75],
	pillow: [700, 450, 140],
	cushion: [400, 400, 60],
	towel: [1400, 700, 5],
	blanket: [1900, 1400, 4],
	bolster: [600, 180, 180]
};

/** The household items that are offered, each with its usual size. */
export const THING_CHOICES: readonly ThingChoice[] = (Object.keys(USUAL_SIZES) as HouseholdKind[]).map(
	(kind) => ({
		kind,
		size: USUAL_SIZES[kind]
	})
);

/** Whether a text is a kind of household item. */
function isHouseholdKind(text: string | undefined): text is HouseholdKind {
	return THING_CHOICES.some((item) => item.kind === text);
}

/** Indexes of the items listed: those with a kind. One with a count of 0 stays listed but is not used. */
export function listedThings(answers: Answers): number[] {
	return Array.from({ length: MAX_HOUSEHOLD_THINGS }, (_, i) => i).filter((i) =>
		isHouseholdKind(answers[thingField(i, 'kind')])
	);
}

/** Index for a new item: after the last one listed, or the first gap; null where the list is full. */
function nextThingIndex(answers: Answers): number | null {
	const listed = listedThings(answers);
	const after = Math.max(-1, ...listed) + 1;
	if (after < MAX_HOUSEHOLD_THINGS) return after;
	return Array.from({ length: MAX_HOUSEHOLD_THINGS }, (_, i) => i).find((i) => !listed.includes(i)) ?? null;
}

/** An item to list. */
export interface ThingToAdd extends ThingChoice {
	readonly label: string;
	/** Whether it is another item than the usual one of its kind, and so counted for itself. */
	readonly isOwn?: boolean;
}

/** Fields of a new item. */
export function newThingFields(
	index: number,
	{ kind, size: [a, b, c], label }: ThingToAdd,
	unit: LengthUnit
): Record<string, string> {
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
 * Fields that add one more item: one more of an item already listed, or the first of its kind with the size that it starts with. Null where
 * the list is full.
 */
export function addThingFields(
	answers: Answers,
	thing: ThingToAdd,
	unit: LengthUnit
): Record<string, string> | null {
	const last = listedThings(answers).findLast(
		(index) =>
			answers[thingField(index, 'kind')] === thing.kind &&
			(!thing.isOwn || answers[thingField(index, 'label')] === thing.label)
	);
	if (last !== undefined) {
		const field = thingField(last, 'count');
		const counted = Number(answers[field] ?? 1);
		return { [field]: String((Number.isInteger(counted) && counted > 0 ? counted : 0) + 1) };
	}
	const index = nextThingIndex(answers);
	return index === null ? null : newThingFields(index, thing, unit);
}

/** Name of the field that says one item doesn't work here: `out.t3` or, for one of several alike, `out.t3#2`. */
export function leftOutField(pieceId: string): string {
	return `out.${pieceId}`;
}

/** Pattern for the names of such fields. */
export const LEFT_OUT_FIELD_PATTERN = '^out\\.t(?:[0-9]|[123][0-9])(?:#[0-9]{1,3})?$';

/** Ids of the items left out. */
export function piecesLeftOut(answers: Answers): string[] {
	return Object.entries(answers)
		.filter(([name, text]) => name.startsWith('out.') && text === 'yes')
		.map(([name]) => name.slice('out.'.length));
}

/** Fields that leave out everything of a kind. */
export function leaveOutKindFields(answers: Answers, kind: HouseholdKind): Record<string, string> {
	const ids = listedThings(answers)
		.filter((index) => answers[thingField(index, 'kind')] === kind)
		.flatMap((index) => {
			const many = Number(answers[thingField(index, 'count')] || 1) || 1;
			return Array.from({ length: many }, (_, i) => (i === 0 ? `t${index}` : `t${index}#${i + 1}`));
		});
	return Object.fromEntries(ids.map((id) => [leftOutField(id), 'yes']));
}

/** Name of the field for how much a soft item really raises this person, mm. */
export function measuredRiseField(index: number): string {
	return `learned.${index}`;
}

/** Name of the field for the share of a pad's thickness that remains under people, percent, as colleagues have measured it. */
export function padShareField(kind: PadKind): string {
	return `pads.${kind}`;
}

/**
 * A pillow or cushion with its measured rise, or with the rise that colleagues' measurements lead to expect: its thickness becomes the one
 * from which the usual rule gives that rise. What was typed stays as typed.
 */
function asLearned(item: HouseholdItem, answers: Answers): HouseholdItem {
	if (!isPad(item.kind)) return item;
	const [thinnest = 0] = [...item.size].sort((a, b) => a - b);
	const own = Number(answers[measuredRiseField(Number(item.id.slice(1)))] || NaN);
	const percent = Number(answers[padShareField(item.kind)] || NaN);
	const rise = own >= 1 ? own : (thinnest * percent) / 100;
	if (!(rise > 0)) return item;
	const thickness = Math.max(1, Math.round(rise / COMPRESSED_FRACTION[item.kind]));
	const at = item.size.indexOf(thinnest);
	const size = item.size.map((side, i) => (i === at ? thickness : side)) as unknown as HouseholdItem['size'];
	return { ...item, size };
}

const USUAL_SIDE = [3, 2200] as const;

/** The fields for an item's three dimensions. */
export const THING_SIDE_PARTS = ['a', 'b', 'c'] as const;

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
	const sides = THING_SIDE_PARTS.map((part) => {
		const field = thingField(index, part);
		return readLengthField(field, answers[field], unit, { bounds: CORNER_BOUNDS.side, usual: USUAL_SIDE });
	});
	const issues = sides.flatMap((side) => (side.ok ? [] : [side.issue]));
	if (typeof counted !== 'number') issues.push(counted);
	const [a, b, c] = sides;
	if (issues.length > 0 || typeof counted !== 'number' || !a?.ok || !b?.ok || !c?.ok)
		return { item: null, issues };
	const label = truncateText((answers[thingField(index, 'label')] ?? '').trim(), MAX_LABEL_CHARS);
	return {
		item: { id: `t${index}`, kind, label: label || kind, size: [a.mm, b.mm, c.mm], count: counted },
		issues
	};
}

/**
 * What someone's measurements say of their pads: of each kind, the share of its thickness that remains under them, in whole percent; the
 * geometric mean where they have measured several. Kinds they haven't measured are left out.
 */
export function measuredPadShares(answers: Answers): Partial<Record<PadKind, number>> {
	const logs = new Map<PadKind, number[]>();
	for (const index of listedThings(answers)) {
		const { item } = thingOf(answers, index, unitOf(answers));
		const rise = Number(answers[measuredRiseField(index)] || NaN);
		if (!item || !isPad(item.kind) || !(rise >= 1)) continue;
		const share = Math.log(rise / Math.min(...item.size));
		logs.set(item.kind, [...(logs.get(item.kind) ?? []), share]);
	}
	return Object.fromEntries(
		[...logs].map(([kind, of]) => [
			kind,
			Math.round(100 * Math.exp(of.reduce((sum, log) => sum + log, 0) / of.length))
		])
	);
}

/**
 * Pads of someone's household that are expected to sink as colleagues have measured it: the share of their thickness that remains, percent.
 * Kinds of which they have measured their own are left out.
 */
export function expectedPadShares(answers: Answers): { readonly kind: PadKind; readonly percent: number }[] {
	return PAD_KINDS.flatMap((kind) => {
		const listed = listedThings(answers).filter((index) => answers[thingField(index, 'kind')] === kind);
		const isExpected = listed.some((index) => !answers[measuredRiseField(index)]);
		const percent = Number(answers[padShareField(kind)] || NaN);
		return isExpected && percent > 0 ? [{ kind, percent }] : [];
	});
}

/** The household items listed, and what is unreadable among them. */
export function householdOf(
	answers: Answers,
	unit: LengthUnit
): { items: HouseholdItem[]; issues: FieldIssue[] } {
	const left = piecesLeftOut(answers);
	const things = listedThings(answers).map((index) => {
		const { item, issues } = thingOf(answers, index, unit);
		return { item: item && asLearned(item, answers), issues };
	});
	// Copies are alike: with one of three left out, two remain.
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
