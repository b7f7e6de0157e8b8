import { checklistAnswersOf, factsOfAnswers } from '$lib/core/questionnaire/answers/checklist-fields';
import type { Answers } from '$lib/core/questionnaire/answers/fields';
import { askedItems, type Checklist } from '$lib/core/questionnaire/checklist/checklist';
import { findingRule, type FindingId } from '$lib/core/questionnaire/checklist/findings';
import { findingsForFacts } from '$lib/core/questionnaire/checklist/order-findings';
import { fixRule, type HouseholdFix } from '$lib/core/questionnaire/checklist/fixes';
import type { ChecklistItem } from '$lib/core/questionnaire/checklist/item';
import { conditionHolds } from '$lib/core/plan/conditions/fact-condition';
import type { Facts } from '$lib/core/plan/conditions/facts';

/** Most pieces of advice shown for one problem, as on a person's plan. */
const MOST_FIXES = 2;

/** A checklist while it is tried: the same questions, conditions and problems as for a person, saved nowhere. */
export class ChecklistTrial {
	answers = $state.raw<Answers>({});
	readonly checklist: Checklist = $derived.by(() => this.read());
	readonly facts: Facts = $derived.by(() => factsOfAnswers(this.answers, 'upright'));
	readonly items: readonly ChecklistItem[] = $derived.by(() =>
		askedItems(this.checklist, this.facts, checklistAnswersOf(this.answers))
	);
	/** The problems that the answers show, with Easy Corner's advice. */
	readonly found: readonly { readonly finding: FindingId; readonly fixes: readonly HouseholdFix[] }[] =
		$derived.by(() => {
			const found = findingsForFacts(this.checklist, this.facts, checklistAnswersOf(this.answers));
			const ids = found.map(({ finding }) => finding);
			return ids
				.filter((id, i) => ids.indexOf(id) === i)
				.map((finding) => ({
					finding,
					fixes: findingRule(finding, this.checklist.own)
						.household.filter((fix) => conditionHolds(fixRule(fix).holds, this.facts))
						.slice(0, MOST_FIXES)
				}));
		});

	/** @param read reads the checklist as it is now */
	constructor(private readonly read: () => Checklist) {}

	set(field: string, text: string): void {
		this.answers = { ...this.answers, [field]: text };
	}
}
