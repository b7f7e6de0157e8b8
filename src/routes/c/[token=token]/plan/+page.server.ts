import { fail, redirect } from '@sveltejs/kit';
import {
	choiceOf,
	haveChangedSince,
	outField,
	pageOfField,
	piecesLeftOut,
	thingField,
	unitOf,
	type Answers
} from '$lib/core/answers';
import { misfitOf, PURCHASES, type PurchaseId, type StepPlace } from '$lib/core/plan';
import type { LengthUnit } from '$lib/core/length';
import { askEquipment, requestsOf } from '$lib/server/assessments/ask-equipment';
import {
	newestReMeasurement,
	openAssessment,
	ticksOf,
	type OpenAssessment
} from '$lib/server/assessments/open-assessment';
import { tickStep } from '$lib/server/assessments/plan-progress';
import { againProperties, takeReMeasurement, type TypedAgain } from '$lib/server/assessments/re-measure';
import { addSpot, answeredSpots, spotsOf } from '$lib/server/assessments/spots';
import { changeUnit, saveAnswers } from '$lib/server/assessments/save-answers';
import { submitAnswers } from '$lib/server/assessments/submit-answers';
import { adviceAtSpots, movesTo } from '$lib/server/planning/advice-at-spot';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { adviceForPage } from '$lib/messages/advice-for-page';
import { formReader } from '$lib/server/http/read-body';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params, url }) =>
	orErrorPage(async () => {
		const open = await openAssessment(locals.db, params.token, locals.now);
		const { assessment } = open;
		if (!assessment.corner) redirect(303, `/c/${params.token}`);
		const spots = await answeredSpots(locals.db, assessment);
		const corners = spots.map((spot) => spot.corner);
		const here = spots.findIndex(({ id }) => id === assessment.id);
		const at = await adviceAtSpots(corners, locals.planning);
		const moving = await movesTo(here, corners, at, locals.planning);
		const wantsMoving = moving.length > 0 && url.searchParams.has('moving');
		const corner = wantsMoving ? assessment.corner : (at[here]?.corner ?? assessment.corner);
		const advised = (wantsMoving ? null : at[here]?.advice) ?? (await locals.planning.advise(corner));
		const advice = adviceForPage(corner, advised, assessment, 'en');
		const nothing = misfitOf(corner);
		// Another plan is worth showing only if it does something for its pieces.
		const plans = advice.plans.filter(
			(plan, i) => i === 0 || (plan.cost.pieces > 0 && plan.cost.W < nothing)
		);
		const chosen =
			Math.min(Math.max(Number(url.searchParams.get('plan')) || 1, 1), Math.max(plans.length, 1)) - 1;
		const requests = await requestsOf(locals.db, assessment.spotOf ?? assessment.id);
		const again = await newestReMeasurement(locals.db, assessment.id);
		return {
			corner,
			...advice,
			plans,
			chosen,
			requests,
			spots: await spotsOf(locals.db, open, params.token),
			moving: moving.length > 0 ? { pieces: moving, isShown: wantsMoving } : null,
			leftOut: leftOutOf(assessment.answers),
			isBehind: haveChangedSince(
				{ ...assessment, corner: assessment.corner },
				assessment.answers,
				assessment.way
			),
			hasSigns: assessment.signs.length > 0,
			ticks: await ticksOf(locals.db, assessment.id),
			again: again?.lengths ?? null,
			unit: unitOf(assessment.answers),
			drawnAs: choiceOf(assessment.answers, 'drawnAs')
		};
	});

const readTick = formReader<{ place: StepPlace; done: 'yes' | 'no' }>({
	type: 'object',
	additionalProperties: false,
	required: ['place', 'done'],
	properties: {
		place: { enum: ['surface', 'seat', 'feet', 'back', 'keys', 'mouse', 'screen'] },
		done: { enum: ['yes', 'no'] }
	}
});

const readAsk = formReader<{ purchase: PurchaseId; wanted: 'yes' | 'no' }>({
	type: 'object',
	additionalProperties: false,
	required: ['purchase', 'wanted'],
	properties: { purchase: { enum: [...PURCHASES] }, wanted: { enum: ['yes', 'no'] } }
});

