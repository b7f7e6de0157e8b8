import { Type } from 'typebox';
import { forecastRound } from '$lib/core/workforce/round-forecast/forecast-round';
import { redirect } from '@sveltejs/kit';
import { correctRound, pauseRound } from '$lib/server/people/rounds/correct-round';
import { changeRound, deleteDraft } from '$lib/server/people/rounds/edit-rounds';
import { readOrganisation } from '$lib/server/platform/organisation/read-organisation';
import { readRound } from '$lib/server/people/rounds/read-rounds';
import { roundFigures, pairedRoundFigures } from '$lib/server/people/rounds/round-figures';
import { closeRound, reopenRound, startRound } from '$lib/server/people/rounds/run-round';
import { previewRoundSelection } from '$lib/server/people/rounds/round-selection';
import { earlierDelays, outcomeOf } from '$lib/server/people/rounds/round-delays';
import { remindUnanswered } from '$lib/server/people/rounds/remind-unanswered';
import { readRoundForm, ROUND_TEXT_FIELDS, roundOfForm } from '$lib/server/people/rounds/round-form';
import { teamsAndCountriesOf } from '$lib/server/people/list-people';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import { uuid, version as versionField, yesNo } from '$lib/server/platform/http/fields';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params, url }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		const read = await readRound(locals.db, actor, params.id, locals.now);
		const with_ = url.searchParams.get('with');
		const other = read.earlier.find(({ id }) => id === with_) ?? read.earlier[0] ?? null;
		const isDraft = read.round.state === 'draft';
		const who = isDraft ? await previewRoundSelection(locals.db, read.round.filter, locals.now) : null;
		return {
			...read,
			/** What it would bring, or was expected to when it was started; with what came since then. */
			forecast: who ? forecastRound(await earlierDelays(locals.db, locals.now), who.n) : read.round.forecast,
			outcome: isDraft ? null : await outcomeOf(locals.db, read.round, locals.now),
			...(isDraft ? await teamsAndCountriesOf(locals.db, actor) : { teams: [], countries: [] }),
			organisation: await readOrganisation(locals.db),
			who,
			figures: isDraft ? null : await roundFigures(locals.db, params.id),
			same: isDraft || !other ? null : await pairedRoundFigures(locals.db, params.id, other.id),
			compared: isDraft || !other ? null : { ...other, figures: await roundFigures(locals.db, other.id) }
		};
	});

const people = Type.String({ pattern: '^[0-9]{1,7}$' });

const readStart = formReader({ version: versionField, expected: people });

const readVersion = formReader({ version: versionField });

const readClose = formReader({ version: versionField, callSilent: Type.Optional(Type.Literal('yes')) });

const readPause = formReader({ version: versionField, paused: yesNo });

const readCorrection = formReader({ version: versionField, ...ROUND_TEXT_FIELDS });

const readNudge = formReader({ expected: people, person: Type.Optional(uuid) });

export const actions: Actions = {
	change: ({ request, locals, params }) =>
		withFormError(async () => {
			const form = await readRoundForm(request);
			const input = { ...roundOfForm(form), id: params.id, version: Number(form.version ?? 0) };
			await changeRound(locals.db, signedIn(locals), input);
			return { changed: true };
		}),

	start: ({ request, locals, params }) =>
		withFormError(async () => {
			const { version, expected } = await readStart(request);
			const input = { id: params.id, version: Number(version), expected: Number(expected) };
			await startRound(locals.db, signedIn(locals), input, locals.now);
			return { started: true };
		}),

	nudge: ({ request, locals, params }) =>
		withFormError(async () => {
			const { expected, person } = await readNudge(request);
			const input = { id: params.id, personId: person ?? null, expected: Number(expected) };
			const nudged = await remindUnanswered(locals.db, signedIn(locals), input, locals.now);
			return { nudged };
		}),

	close: ({ request, locals, params }) =>
		withFormError(async () => {
			const { version, callSilent } = await readClose(request);
			const input = { id: params.id, version: Number(version), callSilent: callSilent === 'yes' };
			await closeRound(locals.db, signedIn(locals), input, locals.now);
			return { closed: true };
		}),

	pause: ({ request, locals, params }) =>
		withFormError(async () => {
			const { version, paused } = await readPause(request);
			const input = { id: params.id, version: Number(version), isPaused: paused === 'yes' };
			await pauseRound(locals.db, signedIn(locals), input, locals.now);
			return { paused: input.isPaused };
		}),

	correct: ({ request, locals, params }) =>
		withFormError(async () => {
			const { version, body, ...rest } = await readCorrection(request);
			const input = { ...rest, body: body.replaceAll('\r\n', '\n'), id: params.id, version: Number(version) };
			await correctRound(locals.db, signedIn(locals), input, locals.now);
			return { corrected: true };
		}),

	reopen: ({ request, locals, params }) =>
		withFormError(async () => {
			const { version } = await readVersion(request);
			const input = { id: params.id, version: Number(version) };
			await reopenRound(locals.db, signedIn(locals), input, locals.now);
			return { reopened: true };
		}),

	drop: ({ request, locals, params }) =>
		withFormError(async () => {
			const { version } = await readVersion(request);
			const input = { id: params.id, version: Number(version) };
			await deleteDraft(locals.db, signedIn(locals), input, locals.now);
			redirect(303, '/desk/rounds');
		})
};
