import type { BreakKind, Rhythm } from '$lib/core/moving';
import type { MovingTexts } from '$lib/messages/moving';

/** The name of a kind of break, as it is for who stays seated or who gets up. */
export function kindWords(texts: MovingTexts, kind: BreakKind, isSeated: boolean): string {
	const seated: Partial<Record<BreakKind, string>> = texts.seatedKinds;
	return (isSeated && seated[kind]) || texts.kinds[kind];
}

/** The same where there is little room. */
export function shortKindWords(texts: MovingTexts, kind: BreakKind, isSeated: boolean): string {
	const seated: Partial<Record<BreakKind, string>> = texts.shortSeatedKinds;
	return (isSeated && seated[kind]) || texts.shortKinds[kind];
}

/** What a rhythm is called, and why somebody would choose it. */
export function rhythmWords(texts: MovingTexts, rhythm: Rhythm, isSeated: boolean) {
	const seated: Partial<MovingTexts['rhythms']> = texts.seatedRhythms;
	return (isSeated && seated[rhythm]) || texts.rhythms[rhythm];
}
