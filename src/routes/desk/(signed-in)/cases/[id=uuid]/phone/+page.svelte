<script lang="ts">
	import { languageOf } from '$lib/messages/languages';
	import { languageWords } from '$lib/messages/reader-formats';
	import { deskWords } from '$lib/messages/desk';
	import { deskLocale } from '$lib/messages/desk-language';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import CheckBox from '$lib/ui/platform/kit/CheckBox.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { phoneHref, phoneWords } from '$lib/ui/platform/kit/phone-words';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();

	const texts = deskWords.phoneWalk;
	const { person } = $derived(data);
	const language = $derived(languageOf(person.language));
	const fault = $derived(form && 'fault' in form ? (form.fault as { message: string }).message : null);
</script>

<svelte:head><title>{texts.title(person.name)}</title></svelte:head>

<main class="max-w-3xl px-6 py-6">
	<p class="text-note"><a href="/desk/cases/{person.id}">{texts.back(person.name)}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">
		{texts.lead(person.name)}
		{#if language !== deskLocale()}{texts.inTheirLanguage(languageWords(language))}{/if}
	</p>
	{#if person.phone}
		<p class="mt-2"><a class="num" href={phoneHref(person.phone)}>{phoneWords(person.phone)}</a></p>
	{/if}
	{#if person.hasLeft}
		<p class="mt-4 border-s-4 border-warm bg-warm-wash px-4 py-2">{texts.hasLeft(person.name)}</p>
	{:else}
		<ol class="steps">
			<li>
				<h2 class="text-lead">{texts.readOut}</h2>
				<dl lang={language}>
					{#each data.privacy as [term, words] (term)}
						<div>
							<dt class="font-semibold">{term}</dt>
							<dd>{words}</dd>
						</div>
					{/each}
				</dl>
			</li>
			<li>
				<h2 class="text-lead">{texts.ask}</h2>
				<form method="POST" action="?/begin" use:enhanceForm class="mt-2 grid gap-3">
					<input type="hidden" name="key" value={data.key} />
					<CheckBox name="agreed" size="desk" words={texts.agreed(person.name)} isChecked={false} />
					{#if fault}<p class="font-semibold text-warm" role="alert">{fault}</p>{/if}
					<div><Button look="main" size="desk">{data.hasOpen ? texts.goOn : texts.begin}</Button></div>
				</form>
			</li>
			<li>
				<h2 class="text-lead">{texts.then}</h2>
				<p>{texts.signs}</p>
				<p>{texts.marked}</p>
			</li>
		</ol>
	{/if}
</main>

<style>
	.steps {
		display: grid;
		gap: 1.5rem;
		max-width: 42rem;
		margin-top: 1.5rem;
	}
	.steps > li {
		padding-top: 0.75rem;
		border-top: 1px solid var(--rule);
	}
	dl {
		display: grid;
		gap: 0.5rem;
		margin-top: 0.5rem;
	}
</style>
