import { HOUSEHOLD_KINDS } from '$lib/core/workstation/corner/vocabulary';
import { PLAN_ITEMS, type PlanItem } from '$lib/core/cases/case-assessment/vocabulary';
import {
	askedCode,
	BUILT_HEIGHTS,
	closeCode,
	KEPT_AFTER_DAYS,
	keptCode,
	measuredCode,
	stepCode,
	stepDoneCode
} from '$lib/core/workforce/plan-step-codes';
import { builtFrom } from '$lib/core/workforce/built-from';
import type { FigureTable, PublishedShare } from '$lib/core/workforce/figures';
import { deskCatalogue, deskWords } from '$lib/messages/desk';

/** A figure of one step, or of one kind of item at a step. */
export interface StepRow {
	readonly key: string;
	readonly words: string;
	readonly figure: PublishedShare | null;
}

const shareOf = ({ figures }: Pick<FigureTable, 'figures'>, code: string) =>
	figures.find((one) => one.code === code)?.all ?? null;

/** Rows of what somebody has, in the order of work; hidden ones only where the number of people is published. */
function rowsOf(
	table: Pick<FigureTable, 'figures'>,
	of: readonly { readonly base: string; readonly code: string; readonly words: string }[]
): StepRow[] {
	return of.flatMap(({ base, code, words }) =>
		shareOf(table, base) ? [{ key: code, words, figure: shareOf(table, code) }] : []
	);
}

const placeWords = (place: PlanItem) => deskCatalogue().steps.places[place];

/** Figures of plan steps, as rows. */
export function stepRows(table: Pick<FigureTable, 'figures'>) {
	const done = rowsOf(
		table,
		PLAN_ITEMS.map((place) => ({
			base: stepCode(place),
			code: stepDoneCode(place),
			words: placeWords(place)
		}))
	);
	const kept = KEPT_AFTER_DAYS.map((days) => ({
		days,
		rows: rowsOf(
			table,
			PLAN_ITEMS.map((place) => ({
				base: askedCode(days, place),
				code: keptCode(days, place),
				words: placeWords(place)
			}))
		)
	}));
	const [days] = KEPT_AFTER_DAYS;
	const byItem = rowsOf(
		table,
		PLAN_ITEMS.flatMap((place) =>
			HOUSEHOLD_KINDS.map((kind) => ({
				base: askedCode(days, builtFrom(place, kind)),
				code: keptCode(days, builtFrom(place, kind)),
				words: deskWords.workforce.stepWithItem(placeWords(place), deskCatalogue().things.names[kind])
			}))
		)
	);
	const built = rowsOf(
		table,
		BUILT_HEIGHTS.map((field) => ({
			base: measuredCode(field),
			code: closeCode(field),
			words: deskWords.workforce.builtHeights[field]
		}))
	);
	return { done, kept, byItem, built };
}

/** The row with the smallest share; null where none is shown. */
export function smallestOf(rows: readonly StepRow[]): { words: string; figure: PublishedShare } | null {
	const shown = rows.flatMap(({ words, figure }) => (figure ? [{ words, figure }] : []));
	return shown.sort((a, b) => a.figure.share - b.figure.share)[0] ?? null;
}
