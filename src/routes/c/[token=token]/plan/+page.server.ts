import { fail, redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { COMFORT_SCALE } from '$lib/core/questionnaire/answers/day-trial';
import { confirmedSizeFields } from '$lib/core/questionnaire/answers/sizes-to-check';
import {
	checklistField,
	checklistAnswersOf,
	factsOfAnswers
} from '$lib/core/questionnaire/answers/checklist-fields';
import { leaveOutKindFields, leftOutField } from '$lib/core/questionnaire/answers/household-things';
import { pageOfField } from '$lib/core/questionnaire/answers/page-of-field';
import { readLengthField } from '$lib/core/questionnaire/answers/read-length-field';
import { unitOf } from '$lib/core/questionnaire/answers/fields';
import { HABIT_IDS, habitsOf } from '$lib/core/questionnaire/checklist/habits';
import { PLAN_ITEMS, FINDING_TICKS } from '$lib/core/cases/case-assessment/vocabulary';
import { HOUSEHOLD_KINDS } from '$lib/core/workstation/corner/vocabulary';
import { LENGTH_UNITS } from '$lib/core/body/length/mm';
import { equipmentItem } from '$lib/server/plan/equipment/item-field';
import { findingId } from '$lib/server/cases/findings/finding-field';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { openAssessment, type OpenAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import {
	remeasurementSchema,
	saveRemeasurement
} from '$lib/server/questionnaire/assessments/save-remeasurement';
import { changeUnit, saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { addSpot } from '$lib/server/questionnaire/assessments/spots';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import type { PlanWhy } from '$lib/server/platform/db/schema/plans';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, yesNo } from '$lib/server/platform/http/fields';
import { formReader, formReaderOf } from '$lib/server/platform/http/read-body';
import { choosePlan } from '$lib/server/plan/plans/choose-plan';
import { answerTrial, endTrial, startPlanTrial } from '$lib/server/plan/plans/day-trials';
import { readPlanPage } from '$lib/server/plan/plans/plan-page';
import { tickFinding } from '$lib/server/cases/findings/tick-finding';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = ({ locals, params, url }) =>
	withErrorPage(async () => {
		const open = await openAssessment(locals.db, params.token);
		const wanted = Number(url.searchParams.get('plan')) - 1;
		const page = await readPlanPage(locals.db, open, params.token, locals.now, wanted);
		if (!page) redirect(303, `/c/${params.token}`);
		return page;
	});

const readTick = formReader({ place: Type.Enum(PLAN_ITEMS), done: yesNo });
const readFindingTick = formReader({
	finding: findingId,
	how: Type.Enum([...FINDING_TICKS, 'open'])
});
const readHabit = formReader({ habit: Type.Enum(HABIT_IDS), isSo: yesNo });
const readAsk = formReader({ purchase: equipmentItem, wanted: yesNo });
const readOut = formReader({
	piece: Type.Optional(Type.String({ pattern: '^t(?:[0-9]|[123][0-9])(?:#[0-9]{1,3})?$' })),
	kind: Type.Optional(Type.Enum(HOUSEHOLD_KINDS)),
	out: yesNo
});
/** Accepted heights of a pile, mm. */
const CHECKED_HEIGHT = { bounds: [1, 3000], usual: [5, 600] } as const;

const readSize = formReader({
	thing: Type.String({ pattern: '^[0-9]{1,2}$' }),
	height: Type.Optional(text(40)),
	sure: Type.Optional(yesNo)
});
const readUnit = formReader({ to: Type.Enum(LENGTH_UNITS) });
const readChoose = formReader({ plan: Type.String({ pattern: '^(?:[1-9]|10|moving)$' }) });
const readTry = formReader({ plan: Type.String({ pattern: '^(?:[1-9]|10)$' }) });
const readComfort = formReader({ comfort: Type.Enum([...COMFORT_SCALE, 'none']) });
const readKeep = formReader({ what: Type.Enum(['tried', 'own']) });
const readAgain = formReaderOf(remeasurementSchema);

/** Runs the person's act on their plan, then shows the page again. */
const act = (work: (event: RequestEvent, open: OpenAssessment) => Promise<void>) => (event: RequestEvent) =>
	withFormError(async () => {
		await work(event, await openAssessment(event.locals.db, event.params.token));
		redirect(303, event.url.pathname);
	});

export const actions: Actions = {
	tick: act(async ({ request, locals }, open) => {
		const { place, done } = await readTick(request);
		await tickStep(locals.db, open, { thing: place, done: done === 'yes' }, locals.now);
	}),

	finding: act(async ({ request, locals }, open) => {
		const { finding, how } = await readFindingTick(request);
		await tickFinding(locals.db, open, { finding, how }, locals.now);
	}),

	/** A habit is saved as the answer to its question: where they don't have it, its problem is a finding. */
	habit: act(async ({ request, locals }, open) => {
		const { habit, isSo } = await readHabit(request);
		const { answers, sittingStyle } = open.assessment;
		const habits = habitsOf(
			open.checklist,
			factsOfAnswers(answers, sittingStyle),
			checklistAnswersOf(answers)
		);
		const question = habits.find(({ id }) => id === habit)?.question;
		if (!question) return;
		const answer = isSo === 'yes' ? question.so : question.notSo;
		await saveAnswers(locals.db, open, { [checklistField(question.item)]: answer }, locals.now);
	}),

	unit: act(async ({ request, locals }, open) => {
		const { to } = await readUnit(request);
		await changeUnit(locals.db, open, to, locals.now);
	}),

	ask: act(async ({ request, locals }, open) => {
		const { purchase, wanted } = await readAsk(request);
		await requestEquipment(locals.db, open, { purchase, wanted: wanted === 'yes' }, locals.now);
	}),

	choose: act(async ({ request, locals }, open) => {
		const { plan } = await readChoose(request);
		const wanted = plan === 'moving' ? { moving: true as const } : { chosen: Number(plan) - 1 };
		await choosePlan(locals.db, open, wanted, locals.now);
	}),

	/** Another of the offered plans is tried for a day; the plan in use stays. */
	try: act(async ({ request, locals }, open) => {
		const { plan } = await readTry(request);
		await startPlanTrial(locals.db, open, Number(plan) - 1, locals.now);
	}),

	comfort: act(async ({ request, locals }, open) => {
		const { comfort } = await readComfort(request);
		await answerTrial(locals.db, open, comfort === 'none' ? null : Number(comfort), locals.now);
	}),

	keep: act(async ({ request, locals }, open) => {
		const { what } = await readKeep(request);
		await endTrial(locals.db, open, what, locals.planning, locals.now);
	}),

	/** A keyboard and mouse for a laptop alone are there: the workstation has them from now on, and is planned with them. */
	arrived: ({ locals, params }) =>
		withFormError(async () => {
			const open = await openAssessment(locals.db, params.token);
			await saveAnswers(locals.db, open, { keysKind: 'separate', mouse: 'separate' }, locals.now);
			return sendAgain(locals, params.token, open, 'corrected');
		}),

	spot: ({ locals, params }) =>
		withFormError(async () => {
			const open = await openAssessment(locals.db, params.token);
			const path = await addSpot(locals.db, open, params.token, locals.now);
			redirect(303, `${path}/spot`);
		}),

	out: ({ request, locals, params }) =>
		withFormError(async () => {
			const { piece, kind, out } = await readOut(request);
			const open = await openAssessment(locals.db, params.token);
			const fields = {
				...(kind ? leaveOutKindFields(open.assessment.answers, kind) : {}),
				...(piece ? { [leftOutField(piece)]: out === 'yes' ? 'yes' : '' } : {})
			};
			await saveAnswers(locals.db, open, fields, locals.now);
			return sendAgain(locals, params.token, open, 'does-not-work');
		}),

	size: ({ request, locals, params, url }) =>
		withFormError(async () => {
			const { thing, height, sure } = await readSize(request);
			const open = await openAssessment(locals.db, params.token);
			const { answers } = open.assessment;
			const page = await readPlanPage(locals.db, open, params.token, locals.now);
			const size = page?.sizes.find(({ index }) => index === Number(thing));
			if (!size) redirect(303, url.pathname);
			if (sure === 'yes') {
				await saveAnswers(locals.db, open, confirmedSizeFields(answers, size), locals.now);
				redirect(303, url.pathname);
			}
			const read = readLengthField('height', height, unitOf(answers), CHECKED_HEIGHT);
			if (!read.ok) return fail(400, { sizeIssue: { index: size.index, issue: read.issue } });
			await saveAnswers(locals.db, open, confirmedSizeFields(answers, size, read.mm), locals.now);
			return sendAgain(locals, params.token, open, 'corrected');
		}),

	renew: ({ locals, params }) =>
		withFormError(async () =>
			sendAgain(locals, params.token, await openAssessment(locals.db, params.token), 'corrected')
		),

	again: ({ request, locals, params }) =>
		withFormError(async () => {
			const typed = await readAgain(request);
			const open = await openAssessment(locals.db, params.token);
			const unit = unitOf(open.assessment.answers);
			const issues = await saveRemeasurement(locals.db, open, typed, unit, locals.now);
			if (issues.length > 0) return fail(400, { issues });
			return { kept: true };
		})
};

/** Submits the present answers and solves again; asks for answers withdrawn since that are required. */
async function sendAgain(
	{ db, now, planning }: App.Locals,
	token: string,
	open: OpenAssessment,
	why: PlanWhy
): Promise<never> {
	const submitted = await submitAnswers(db, open, now, planning, { why });
	const first = submitted.ok ? undefined : submitted.issues[0];
	redirect(303, `/c/${token}/${first ? `${pageOfField(first.field)}?open` : 'plan'}`);
}
