import type { PlanStep, StepPiece } from '$lib/core/plan/plan-steps';
import { outsideBand } from '$lib/core/workstation/checks/check-corner';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Catalogue } from '$lib/messages/shapes';

function pieceWords(piece: StepPiece, t: Catalogue, unit: LengthUnit): string {
	if (piece.roll) {
		const { folds, rolledLength, diameter } = piece.roll;
		const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
		return t.steps.rolled(piece.label, {
			folds,
			length: length(rolledLength),
			diameter: length(diameter)
		});
	}
	if (piece.mode.startsWith('fold-')) return t.steps.folded(piece.label, piece.mode.slice('fold-'.length));
	if (piece.mode.startsWith('face-'))
		return t.steps.face(piece.label, formatLength(piece.rise, unit, { locale: t.locale }));
	return piece.label;
}

/** How to carry out a step, besides its items and height. */
function howWords({ place, pieces, wording }: PlanStep, t: Catalogue): string {
	const isBuilt = pieces.length > 0;
	const how: Partial<Record<PlanStep['place'], string>> = {
		seat: isBuilt ? t.steps.seatPads : '',
		feet: t.steps.feet,
		back: t.steps.back[wording === 'behind' ? 'behind' : 'hollow'],
		keys: [isBuilt ? t.steps.keysStack : '', keysPlace(isBuilt, wording, t)].filter(Boolean).join(' '),
		mouse: t.steps.mouse,
		screen: isBuilt ? t.steps.screenOn : '',
		tilt: t.steps.tilt
	};
	return how[place] ?? '';
}

function keysPlace(isBuilt: boolean, wording: PlanStep['wording'], t: Catalogue): string {
	if (wording === 'pushed-back') return t.steps.keysBack;
	return isBuilt ? '' : t.steps.keysFlat;
}

/** A step in sentences: the items from the bottom up, and how they are placed. */
export function stepWords(step: PlanStep, t: Catalogue, unit: LengthUnit): string[] {
	const { place } = step;
	const pieces = step.pieces.map((piece) => pieceWords(piece, t, unit));
	const list = t.lists.plain(pieces);
	const words: string[] = [];
	const height = step.target === null ? '' : formatLength(step.target, unit, { locale: t.locale });
	const setTo = step.setTo === null ? '' : formatLength(step.setTo, unit, { locale: t.locale });
	if (setTo && (place === 'seat' || place === 'surface' || place === 'distance'))
		words.push(t.steps.set[place](setTo));
	if (pieces.length > 1) words.push(t.steps.bottomUp(list));
	else if (pieces.length === 1) words.push(`${list}.`);
	const how = howWords(step, t);
	if (how) words.push(how);
	// The screen is set last, on its base; its height has been stated then.
	if (setTo && place === 'screen') return [...words, t.steps.set.screen(setTo)];
	const target = t.steps.target[place];
	if (target && height && !(setTo && place === 'surface')) words.push(target(height));
	return words;
}

/** From this far below the eye, mm, one looks over a screen's top edge: for lenses whose lower part is for reading. */
const LOOKED_OVER_FROM_MM = -40;

/** From this elbow height above the keyboard, mm, the forearms slope: the style "open". */
const SLOPING_FROM_MM = 40;

/** What stays this far outside its range is shown as a gap, mm: nobody is asked to see that it fits. */
const NOT_RIGHT_FROM_MM = 10;

/** How to see that a step worked, for the range it was planned for; empty where it leaves a gap, which is shown next to it. */
export function stepCheck({ place, after, wording }: PlanStep, t: Catalogue, unit: LengthUnit): string {
	const { check } = t.steps;
	if (after && outsideBand(after) > NOT_RIGHT_FROM_MM) return '';
	const ideal = after?.ideal ?? 0;
	const forearms = ideal >= SLOPING_FROM_MM ? check.forearmsSloping : check.forearmsLevel;
	switch (place) {
		case 'surface':
		case 'seat':
			return forearms;
		case 'feet':
			return ideal > 0 ? check.kneesLower : check.kneesHigher;
		case 'back':
			return check[wording === 'behind' ? 'behind' : 'hollow'];
		case 'keys':
			return wording === 'pushed-back' ? check.forearmsCarried : check.wrists;
		case 'screen':
			return ideal <= LOOKED_OVER_FROM_MM
				? check.lookOver(formatLength(-ideal, unit, { locale: t.locale }))
				: check.topEdge;
		case 'mouse':
		case 'distance':
		case 'tilt':
			return check[place];
	}
}
