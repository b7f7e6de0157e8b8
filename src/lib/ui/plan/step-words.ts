import type { PlanStep, StepPiece } from '$lib/core/plan';
import { formatLength, type LengthUnit } from '$lib/core/length';
import type { Catalogue } from '$lib/messages';

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

/** What to do at a step, in sentences: the pieces from the bottom up, and how they go there. */
export function stepWords(step: PlanStep, t: Catalogue, unit: LengthUnit): string[] {
	const pieces = step.pieces.map((piece) => pieceWords(piece, t, unit));
	const list = new Intl.ListFormat(t.locale, { type: 'unit' }).format(pieces);
	const words: string[] = [];
	const height = step.target === null ? '' : formatLength(step.target, unit, { locale: t.locale });
	const setTo = step.setTo === null ? '' : formatLength(step.setTo, unit, { locale: t.locale });
	if (setTo && step.place !== 'screen')
		words.push(t.steps.set[step.place === 'seat' ? 'seat' : 'surface'](setTo));
	if (pieces.length > 1) words.push(t.steps.bottomUp(list));
	else if (pieces.length === 1) words.push(`${list}.`);
	const how: Partial<Record<PlanStep['place'], string>> = {
		seat: pieces.length > 0 ? t.steps.seatPads : '',
		feet: t.steps.feet,
		back: t.steps.back,
		keys: pieces.length > 0 ? t.steps.keysStack : t.steps.keysFlat,
		mouse: t.steps.mouse,
		screen: pieces.length > 0 ? t.steps.screenOn : ''
	};
	if (how[step.place]) words.push(how[step.place] ?? '');
	// The screen is set last, on what it stands on; then its height is said already.
	if (setTo && step.place === 'screen') return [...words, t.steps.set.screen(setTo)];
	const target = t.steps.target[step.place];
	if (target && height && !(setTo && step.place === 'surface')) words.push(target(height));
	return words;
}

/** From so far below the eye on, mm, the top edge of a screen is looked over: lenses that are read through at their lower part. */
const LOOKED_OVER_FROM_MM = -40;

/** How to see that a step has worked: for the screen by the band that its height was planned for. */
export function stepCheck(step: PlanStep, t: Catalogue, unit: LengthUnit): string {
	const ideal = step.place === 'screen' ? (step.after?.ideal ?? 0) : 0;
	return ideal <= LOOKED_OVER_FROM_MM
		? t.steps.checkLow(formatLength(-ideal, unit, { locale: t.locale }))
		: t.steps.check[step.place];
}
