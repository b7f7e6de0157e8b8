import { deviceStop } from '../cases/warning-signs/device-stop.svelte';
import { goto } from '$app/navigation';
import type { SubmitFunction } from '@sveltejs/kit';
import { tick } from 'svelte';
import { convertUnit } from '$lib/core/questionnaire/answers/convert-unit';
import { factsOfAnswers, redFlagsOf } from '$lib/core/questionnaire/answers/checklist-fields';
import { type Answers, thingField, type QuestionnaireMode } from '$lib/core/questionnaire/answers/fields';
import { noneOfTheseFields, isNoneGroup } from '$lib/core/questionnaire/answers/red-flag-answers';
import { answerIssues } from '$lib/core/questionnaire/answers/answer-issues';
import { addThingFields } from '$lib/core/questionnaire/answers/household-things';
import { pageOfField } from '$lib/core/questionnaire/answers/page-of-field';
import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
import type { QuestionnairePage } from '$lib/core/questionnaire/answers/questionnaire-pages';
import {
	isFieldOfQuestion,
	minutesLeft,
	pageAfter,
	pageBefore,
	questionAfter,
	questionBefore,
	questionnaireOf,
	type Questionnaire
} from '$lib/core/questionnaire/questionnaire';
import { questionnaireModeOf } from '$lib/core/questionnaire/select-questions';
import type { Question } from '$lib/core/questionnaire/question';
import type { Facts } from '$lib/core/plan/conditions/facts';
import type { Checklist } from '$lib/core/questionnaire/checklist/checklist';
import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
import { isEmergency, type EmergencyRedFlag } from '$lib/core/cases/discomfort/red-flags';
import type { LengthUnit } from '$lib/core/body/length/mm';
import {
	SHIPPED_OFFER,
	thingToAdd,
	type HouseholdOffer
} from '$lib/core/platform/organisation-settings/household-items';
import type { Catalogue } from '$lib/messages/shapes';
import type { Draft } from './draft.svelte';
import { isOneAtATime } from './one-at-a-time';
import { FinishQuestionnaire } from './finish-questionnaire.svelte';
import type { QuestionnaireQuery } from './questionnaire-query';

/** The position of a visit, read again whenever the page changes. */
export interface QuestionnairePosition {
	readonly token: string;
	/** Answers that the page came with, and when, by the server's clock, ms. */
	readonly answers: Answers;
	readonly servedAt: number;
	readonly way: SittingStyle;
	readonly checklist: Checklist;
	readonly locale: string;
	/** Short or complete, where the person has not chosen. */
	readonly questionnaireMode: QuestionnaireMode;
	readonly page: QuestionnairePage;
	readonly query: QuestionnaireQuery;
	/** The server's errors, where a form was posted. */
	readonly posted: readonly FieldIssue[] | null;
	readonly t: Catalogue;
	/** Household items to list; those that the software comes with if left out. */
	readonly household?: HouseholdOffer;
}

