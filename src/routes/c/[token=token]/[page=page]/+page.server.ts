import { fail, redirect } from '@sveltejs/kit';
import {
	freeThing,
	isHouseholdKind,
	issuesOn,
	MOST_THINGS,
	newThing,
	isSignsGroup,
	pageOfField,
	PAGES,
	SIGN_GROUPS,
	signField,
	signsOf,
	thingField,
	unitOf,
	type Page
} from '$lib/core/answers';
import { isEmergency } from '$lib/core/discomfort';
import { messagesFor } from '$lib/messages';
import { pageFormSchema } from '$lib/server/assessments/answer-schema';
import { openAssessment, type OpenAssessment } from '$lib/server/assessments/open-assessment';
import { changeUnit, saveAnswers } from '$lib/server/assessments/save-answers';
import { submitAnswers } from '$lib/server/assessments/submit-answers';
import { orFailedForm } from '$lib/server/http/answer-fault';
import { formReaderOf } from '$lib/server/http/read-body';
import type { Actions, RequestEvent } from './$types';

const read = formReaderOf(pageFormSchema);

type PageForm = Awaited<ReturnType<typeof read>>;

/** Opens the assessment and keeps what the form holds, so that no button loses anything. */
async function keep({
	request,
	locals,
	params
}: RequestEvent): Promise<{ open: OpenAssessment; form: PageForm }> {
	const form = await read(request);
	const { go: _go, add: _add, remove: _remove, to: _to, none, ...typed } = form;
	const fields: Record<string, string> = { ...typed };
	if (isSignsGroup(none)) for (const sign of SIGN_GROUPS[none]) fields[signField(sign)] = 'no';
	let open = await openAssessment(locals.db, params.token);
	if (Object.keys(fields).length > 0) {
		await saveAnswers(locals.db, open, fields, locals.now);
		open = await openAssessment(locals.db, params.token);
	}
	return { open, form };
}

/** The pages that are walked, and how an address says so: all of them, or those that are worth a second look. */
function pagesOf({ url }: RequestEvent): { only: readonly Page[]; query: string } {
	const named = url.searchParams.get('only')?.split('.') ?? [];
	const only = PAGES.filter((page) => named.includes(page));
	return only.length > 0 ? { only, query: `?only=${only.join('.')}` } : { only: PAGES, query: '' };
}

async function goOn(
	event: RequestEvent,
	open: OpenAssessment,
	page: Page
): Promise<ReturnType<typeof fail> | never> {
	const { token } = event.params;
	const { answers, way } = open.assessment;
	if (page === 'first' && signsOf(answers).some(isEmergency)) redirect(303, `/c/${token}/stop`);
	const here = issuesOn(page, answers, way);
	if (here.length > 0) return fail(400, { issues: here });
	const { only, query } = pagesOf(event);
	const next = only[only.indexOf(page) + 1];
	if (next) redirect(303, `/c/${token}/${next}${query}`);
	const submitted = await submitAnswers(event.locals.db, open, event.locals.now, event.locals.planning);
	if (submitted.ok) redirect(303, `/c/${token}/plan`);
	const first = submitted.issues[0];
	redirect(303, `/c/${token}/${first ? pageOfField(first.field) : page}?open`);
}

export const actions: Actions = {
	go: (event) =>
		orFailedForm(async () => {
			const { open, form } = await keep(event);
			const page = event.params.page as Page;
			const { token } = event.params;
			const { only, query } = pagesOf(event);
			// A group of signs was answered with one tap: the page goes on from there.
			if (form.none) redirect(303, `${event.url.pathname}${query}`);
			if (form.go === 'back') {
				const before = only[only.indexOf(page) - 1];
				redirect(303, before ? `/c/${token}/${before}${query}` : `/c/${token}`);
			}
			if (form.go && form.go !== 'next') redirect(303, `/c/${token}/${form.go}`);
			return goOn(event, open, page);
		}),

	unit: (event) =>
		orFailedForm(async () => {
			const { open, form } = await keep(event);
			if (form.to) await changeUnit(event.locals.db, open, form.to, event.locals.now);
			redirect(303, event.url.pathname);
		}),

	add: (event) =>
		orFailedForm(async () => {
			const { open, form } = await keep(event);
			const { answers } = open.assessment;
			const index = freeThing(answers);
			if (!isHouseholdKind(form.add) || index === null) redirect(303, event.url.pathname);
			const fields = newThing(index, form.add, messagesFor('en').things.names[form.add], unitOf(answers));
			await saveAnswers(event.locals.db, open, fields, event.locals.now);
			redirect(303, event.url.pathname);
		}),

	remove: (event) =>
		orFailedForm(async () => {
			const { open, form } = await keep(event);
			const index = Number(form.remove ?? MOST_THINGS);
			if (index < MOST_THINGS)
				await saveAnswers(event.locals.db, open, { [thingField(index, 'kind')]: '' }, event.locals.now);
			redirect(303, event.url.pathname);
		})
};
