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
	if (step.moves && step.place !== 'screen') words.push(t.steps.set(height));
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
	const target = t.steps.target[step.place];
	if (target && height && !(step.moves && pieces.length === 0 && step.place !== 'screen'))
		words.push(target(height));
	return words;
}
