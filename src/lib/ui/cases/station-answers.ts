import { askedItems, type Checklist } from '$lib/core/questionnaire/checklist/checklist';
import { CHECKLIST_STATIONS, type ChecklistStation } from '$lib/core/questionnaire/checklist/stations';
import type { Facts } from '$lib/core/plan/conditions/facts';
import { findingName, type ChecklistTexts } from '$lib/messages/checklist';
import { wordsFor, type WordsByFacts } from '$lib/messages/words-by-facts';

interface StationAnswer {
	readonly id: string;
	readonly question: string;
	/** Null where it was not asked or not answered. */
	readonly answer: string | null;
	/** The answer's finding, in words; null where it is fine. */
	readonly finding: string | null;
}

/** A station with its questions: what was answered, and what was not asked. */
export interface StationAnswers {
	readonly station: ChecklistStation;
	readonly name: string;
	readonly answered: readonly StationAnswer[];
	/** Questions that could have been asked and were not: no answer would have changed the result. */
	readonly notAsked: readonly string[];
}

/**
 * Checklist answers by station, in the wording of that version.
 * @param checklist what was asked
 */
export function stationAnswers(
	checklist: Checklist,
	answers: Readonly<Partial<Record<string, string>>>,
	facts: Facts,
	texts: ChecklistTexts
): StationAnswers[] {
	const could = askedItems(checklist, facts, answers);
	return CHECKLIST_STATIONS.map((station) => {
		const mine = could.filter((item) => item.station === station);
		const words = (id: string) => texts.items[id as keyof ChecklistTexts['items']];
		const asked = (id: string) => wordsFor(words(id).question, facts);
		const answered = mine.flatMap(({ id, answers: options }): StationAnswer[] => {
			const given = options.find((option) => option.id === answers[id]);
			if (!given) return [];
			return [
				{
					id,
					question: asked(id),
					answer: wordsFor(
						(words(id).answers as Readonly<Record<string, WordsByFacts>>)[given.id] ?? given.id,
						facts
					),
					finding: given.finding && findingName(texts, given.finding)
				}
			];
		});
		const notAsked = mine.filter(({ id }) => !answers[id]).map(({ id }) => asked(id));
		return { station, name: texts.stations[station], answered, notAsked };
	}).filter(({ answered, notAsked }) => answered.length + notAsked.length > 0);
}
