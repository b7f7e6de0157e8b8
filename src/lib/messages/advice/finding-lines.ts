import type { AdvisedFinding } from '$lib/core/plan/advice/advised-findings';
import { findingRule, type FindingId } from '$lib/core/questionnaire/checklist/findings';
import { isPurchaseUseful } from '$lib/core/questionnaire/checklist/fixes';
import type { OwnParts } from '$lib/core/questionnaire/checklist/own-parts';
import { conditionHolds } from '$lib/core/plan/conditions/fact-condition';
import type { Facts } from '$lib/core/plan/conditions/facts';
import type { RequestableItem } from '$lib/core/plan/equipment';
import type { Region } from '$lib/core/cases/discomfort/regions';
import { checklistTextsFor, findingName, ownFixWords } from '../checklist';
import { messagesFor } from '../index';
import { regionWithin } from '../region-words';
import { wordsFor } from '../words-by-facts';

/** A finding that isn't about a height, in words. */
export interface FindingLine {
	readonly finding: FindingId;
	readonly station: string;
	readonly name: string;
	/** How far off, mm; null where no length says. */
	readonly offMm: number | null;
	/** Whether the plan itself causes it. */
	readonly isCaused: boolean;
	/** What to do about it with household items. */
	readonly fixes: readonly string[];
	/** What could be borrowed for it. */
	readonly shop: readonly { readonly thing: RequestableItem; readonly words: string }[];
	/** Cautions, shown where the risk is. */
	readonly cautions: readonly string[];
	/** Why it comes first: the discomfort it may explain, by side and kind; null if none. */
	readonly because: string | null;
	/** Reported regions tied to it, and whether that moved it forward in its station. */
	readonly tiedTo: readonly Region[];
	readonly isMovedUp: boolean;
}

/** Findings in words. @param own what the organisation has added to the checklist */
export function findingLines(
	facts: Facts,
	advised: readonly AdvisedFinding[],
	locale: string,
	own?: OwnParts
): FindingLine[] {
	const texts = checklistTextsFor(locale, own);
	const t = messagesFor(locale);
	return advised
		.filter(({ fate }) => fate !== 'closed')
		.map(({ finding, station, measured, fate, fixes, cause, tiedTo, isMovedUp }) => {
			const { shop, cautions } = findingRule(finding, own);
			const ownFix = ownFixWords(finding, locale, own);
			return {
				finding,
				station: texts.stations[station],
				name: findingName(texts, finding),
				offMm: measured?.offMm ?? null,
				isCaused: fate === 'caused',
				fixes: [...(ownFix ? [ownFix] : []), ...fixes.map((fix) => wordsFor(texts.household[fix], facts))],
				shop: shop
					.filter((thing) => conditionHolds(isPurchaseUseful(thing), facts))
					.map((thing) => ({ thing, words: texts.shop[thing] })),
				cautions: cautions.map((caution) => texts.cautions[caution]),
				because:
					cause &&
					texts.causes[cause.cause](t.lists.and(cause.reports.map((report) => regionWithin(report, t)))),
				tiedTo: cause ? [] : tiedTo,
				isMovedUp
			};
		});
}