const readOut = formReader<{ piece: string; out: 'yes' | 'no' }>({
	type: 'object',
	additionalProperties: false,
	required: ['piece', 'out'],
	properties: {
		piece: { type: 'string', pattern: '^t(?:[0-9]|[123][0-9])(?:#[0-9]{1,3})?$' },
		out: { enum: ['yes', 'no'] }
	}
});

const readUnit = formReader<{ to: LengthUnit }>({
	type: 'object',
	additionalProperties: false,
	required: ['to'],
	properties: { to: { enum: ['cm', 'in', 'mm'] } }
});

const readAgain = formReader<TypedAgain>({
	type: 'object',
	additionalProperties: false,
	properties: againProperties
});

export const actions: Actions = {
	tick: ({ request, locals, params, url }) =>
		orFailedForm(async () => {
			const { place, done } = await readTick(request);
			const open = await openAssessment(locals.db, params.token, locals.now);
			await tickStep(locals.db, open, { place, done: done === 'yes' }, locals.now);
			redirect(303, `${url.pathname}${planOf(url)}`);
		}),

	unit: ({ request, locals, params, url }) =>
		orFailedForm(async () => {
			const { to } = await readUnit(request);
			const open = await openAssessment(locals.db, params.token, locals.now);
			await changeUnit(locals.db, open, to, locals.now);
			redirect(303, `${url.pathname}${planOf(url)}`);
		}),

	spot: ({ locals, params }) =>
		orFailedForm(async () => {
			const open = await openAssessment(locals.db, params.token, locals.now);
			const path = await addSpot(locals.db, open, params.token, locals.now);
			redirect(303, `${path}/spot`);
		}),

	ask: ({ request, locals, params, url }) =>
		orFailedForm(async () => {
			const { purchase, wanted } = await readAsk(request);
			const open = await openAssessment(locals.db, params.token, locals.now);
			await askEquipment(locals.db, open, { purchase, wanted: wanted === 'yes' }, locals.now);
			redirect(303, `${url.pathname}${planOf(url)}`);
		}),

	out: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { piece, out } = await readOut(request);
			const open = await openAssessment(locals.db, params.token, locals.now);
			await saveAnswers(locals.db, open, { [outField(piece)]: out === 'yes' ? 'yes' : '' }, locals.now);
			return sendAgain(locals, params.token, open);
		}),

	renew: ({ locals, params }) =>
		orFailedForm(async () =>
			sendAgain(locals, params.token, await openAssessment(locals.db, params.token, locals.now))
		),

	again: ({ request, locals, params, url }) =>
		orFailedForm(async () => {
			const typed = await readAgain(request);
			const open = await openAssessment(locals.db, params.token, locals.now);
			const plan = /^[123]$/.exec(url.searchParams.get('plan') ?? '')?.[0];
			const again = plan ? { ...typed, plan } : typed;
			const unit = unitOf(open.assessment.answers);
			const issues = await takeReMeasurement(locals.db, open, again, unit, locals.planning, locals.now);
			if (issues.length > 0) return fail(400, { issues });
			return { kept: true };
		})
};

/** Takes the answers in as they are now and solves again; asks for what was taken back since, without which that can't be done. */
async function sendAgain(
	{ db, now, planning }: App.Locals,
	token: string,
	open: OpenAssessment
): Promise<never> {
	const submitted = await submitAnswers(db, open, now, planning);
	const first = submitted.ok ? undefined : submitted.issues[0];
	redirect(303, `/c/${token}/${first ? `${pageOfField(first.field)}?open` : 'plan'}`);
}

/** The chosen plan stays chosen after a post. */
function planOf(url: URL): string {
	const plan = url.searchParams.get('plan');
	return plan && /^[123]$/.test(plan) ? `?plan=${plan}` : '';
}

/** Pieces that don't work here, with what they are called. */
function leftOutOf(answers: Answers): { id: string; label: string }[] {
	return piecesLeftOut(answers).map((id) => {
		const index = Number(/^t(\d+)/.exec(id)?.[1] ?? NaN);
		return { id, label: answers[thingField(index, 'label')] || id };
	});
}
