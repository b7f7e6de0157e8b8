import { Type } from 'typebox';
import { OWN_TEXT_KINDS, OWN_TEXT_LENGTHS } from '$lib/core/platform/sending/own-texts';
import { VERSION_NOTE_LENGTH } from '$lib/core/platform/version-note';
import { LANGUAGES } from '$lib/messages/languages';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, version } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import {
	previewEmail,
	SAMPLE_KINDS,
	sampleOf,
	sendSampleEmail
} from '$lib/server/platform/organisation/sample-emails';
import { signedIn } from '$lib/server/platform/signed-in';
import {
	discardTextDraft,
	ownTextPage,
	publishText,
	returnToOriginal,
	saveTextDraft
} from '$lib/server/platform/texts/edit-own-text';
import { replyNamed, sampleReply } from '$lib/server/platform/texts/sample-reply';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		const sample = sampleOf(url.searchParams);
		const { language } = sample;
		const reply = replyNamed(url.searchParams.get('kind'));
		const kind = OWN_TEXT_KINDS.find((one) => one === (reply ?? sample.kind));
		const shown = {
			...sample,
			hasPictures: url.searchParams.get('pictures') !== 'off',
			own: kind ? { kind, ...(await ownTextPage(locals.db, actor, { kind, language })) } : null
		};
		if (reply) {
			return { ...shown, email: null, reply: await sampleReply(locals.db, actor, { kind: reply, language }) };
		}
		const {
			fromName,
			subject,
			text: words
		} = await previewEmail(locals.db, actor, {
			...sample,
			origin: locals.config.origin
		});
		return { ...shown, email: { fromName, subject, text: words }, reply: null };
	});

const read = formReader({ kind: Type.Enum([...SAMPLE_KINDS]), language: Type.Enum(LANGUAGES) });

/** Which text a form is about, and how it stood when the form was shown. */
const about = {
	text: Type.Enum([...OWN_TEXT_KINDS]),
	language: Type.Enum(LANGUAGES),
	seen: version,
	subject: text(OWN_TEXT_LENGTHS.subject),
	body: text(OWN_TEXT_LENGTHS.body + 200),
	note: Type.Optional(text(VERSION_NOTE_LENGTH))
} as const;

const readText = formReader(about);

const seenText = ({ text: kind, seen, note = '', ...form }: Awaited<ReturnType<typeof readText>>) => ({
	...form,
	kind,
	note,
	seen: Number(seen)
});

export const actions: Actions = {
	send: ({ request, locals }) =>
		withFormError(async () => {
			const form = await read(request);
			const sentTo = await sendSampleEmail(locals.db, signedIn(locals), form, locals.now);
			return { sentTo };
		}),

	save: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			await saveTextDraft(locals.db, actor, seenText(await readText(request)), locals.now);
			return { done: 'saved' as const };
		}),

	publish: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const form = await readText(request);
			await publishText(locals.db, actor, seenText(form), locals.now);
			return { done: 'published' as const };
		}),

	discard: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const form = await readText(request);
			await discardTextDraft(locals.db, actor, seenText(form), locals.now);
			return { done: 'discarded' as const };
		}),

	original: ({ request, locals }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const form = await readText(request);
			await returnToOriginal(locals.db, actor, seenText(form), locals.now);
			return { done: 'returned' as const };
		})
};
