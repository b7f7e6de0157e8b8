<script lang="ts">
	import { untrack } from 'svelte';
	import { chosenOption, LENGTH_FIELDS } from '$lib/core/questionnaire/answers/fields';
	import { noPhotoFields, photoNumbersOf } from '$lib/core/questionnaire/answers/photo-answers';
	import { QUESTIONNAIRE_PAGES } from '$lib/core/questionnaire/answers/questionnaire-pages';
	import { readLengthField } from '$lib/core/questionnaire/answers/read-length-field';
	import { METHOD_SD } from '$lib/core/body/method-uncertainty';
	import { messagesFor } from '$lib/messages';
	import { photoTextsFor } from '$lib/messages/photo';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import FileButton from '$lib/ui/platform/kit/FileButton.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import { deviceStorage } from '$lib/ui/questionnaire/device-storage';
	import { Draft } from '$lib/ui/questionnaire/draft.svelte';
	import { LEAST_PX, openPicture, PictureError } from '$lib/ui/body/side-photo/load-picture';
	import MarkPhoto from '$lib/ui/body/side-photo/MarkPhoto.svelte';
	import { PhotoSession } from '$lib/ui/body/side-photo/photo-session.svelte';

	import SavePhotoNumbers from '$lib/ui/body/side-photo/SavePhotoNumbers.svelte';

	let { data } = $props();

	const t = $derived(messagesFor(data.locale));
	const texts = $derived(photoTextsFor(data.locale));
	const draft = untrack(() => new Draft(data, data.way, `/c/${data.token}/draft`, deviceStorage()));
	const isSitting = $derived(chosenOption(draft.answers, 'posture') === 'sitting');
	const corner = $derived(draft.partial?.corner ?? null);
	const table = $derived.by(() => {
		const read = readLengthField(
			'surfaceHeight',
			draft.answers['surfaceHeight'],
			draft.unit,
			LENGTH_FIELDS.surfaceHeight
		);
		return read.ok ? { mm: read.mm, sd: METHOD_SD[chosenOption(draft.answers, 'by')] } : null;
	});
	const session = new PhotoSession(() => ({
		person: corner?.person ?? { stature: 0, heel: 0, sex: 'unstated' },
		isSitting,
		table
	}));

	let fault = $state<'not-opened' | 'too-small' | null>(null);
	let done = $state<'saved' | 'removed' | null>(null);

	const kept = $derived(photoNumbersOf(draft.answers));
	const reading = $derived(session.reading);
	async function choose(file: File) {
		fault = null;
		done = null;
		try {
			session.open(await openPicture(file));
		} catch (error) {
			if (!(error instanceof PictureError)) throw error;
			fault = error.why;
		}
	}

	function remove() {
		draft.setAll(noPhotoFields(draft.answers));
		done = 'removed';
	}
</script>

<svelte:head><title>{texts.title} · {t.product}</title></svelte:head>
<svelte:window onpagehide={() => draft.autosave.leave()} />

<main id="content" class="mx-auto max-w-6xl px-5 py-5 md:px-8">
	<p class="font-title font-semibold">{t.product}</p>
	<h1 class="mt-4 text-title">{texts.title}</h1>
	{#if !session.picture}
		<p class="mt-2 max-w-2xl text-lead">{texts.lead}</p>
		<p class="mt-3 max-w-2xl border-s-4 border-ink ps-3 font-semibold">{texts.private}</p>
		<ol class="mt-4 max-w-2xl list-decimal ps-5">
			{#each texts.how as line (line)}<li class="mt-1">{line}</li>{/each}
		</ol>
	{/if}
	{#if !corner}
		<div class="mt-5"><Notice kind="caution"><p>{texts.needsStature}</p></Notice></div>
		<p class="mt-3"><Button look="main" href="/c/{data.token}/you">{texts.toStature}</Button></p>
	{:else}
		<p class="needs-js mt-5 flex flex-wrap gap-3">
			{#if session.picture}<FileButton words={texts.another} accept="image/*" onchoose={choose} />
			{:else}
				<FileButton words={texts.choose} accept="image/*" look="main" onchoose={choose} />
				<FileButton words={texts.take} accept="image/*" takesPhoto onchoose={choose} />
			{/if}
		</p>
		{#if fault}
			<p class="mt-3 border-s-4 border-warm bg-warm-wash px-3 py-2" role="alert">
				{fault === 'too-small' ? texts.tooSmall(String(LEAST_PX)) : texts.notOpened}
			</p>
		{/if}
		{#if session.picture}
			<MarkPhoto picture={session.picture} {session} hasTable={table !== null} {texts} />
		{/if}
		{#if reading}
			<SavePhotoNumbers {reading} {corner} {draft} {t} {texts} onsaved={() => (done = 'saved')} />
		{/if}
		<div class="mt-4" role="status">
			{#if done}<Notice kind="done"><p>{done === 'saved' ? texts.saved : texts.removed}</p></Notice>{/if}
		</div>
		{#if kept}
			<p class="mt-3">
				<Button type="button" look="quiet" class="needs-js" onclick={remove}>{texts.remove}</Button>
			</p>
		{/if}
	{/if}
	<p class="mt-6"><Button href="/c/{data.token}/{QUESTIONNAIRE_PAGES[2]}">{texts.back}</Button></p>
</main>