/** A visit to the self-assessment: what its buttons do, online or offline; pages and questions change within it. */
export class QuestionnaireVisit {
	/** Errors found by the last attempt to continue. */
	private found = $state<readonly FieldIssue[]>([]);
	readonly finishing: FinishQuestionnaire;
	readonly place: QuestionnairePosition = $derived.by(() => this.read());
	readonly facts: Facts = $derived.by(() => factsOfAnswers(this.draft.settled, this.place.way));
	readonly walk: Questionnaire = $derived.by(() => {
		const { query, questionnaireMode } = this.place;
		const asked = query.isCloser ? 'complete' : questionnaireModeOf(this.draft.settled, questionnaireMode);
		return questionnaireOf(this.draft.settled, this.place, asked, query.only);
	});
	/** Questions shown on this page: none disappears while someone is at it, unless an answer made it irrelevant. */
	private stood: Record<string, true> = {};
	readonly questions: readonly Question[] = $derived.by(() => {
		const { page } = this.place;
		const here = this.walk.steps.filter((question) => question.page === page);
		for (const { id } of here) this.stood[id] = true;
		return this.walk.questions.filter((question) => question.page === page && this.stood[question.id]);
	});
	/** Whether the next question is loading. */
	private isGoing = false;
	/** The question that the page came with. */
	private held: { readonly page: QuestionnairePage | null; readonly id: string | null } = {
		page: null,
		id: null
	};
	/** The question shown where one is shown at a time. */
	readonly current: Question | null = $derived.by(() => {
		const { page, query } = this.place;
		const named = (id: string | null) => this.questions.find((question) => question.id === id);
		// The first open one when the page came, until the person continues: answering it must not remove it.
		const held = this.held.page === page ? named(this.held.id) : undefined;
		const faulty = query.showsOpen
			? this.questions.find((question) => this.issues.some(({ field }) => isFieldOfQuestion(question, field)))
			: undefined;
		const open = this.questions.find(({ id }) => this.walk.open.some((one) => one.id === id));
		const first = query.isReview ? this.questions[0] : open;
		const current = named(query.at) ?? held ?? faulty ?? first ?? this.questions[0] ?? null;
		this.held = { page, id: current?.id ?? null };
		return current;
	});
	readonly minutes: number = $derived.by(() => minutesLeft(this.walk.open));
	readonly issues: readonly FieldIssue[] = $derived.by(() => {
		const { query, posted, way, page } = this.place;
		const all = query.showsOpen ? answerIssues(this.draft.answers, way) : (posted ?? this.found);
		return all.filter(({ field }) => pageOfField(field) === page);
	});
	/** The errors found that still apply. */
	readonly standing: readonly FieldIssue[] = $derived.by(() => {
		if (this.issues.length === 0) return [];
		const now = answerIssues(this.draft.answers, this.place.way);
		return this.issues.filter(({ field }) => now.some((issue) => issue.field === field));
	});

	constructor(
		private readonly draft: Draft,
		private readonly read: () => QuestionnairePosition
	) {
		this.finishing = new FinishQuestionnaire(draft, read);
	}

	/** The page after this one; null after the last. */
	get next(): QuestionnairePage | null {
		return pageAfter(this.walk, this.place.page);
	}

	/** The page under review, if one is. */
	private get reviewed(): QuestionnairePage | null {
		return this.place.query.isReview ? this.place.page : null;
	}

	/** Labels of the main buttons: for one question, and for a page. */
	readonly buttons: { readonly one: string; readonly page: string; readonly canSkip: boolean } = $derived.by(
		() => {
			const { t } = this.place;
			const isOpen = this.walk.open.some(({ id }) => id === this.current?.id);
			const canSkip = isOpen && (this.current?.kind === 'choice' || this.current?.kind === 'check');
			const isLast = questionAfter(this.walk, this.current?.id ?? null, this.reviewed) === null;
			return {
				canSkip: canSkip && !isLast,
				one: isLast ? t.nav.finish : canSkip ? t.nav.skip : t.nav.on,
				page: this.next ? t.nav.next(t.pages[this.next].short) : t.nav.finish
			};
		}
	);

	/** @param isReview whether the page is looked through, answered or not; as it is if left out */
	to(page: QuestionnairePage | '', at?: string, isReview = this.reviewed === page): Promise<void> {
		const { token, query } = this.place;
		if (page !== this.place.page) this.stood = {};
		const search = page === '' ? '' : query.search({ isReview, ...(at ? { at } : {}) });
		return goto(`/c/${token}/${page}${search}`, { noScroll: page === this.place.page, keepFocus: true }).then(
			() => this.focus(at)
		);
	}

	/** Focuses the new question, and scrolls its text into view. */
	private async focus(at: string | undefined): Promise<void> {
		await tick();
		const shown = at ? document.getElementById(`q-${at}`) : document.getElementById('station');
		if (!shown) return;
		const field = shown.querySelector<HTMLElement>('.length input[inputmode="decimal"]');
		(field ?? shown).focus({ preventScroll: true });
		window.scrollTo({ top: 0 });
	}

	/** An emergency sign was tapped: the link stops, and the coordinator is informed, before anything else. */
	halt(signs: readonly EmergencyRedFlag[]): void {
		const { token, servedAt } = this.place;
		deviceStop.lock(token, signs, servedAt);
		void this.draft.autosave.flush().then(() => {
			if (Object.keys(this.draft.autosave.unsent).length === 0) deviceStop.reported(token);
		});
		void tick().then(() => window.scrollTo(0, 0));
	}

