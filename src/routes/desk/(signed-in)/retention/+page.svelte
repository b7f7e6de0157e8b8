<script lang="ts">
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';

	const texts = deskWords.keeping;

	let { data, form } = $props();

	const shown = $derived(data.thought ?? data.policy);
	const years = (n: number | null) => (n === null ? '' : String(n));
	const isInForce = $derived(
		shown.yearsAfterLeaving === data.policy.yearsAfterLeaving &&
			shown.yearsAfterAnswer === data.policy.yearsAfterAnswer
	);
	const isAnySet = $derived(data.policy.yearsAfterLeaving !== null || data.policy.yearsAfterAnswer !== null);
	const fault = $derived((form && 'fault' in form && form.fault?.message) || data.unread);
</script>

<svelte:head><title>{texts.retentionTitle}</title></svelte:head>

<main class="max-w-2xl px-6 py-6">
	<p class="text-note"><a href="/desk/users">{texts.accounts}</a></p>
	<h1 class="mt-1 text-title">{texts.retention}</h1>
	<p class="mt-1 text-ink-soft">{texts.retentionLead}</p>
	{#if fault}<div class="mt-3"><Notice kind="caution" role="alert">{fault}</Notice></div>{/if}
	{#if form && 'kept' in form}<div class="mt-3">
			<Notice kind="done" role="status">{texts.retentionSaved}</Notice>
		</div>{/if}
	<form method="GET" class="mt-4 flex flex-wrap items-end gap-4">
		<TextField
			name="leaving"
			label={texts.yearsAfterLeaving}
			value={years(shown.yearsAfterLeaving)}
			size="desk"
			inputmode="numeric"
			maxlength={4}
		/>
		<TextField
			name="answer"
			label={texts.yearsAfterAnswer}
			value={years(shown.yearsAfterAnswer)}
			size="desk"
			inputmode="numeric"
			maxlength={4}
		/>
		<Button size="desk">{texts.showAffected}</Button>
	</form>
	<section class="mt-6" aria-live="polite">
		<h2 class="text-head">{texts.affected(data.concerned.length, data.isMore)}</h2>
		{#if data.concerned.length > 0}
			<ul class="mt-2 border-t border-rule">
				{#each data.concerned as person (person.id)}
					<li class="flex justify-between gap-4 border-b border-rule py-1.5">
						<a href="/desk/cases/{person.id}">{person.name}</a>
						<span class="text-note text-ink-soft">
							{person.leftAt ? texts.leftOn(dayWords(person.leftAt)) : ''}
						</span>
					</li>
				{/each}
			</ul>
		{/if}
	</section>
	{#if !isInForce}
		<form method="POST" action="?/keep" use:enhanceForm class="mt-5">
			<input type="hidden" name="version" value={data.policy.version} />
			<input type="hidden" name="leaving" value={years(shown.yearsAfterLeaving)} />
			<input type="hidden" name="answer" value={years(shown.yearsAfterAnswer)} />
			<Button look="main" size="desk">{texts.saveAndDelete}</Button>
			<p class="mt-1 text-note text-ink-soft">{texts.saveHint}</p>
		</form>
	{:else}
		<p class="mt-5 text-note text-ink-soft">{isAnySet ? texts.appliesNow : texts.noPeriods}</p>
	{/if}
</main>
