<script lang="ts">
	import { deskWords } from '$lib/messages/desk';
	import { languageWords } from '$lib/messages/reader-formats';
	import { momentWords } from '$lib/messages/dates';
	import { LANGUAGE_NAMES, TRANSLATED_LANGUAGES } from '$lib/messages/languages';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';

	let { data } = $props();

	const texts = deskWords.organisation.translations;
	const form = new CaseForm();
	const name = $derived(languageWords(data.language));
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-5xl px-6 py-6">
	<p class="text-note"><a href="/desk/organisation">{deskWords.organisation.back}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	{#if TRANSLATED_LANGUAGES.length > 1}
		<p class="mt-3 flex flex-wrap gap-4 text-note">
			{#each TRANSLATED_LANGUAGES as language (language)}
				<a
					href="?language={language}"
					aria-current={language === data.language ? 'true' : undefined}
					class:font-semibold={language === data.language}>{LANGUAGE_NAMES[language]}</a
				>
			{/each}
		</p>
	{/if}
	<div class="mt-4" role="status">
		{#if data.review}
			<Notice kind="done"
				>{texts.reviewed(
					name,
					data.review.reviewedBy,
					momentWords(data.review.reviewedAt, data.timeZone)
				)}</Notice
			>
		{:else}
			<Notice kind="caution">{texts.notReviewed(name)}</Notice>
		{/if}
	</div>
	<table class="mt-5 w-full border-collapse">
		<thead>
			<tr class="border-b border-ink text-start text-note text-ink-soft">
				<th class="w-1/2 py-1.5 pe-6 font-semibold" scope="col">{LANGUAGE_NAMES.en}</th>
				<th class="py-1.5 font-semibold" scope="col">{name}</th>
			</tr>
		</thead>
		<tbody>
			{#each data.texts as { key, english, translated } (key)}
				<tr class="border-b border-rule align-top">
					<td class="py-1.5 pe-6" lang="en">{english}</td>
					<td class="py-1.5" lang={data.language}>{translated}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<form method="POST" action="?/confirm" use:enhanceForm={form.submit} class="mt-5 grid max-w-md gap-3">
		<input type="hidden" name="language" value={data.language} />
		<TextField
			name="reviewedBy"
			label={texts.reviewer}
			hint={texts.reviewerHint}
			value={data.review?.reviewedBy ?? ''}
			size="desk"
			maxlength={80}
			isRequired
		/>
		<div><Button look="main" size="desk" isBusy={form.isBusy}>{texts.confirm(name)}</Button></div>
		<FormError fault={form.fault} />
	</form>
</main>