	/** Stops where the answers of the first page contain an emergency sign that was not lifted, whoever tapped it and when. */
	private stopAtSigns(): boolean {
		const signs = this.place.page === 'first' ? this.unheard() : [];
		if (signs.length > 0) this.halt(signs);
		return signs.length > 0;
	}

	/** Emergency signs answered with yes since the page came: the server has dealt with those it had then. */
	private unheard(): EmergencyRedFlag[] {
		const known = redFlagsOf(this.place.answers);
		return redFlagsOf(this.draft.answers).filter(
			(sign): sign is EmergencyRedFlag => isEmergency(sign) && !known.includes(sign)
		);
	}

	/** Continues from the question shown, or from the whole page; what is missing is shown first. */
	async goOn(isOneAtATime: boolean): Promise<void> {
		// A second tap while the next question is loading was meant for this one.
		if (this.isGoing) return;
		this.isGoing = true;
		await this.goFrom(isOneAtATime).finally(() => (this.isGoing = false));
	}

	private async goFrom(isOneAtATime: boolean): Promise<void> {
		const { page, way } = this.place;
		this.draft.settle();
		// An emergency comes before anything that is missing.
		if (this.stopAtSigns()) return;
		const at = isOneAtATime ? this.current : null;
		this.found = answerIssues(this.draft.answers, way).filter(({ field }) =>
			at ? isFieldOfQuestion(at, field) : pageOfField(field) === page
		);
		if (this.found.length > 0) return;
		if (page === 'first') await this.draft.autosave.flush();
		const question = at ? questionAfter(this.walk, at.id, this.reviewed) : null;
		if (question) return this.to(question.page, question.id);
		const next = at ? null : this.next;
		return next ? this.to(next) : this.finishing.finish();
	}

	goBack(isOneAtATime: boolean): void {
		this.draft.settle();
		const { page } = this.place;
		const before = isOneAtATime && this.current ? questionBefore(this.walk, this.current.id) : null;
		if (before) return void this.to(before.page, before.id);
		void this.to((!isOneAtATime && pageBefore(this.walk, page)) || '');
	}

	private addThing(code: string): void {
		const { t, household = SHIPPED_OFFER } = this.place;
		const thing = thingToAdd(code, household, (kind) => t.things.names[kind]);
		if (thing) this.draft.setAll(addThingFields(this.draft.answers, thing, this.draft.unit) ?? {});
	}

	private changeUnit(unit: LengthUnit): void {
		if (unit === this.draft.unit) return;
		// Only what the unit changes is sent: some of the answers are written by the server only.
		const converted = Object.entries(convertUnit(this.draft.answers, this.draft.unit, unit));
		this.draft.setAll(
			Object.fromEntries(converted.filter(([name, text]) => this.draft.answers[name] !== text))
		);
	}

	/** With scripts every button is handled here, online or offline; without them the form is posted. */
	readonly answer: SubmitFunction = ({ formData, action, cancel }) => {
		cancel();
		const text = (name: string) => String(formData.get(name) ?? '');
		const [go, none] = [text('go'), text('none')];
		if (action.search.startsWith('?/add')) this.addThing(text('add'));
		else if (action.search.startsWith('?/remove'))
			this.draft.set(thingField(Number(text('takeOut')), 'kind'), '');
		else if (action.search.startsWith('?/unit')) this.changeUnit(text('to') as LengthUnit);
		else if (isNoneGroup(none)) {
			this.draft.setAll(noneOfTheseFields(none, this.draft.answers));
			if (isOneAtATime()) void this.goOn(true);
		} else if (go === 'back' || go === 'before') this.goBack(go === 'back');
		else if (go !== '' && go !== 'next' && go !== 'on')
			void this.to(go as QuestionnairePage, undefined, true);
		else void this.goOn(go === 'on' && isOneAtATime());
	};

	/** An answer was chosen by touch: where one question is shown at a time the page continues by itself. */
	picked(): void {
		const { current } = this;
		// Someone who went elsewhere in the meantime is not moved on from there.
		if (isOneAtATime())
			setTimeout(() => {
				if (this.current?.id === current?.id) void this.goOn(true);
			}, SHOWN_MS);
	}
}

/** How long a choice is visible before the next question comes, ms. */
const SHOWN_MS = 160;
