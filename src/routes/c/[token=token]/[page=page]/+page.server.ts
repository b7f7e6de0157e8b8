import { fail, redirect } from '@sveltejs/kit';
import { noneOfTheseFields, isNoneGroup } from '$lib/core/questionnaire/answers/red-flag-answers';
import { answerIssues } from '$lib/core/questionnaire/answers/answer-issues';
import { MAX_HOUSEHOLD_THINGS, thingField, unitOf } from '$lib/core/questionnaire/answers/fields';
import { addThingFields } from '$lib/core/questionnaire/answers/household-things';
import { pageOfField } from '$lib/core/questionnaire/answers/page-of-field';
import { countsToLengths } from '$lib/core/questionnaire/answers/counted-answers';
import type { QuestionnairePage } from '$lib/core/questionnaire/answers/questionnaire-pages';
import {
	isFieldOfQuestion,
	pageAfter,
	pageBefore,
	questionAfter,
	questionBefore,
	questionnaireOf,
	type Questionnaire
} from '$lib/core/questionnaire/questionnaire';
import { questionnaireModeOf } from '$lib/core/questionnaire/select-questions';
import type { Question } from '$lib/core/questionnaire/question';
import { householdOffer, thingToAdd } from '$lib/core/platform/organisation-settings/household-items';
import { messagesFor } from '$lib/messages';
import { languageOf } from '$lib/messages/languages';
import { pageFormSchema } from '$lib/server/questionnaire/assessments/answer-schema';
import { readLinkState } from '$lib/server/cases/warning-signs/stop-guard';
import { openAssessment, type OpenAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { changeUnit, saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { readSettings } from '$lib/server/platform/organisation-settings/read-settings';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import { withFormError } from '$lib/server/platform/http/error-responses';
import { formReaderOf } from '$lib/server/platform/http/read-body';
import { questionnaireQuery } from '$lib/ui/questionnaire/questionnaire-query';
import type { Actions, RequestEvent } from './$types';

const read = formReaderOf(pageFormSchema);

type PageForm = Awaited<ReturnType<typeof read>>;

/** Opens the self-assessment and saves what the form contains, so that no button loses anything. */
async function keep({
	request,
	locals,
	params
}: RequestEvent): Promise<{ open: OpenAssessment; form: PageForm }> {
	const form = await read(request);
	const { go: _go, add: _add, takeOut: _takeOut, to: _to, none, at: _at, shown: _shown, ...typed } = form;
	let open = await openAssessment(locals.db, params.token);
	const fields = {
		...countsToLengths(typed, open.assessment.answers),
		...(isNoneGroup(none) ? noneOfTheseFields(none, { ...open.assessment.answers, ...typed }) : {})
	};
	if (Object.keys(fields).length > 0) {
		await saveAnswers(locals.db, open, fields, locals.now);
		open = await openAssessment(locals.db, params.token);
	}
	return { open, form };
}

/** The self-assessment as it is now, and how its URLs are written. */
function walkAt(
	event: RequestEvent,
	{ assessment, checklist }: OpenAssessment
): {
	walk: Questionnaire;
	to: (page: QuestionnairePage, at?: string, isReview?: boolean) => string;
	reviewed: QuestionnairePage | null;
} {
	const { only, isCloser, isReview: isReviewed, search } = questionnaireQuery(event.url.searchParams);
	const reviewed = isReviewed ? (event.params.page as QuestionnairePage) : null;
	const route = isCloser ? 'complete' : questionnaireModeOf(assessment.answers, assessment.questionnaireMode);
	return {
		walk: questionnaireOf(assessment.answers, { way: assessment.sittingStyle, checklist }, route, only),
		reviewed,
		to: (page, at, isReview = page === reviewed) =>
			`/c/${event.params.token}/${page}${search({ isReview, ...(at ? { at } : {}) })}`
	};
}

async function finish(event: RequestEvent, open: OpenAssessment, page: QuestionnairePage): Promise<never> {
	const { token } = event.params;
	const submitted = await submitAnswers(event.locals.db, open, event.locals.now, event.locals.planning);
	if (submitted.ok) redirect(303, `/c/${token}/plan`);
	const first = submitted.issues[0];
	redirect(303, `/c/${token}/${first ? pageOfField(first.field) : page}?open`);
}

/** Continues from one question, or from a whole page; what is missing or unreadable there is shown first. */
async function goOn(
	event: RequestEvent,
	open: OpenAssessment,
	page: QuestionnairePage,
	at: Question | null,
	shown: readonly string[]
) {
	const { answers, sittingStyle } = open.assessment;
	const { token } = event.params;
	if (page === 'first' && (await readLinkState(event.locals.db, token)).isStopped)
		redirect(303, `/c/${token}/stop`);
	const issues = answerIssues(answers, sittingStyle).filter(({ field }) =>
		at ? isFieldOfQuestion(at, field) : pageOfField(field) === page
	);
	if (issues.length > 0) return fail(400, { issues });
	const { walk, to, reviewed } = walkAt(event, open);
	const next = at ? questionAfter(walk, at.id, reviewed) : null;
	if (next) redirect(303, to(next.page, next.id));
	// Without scripts, an answer opens further questions on its page only now: they are asked before the page is left.
	const opened = walk.open.find(({ id, page: of }) => of === page && !at && !shown.includes(id));
	if (opened && shown.length > 0) redirect(303, `${to(page)}#q-${opened.id}`);
	const nextPage = at ? null : pageAfter(walk, page);
	if (nextPage) redirect(303, to(nextPage));
	return finish(event, open, page);
}

function goBack(
	event: RequestEvent,
	open: OpenAssessment,
	page: QuestionnairePage,
	at: Question | null
): never {
	const { walk, to } = walkAt(event, open);
	const before = at && questionBefore(walk, at.id);
	if (before) redirect(303, to(before.page, before.id));
	const pageThen = at ? null : pageBefore(walk, page);
	redirect(303, pageThen ? to(pageThen) : `/c/${event.params.token}`);
}

/** The same page, at the same question. */
function here(event: RequestEvent, { at }: PageForm): string {
	const { isReview, search } = questionnaireQuery(event.url.searchParams);
	return `${event.url.pathname}${search({ isReview, ...(at ? { at } : {}) })}`;
}

export const actions: Actions = {
	go: (event) =>
		withFormError(async () => {
			const { open, form } = await keep(event);
			const page = event.params.page as QuestionnairePage;
			const { walk, to } = walkAt(event, open);
			const at = walk.steps.find(({ id }) => id === form.at) ?? null;
			// A group of warning signs was answered with one tap: the page continues from there.
			if (form.none === 'emergency' || form.none === 'professional') redirect(303, to(page, form.at));
			if (form.go === 'back') return goBack(event, open, page, at);
			if (form.go === 'before') return goBack(event, open, page, null);
			if (form.go && form.go !== 'next' && form.go !== 'on') redirect(303, to(form.go, undefined, true));
			return goOn(event, open, page, form.go === 'next' ? null : at, form.shown?.split(' ') ?? []);
		}),

	unit: (event) =>
		withFormError(async () => {
			const { open, form } = await keep(event);
			if (form.to) await changeUnit(event.locals.db, open, form.to, event.locals.now);
			redirect(303, here(event, form));
		}),

	add: (event) =>
		withFormError(async () => {
			const { open, form } = await keep(event);
			const { answers } = open.assessment;
			const { settings } = await readSettings(event.locals.db, 'household-items');
			const { names } = messagesFor(open.language).things;
			const offer = householdOffer(settings, languageOf(open.language));
			const thing = thingToAdd(form.add, offer, (kind) => names[kind]);
			const fields = thing && addThingFields(answers, thing, unitOf(answers));
			if (fields) await saveAnswers(event.locals.db, open, fields, event.locals.now);
			redirect(303, here(event, form));
		}),

	remove: (event) =>
		withFormError(async () => {
			const { open, form } = await keep(event);
			const index = Number(form.takeOut ?? MAX_HOUSEHOLD_THINGS);
			if (index < MAX_HOUSEHOLD_THINGS)
				await saveAnswers(event.locals.db, open, { [thingField(index, 'kind')]: '' }, event.locals.now);
			redirect(303, here(event, form));
		})
};
