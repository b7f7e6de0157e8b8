import { fail, redirect } from '@sveltejs/kit';
import {
	cornerFromAnswers,
	discomfortFromAnswers,
	isHouseholdKind,
	listedThings,
	MOST_THINGS,
	pageOfField,
	PAGES,
	SHELF,
	signsOf,
	thingField,
	unitOf,
	type Answers,
	type FieldIssue,
	type Page
} from '$lib/core/answers';
import type { Way } from '$lib/core/corner';
import { isEmergency } from '$lib/core/discomfort';
import { formatLength, type LengthUnit } from '$lib/core/length';
import { messagesFor } from '$lib/messages';
import { pageFormSchema } from '$lib/server/assessments/answer-schema';
import { openAssessment, type OpenAssessment } from '$lib/server/assessments/open-assessment';
import { reportSigns } from '$lib/server/assessments/report-signs';
import { changeUnit, saveAnswers } from '$lib/server/assessments/save-answers';
import { submitAnswers } from '$lib/server/assessments/submit-answers';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

type PageForm = { go?: 'next' | 'back' | Page; add?: string; remove?: string; to?: LengthUnit } & Record<
	string,
	string
>;

const read = formReader<PageForm>(pageFormSchema);

/** Opens the assessment and keeps what the form holds, so that no button loses anything. */
async function keep({
	request,
	locals,
	params
}: RequestEvent): Promise<{ open: OpenAssessment; form: PageForm }> {
	const form = await read(request);
	const { go: _go, add: _add, remove: _remove, to: _to, ...fields } = form;
	let open = await openAssessment(locals.db, params.token, locals.now);
	if (Object.keys(fields).length > 0) {
		await saveAnswers(locals.db, open, fields, locals.now);
		open = await openAssessment(locals.db, params.token, locals.now);
		if (params.page === 'first') await reportSigns(locals.db, open, locals.now);
	}
	return { open, form };
}

export const load: PageServerLoad = ({ params, url, parent }) =>
	orErrorPage(async () => {
		const { answers, way, hasConsent, token } = await parent();
		if (!hasConsent) redirect(303, `/c/${token}`);
		const page = params.page as Page;
		// Coming back from a failed finish, the page says at once what is still open on it.
		const open = url.searchParams.has('open') ? issuesOn(page, issuesOf(answers, way)) : [];
		return { page, open };
	});

/** Everything that is missing or can't be read. */
function issuesOf(answers: Answers, way: Way): FieldIssue[] {
	return [...cornerFromAnswers(answers, way).issues, ...discomfortFromAnswers(answers).issues];
}

function issuesOn(page: Page, issues: readonly FieldIssue[]): FieldIssue[] {
	return issues.filter((issue) => pageOfField(issue.field) === page);
}

async function goOn(
	event: RequestEvent,
	open: OpenAssessment,
	page: Page
): Promise<ReturnType<typeof fail> | never> {
	const { token } = event.params;
	const { answers, way } = open.assessment;
	if (page === 'first' && signsOf(answers).some(isEmergency)) redirect(303, `/c/${token}/stop`);
	const here = issuesOn(page, issuesOf(answers, way));
	if (here.length > 0) return fail(400, { issues: here });
	const next = PAGES[PAGES.indexOf(page) + 1];
	if (next) redirect(303, `/c/${token}/${next}`);
	const submitted = await submitAnswers(event.locals.db, open, event.locals.now, event.locals.planning);
	if (submitted.ok) redirect(303, `/c/${token}/plan`);
	const first = submitted.issues[0];
	redirect(303, `/c/${token}/${first ? pageOfField(first.field) : page}?open`);
}

/** Index for a new thing: after all that are listed, or the first gap. */
function freeIndex(answers: Readonly<Record<string, string>>): number | null {
	const listed = listedThings(answers);
	const after = Math.max(-1, ...listed) + 1;
	if (after < MOST_THINGS) return after;
	return Array.from({ length: MOST_THINGS }, (_, i) => i).find((i) => !listed.includes(i)) ?? null;
}

export const actions: Actions = {
	go: (event) =>
		orFailedForm(async () => {
			const { open, form } = await keep(event);
			const page = event.params.page as Page;
			const { token } = event.params;
			if (form.go === 'back') {
				const before = PAGES[PAGES.indexOf(page) - 1];
				redirect(303, before ? `/c/${token}/${before}` : `/c/${token}`);
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
			const index = freeIndex(answers);
			if (!isHouseholdKind(form.add) || index === null) redirect(303, event.url.pathname);
			const size = SHELF.find((item) => item.kind === form.add)?.size ?? [0, 0, 0];
			const text = (mm: number) => formatLength(mm, unitOf(answers), { withUnit: false });
			const fields = {
				[thingField(index, 'kind')]: form.add,
				[thingField(index, 'label')]: messagesFor('en').things.names[form.add],
				[thingField(index, 'count')]: '1',
				[thingField(index, 'a')]: text(size[0]),
				[thingField(index, 'b')]: text(size[1]),
				[thingField(index, 'c')]: text(size[2])
			};
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
