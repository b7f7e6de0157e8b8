import type { ChecklistDocument } from '$lib/core/questionnaire/checklist/own-checklist';
import type { ChecklistStation } from '$lib/core/questionnaire/checklist/stations';
import type { FindingId } from '$lib/core/questionnaire/checklist/findings';
import type { OwnItemWords, OwnFindingWords } from '$lib/core/questionnaire/checklist/own-parts';
import { OWN_SECONDS } from '$lib/core/questionnaire/checklist-editor/checklist-limits';
import type { PurchaseFix, HouseholdFix } from '$lib/core/questionnaire/checklist/fixes';
import type { Region } from '$lib/core/cases/discomfort/regions';

/** The first of a new problem's names as an answer has it, before it is saved: its place in the list follows. */
const NEW = 'new-';

/** A problem while it is edited. */
export class ProblemDraft {
	isSafety = $state(false);
	words = $state<Record<string, { name: string; fix: string }>>({});
	regions = $state<Region[]>([]);
	household = $state<HouseholdFix[]>([]);
	shop = $state<PurchaseFix[]>([]);

	/** @param id its id; null for a new one */
	constructor(
		readonly id: string | null,
		document: ChecklistDocument,
		readonly languages: readonly string[]
	) {
		const known = document.findings.find((finding) => finding.id === id);
		this.isSafety = id?.endsWith('-safety') ?? false;
		this.regions = [...(known?.regions ?? [])];
		this.household = [...(known?.household ?? [])];
		this.shop = [...(known?.shop ?? [])];
		const wordsIn = (language: string): OwnFindingWords =>
			(id === null ? undefined : document.words[language]?.findings[id]) ?? { name: '', fix: '' };
		this.words = Object.fromEntries(languages.map((language) => [language, { ...wordsIn(language) }]));
	}

	/** As it is posted. */
	get posted() {
		const { isSafety, regions, household, shop, words } = this;
		return { isSafety, finding: { regions, household, shop }, words };
	}
}

/** A condition while it is edited. */
export interface ConditionDraft {
	/** Tells conditions apart while they are edited. */
	readonly key: number;
	of: string;
	isOneOf: string[];
}

/** A question while it is edited: one of the organisation's, or other words for one that the software comes with. */
export class QuestionDraft {
	words = $state<
		Record<string, { question: string; why: string; look: string; answers: Record<string, string> }>
	>({});
	answers = $state<{ id: string; finding: FindingId | string | null }[]>([]);
	when = $state<ConditionDraft[]>([]);
	isForAll = $state(false);
	seconds = $state<string>(String(OWN_SECONDS.usual));
	isSafety = $state(false);
	/** Problems that are added along with it. */
	problems = $state<ProblemDraft[]>([]);
	private readonly document: ChecklistDocument;
	private keys = 0;

	/**
	 * @param id its id; null for a new one
	 * @param shippedAnswers ids of the answers of a question that the software comes with; null for the organisation's own
	 */
	constructor(
		readonly id: string | null,
		readonly station: ChecklistStation,
		document: ChecklistDocument,
		readonly languages: readonly string[],
		readonly shippedAnswers: readonly string[] | null
	) {
		this.document = document;
		const item = document.items.find((one) => one.id === id);
		const answers = item?.answers ?? ['a1', 'a2'].map((answer) => ({ id: answer, finding: null }));
		this.answers = shippedAnswers
			? shippedAnswers.map((answer) => ({ id: answer, finding: null }))
			: answers.map((answer) => ({ ...answer }));
		this.when = (item?.when ?? []).map(({ of, isOneOf }) => ({
			key: (this.keys += 1),
			of,
			isOneOf: [...isOneOf]
		}));
		this.isForAll = item?.isForAll ?? false;
		this.seconds = String(item?.seconds ?? OWN_SECONDS.usual);
		this.isSafety = id?.endsWith('-safety') ?? false;
		this.words = Object.fromEntries(languages.map((language) => [language, this.wordsIn(language)]));
	}

	private wordsIn(language: string) {
		const said: OwnItemWords | undefined =
			this.id === null ? undefined : this.document.words[language]?.items[this.id];
		return {
			question: said?.question ?? '',
			why: said?.why ?? '',
			look: said?.look ?? '',
			answers: Object.fromEntries(this.answers.map(({ id }) => [id, said?.answers[id] ?? '']))
		};
	}

	/** Whether the time is a number within its limits. */
	get hasTime(): boolean {
		const seconds = this.secondsTyped;
		return seconds >= OWN_SECONDS.least && seconds <= OWN_SECONDS.most;
	}

	private get secondsTyped(): number {
		return /^\d{1,3}$/.test(this.seconds.trim()) ? Number(this.seconds) : 0;
	}

	/** The words of an answer in the first language; empty where it has none yet. */
	answerWords(id: string): string {
		return this.words[this.languages[0] ?? '']?.answers[id]?.trim() ?? '';
	}

	addAnswer(): void {
		const numbers = this.answers.map(({ id }) => Number(id.slice(1)));
		const id = `a${Math.max(0, ...numbers) + 1}`;
		this.answers.push({ id, finding: null });
		for (const language of this.languages) {
			const words = this.words[language];
			if (words) words.answers[id] = '';
		}
	}

	removeAnswer(id: string): void {
		this.answers = this.answers.filter((answer) => answer.id !== id);
		for (const language of this.languages) delete this.words[language]?.answers[id];
	}

	/** Chooses what an answer shows: nothing, a problem, or one that is added along with the question. */
	show(id: string, finding: string): void {
		const answer = this.answers.find((one) => one.id === id);
		if (!answer) return;
		if (finding === NEW) {
			this.problems.push(new ProblemDraft(null, this.document, this.languages));
			answer.finding = `${NEW}${this.problems.length}`;
		} else answer.finding = finding || null;
	}

	/** The problem that is added along with the question for an answer; null for none. */
	problemOf(finding: string | null): ProblemDraft | null {
		return finding?.startsWith(NEW) ? (this.problems[Number(finding.slice(NEW.length)) - 1] ?? null) : null;
	}

	addCondition(of: string): void {
		this.when.push({ key: (this.keys += 1), of, isOneOf: [] });
	}

	removeCondition(key: number): void {
		this.when = this.when.filter((condition) => condition.key !== key);
	}

	/** As it is posted. Problems that no answer shows any more are left out. */
	get posted() {
		const used = this.problems.filter((problem) =>
			this.answers.some(({ finding }) => this.problemOf(finding) === problem)
		);
		const finding = (of: string | null) => {
			const problem = this.problemOf(of);
			return problem ? `${NEW}${used.indexOf(problem) + 1}` : of;
		};
		return {
			id: this.id,
			station: this.station,
			isSafety: this.isSafety,
			item: this.shippedAnswers
				? null
				: {
						when: this.when.map(({ of, isOneOf }) => ({ of, isOneOf })),
						answers: this.answers.map((answer) => ({ id: answer.id, finding: finding(answer.finding) })),
						isForAll: this.isForAll,
						seconds: this.secondsTyped
					},
			words: this.words,
			problems: used.map((problem) => problem.posted)
		};
	}
}

export { NEW as NEW_PROBLEM };
