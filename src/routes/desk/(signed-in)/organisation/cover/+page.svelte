<script lang="ts">
	import { COVER_LENGTHS, COVER_MINUTES } from '$lib/core/platform/cover';
	import { deskWords } from '$lib/messages/desk';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import Select from '$lib/ui/platform/kit/Select.svelte';
	import TextArea from '$lib/ui/platform/kit/TextArea.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';

	let { data } = $props();

	const { cover: texts, back } = deskWords.organisation;
	let isSaved = $state(false);
	const form = new CaseForm(() => (isSaved = true));
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-3xl px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<div role="status">
		{#if isSaved}<div class="mt-3"><Notice kind="done">{texts.saved}</Notice></div>{/if}
	</div>
	<form method="POST" action="?/save" use:enhanceForm={form.submit} class="mt-5 grid max-w-prose gap-4">
		<input type="hidden" name="version" value={data.version} />
		<Select
			name="minutes"
			label={texts.minutes}
			size="desk"
			value={String(data.cover.minutes ?? '')}
			options={[
				{ value: '', words: texts.never },
				...COVER_MINUTES.map((n) => ({ value: String(n), words: texts.minutesWords(n) }))
			]}
		/>
		<Select
			name="deputyId"
			label={texts.deputy}
			hint={texts.deputyHint}
			size="desk"
			value={data.cover.deputyId ?? ''}
			options={[
				{ value: '', words: texts.everyCoordinator },
				...data.deputies.map(({ id, name }) => ({ value: id, words: name }))
			]}
		/>
		<TextArea
			name="outOfHours"
			label={texts.outOfHours}
			hint={texts.outOfHoursHint}
			size="desk"
			rows={3}
			maxlength={COVER_LENGTHS.outOfHours}
			value={data.cover.outOfHours}
		/>
		<TextField
			name="webhookUrl"
			label={texts.webhook}
			hint={texts.webhookHint}
			size="desk"
			inputmode="url"
			maxlength={COVER_LENGTHS.webhookUrl}
			value={data.cover.webhookUrl}
		/>
		{#if data.webhookSecret}
			<div>
				<p class="font-semibold">{texts.secret}</p>
				<p class="num text-note break-all">{data.webhookSecret}</p>
				<p class="text-note text-ink-soft">{texts.secretHint}</p>
			</div>
		{/if}
		<p><Button look="main" size="desk" isBusy={form.isBusy}>{texts.save}</Button></p>
		<FormError fault={form.fault} />
	</form>
</main>
