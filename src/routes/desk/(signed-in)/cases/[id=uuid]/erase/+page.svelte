<script lang="ts">
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import { page } from '$app/state';
	import { deskWords } from '$lib/messages/desk';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import ChoiceRows from '$lib/ui/platform/kit/ChoiceRows.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';

	const texts = deskWords.keeping;

	let { data, form } = $props();

	const home = $derived(page.url.pathname.replace(/\/erase$/, ''));
	let why = $state('');
</script>

<svelte:head><title>{texts.eraseTitle(data.person.name)}</title></svelte:head>

<main class="max-w-2xl px-6 py-6">
	<p class="text-note"><a href="{home}?part=person">{data.person.name}</a></p>
	<h1 class="mt-1 text-title">{texts.erase(data.person.name)}</h1>
	{#if data.isWaitedFor}
		<div class="mt-4">
			<Notice kind="caution">{texts.signIsOpen} <a href={home}>{texts.openCase}</a></Notice>
		</div>
	{/if}
	<div class="mt-5 grid gap-6 sm:grid-cols-2">
		<section>
			<h2 class="text-head">{texts.deletedHeading}</h2>
			<ul class="mt-2 list-disc ps-5">
				<li>{texts.personalDetails}</li>
				{#each data.goes as { kind, n } (kind)}<li>{texts.counted(texts.kinds[kind], n)}</li>{/each}
				<li>{texts.computedToo}</li>
			</ul>
		</section>
		<section>
			<h2 class="text-head">{texts.staysHeading}</h2>
			<ul class="mt-2 list-disc ps-5">
				<li>{texts.logStays(data.recordLines)}</li>
				<li>{texts.reportsStay}</li>
				<li>{texts.backupsStay}</li>
			</ul>
		</section>
	</div>
	<p class="mt-5">
		<Button size="desk" href="{home}/everything">{texts.seeAllFirst}</Button>
	</p>
	<form method="POST" use:enhanceForm class="mt-6 grid max-w-md gap-4 border-t border-ink pt-4">
		{#if form?.fault}<Notice kind="caution" role="alert">{form.fault.message}</Notice>{/if}
		<ChoiceRows
			name="why"
			legend={texts.reason}
			value={why}
			options={Object.entries(texts.reasons).map(([value, words]) => ({ value, words }))}
			onchange={(value) => (why = value)}
		/>
		<TextField
			name="name"
			label={texts.typeName(data.person.name)}
			value=""
			size="desk"
			maxlength={120}
			isRequired
		/>
		<div class="flex gap-3">
			<Button look="main" size="desk" disabled={data.isWaitedFor}>{texts.deleteAll}</Button>
			<Button size="desk" href="{home}?part=person">{texts.cancel}</Button>
		</div>
	</form>
</main>
