<script lang="ts">
	import { deskWords } from '$lib/messages/desk';
	import { momentWords } from '$lib/messages/dates';
	import { peopleWords } from '$lib/messages/desk/workforce-words';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import DirectoryChanges from '$lib/ui/people/directory/DirectoryChanges.svelte';
	import DirectoryForm from '$lib/ui/people/directory/DirectoryForm.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Disclosure from '$lib/ui/platform/kit/Disclosure.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import { refreshPage } from '$lib/ui/platform/kit/refresh-page';
	import ImportsToday from '$lib/ui/people/ImportsToday.svelte';

	let { data } = $props();

	const texts = deskWords.directory;
	/** How often the page looks whether the directory has been read, ms. */
	const LOOK_MS = 1500;

	let told = $state('');
	const reading = new CaseForm(() => (told = ''));
	const { state: read, report } = $derived(data);
	const fault = $derived(
		read.fault === '' || read.isReading
			? ''
			: (texts.faults[read.fault as keyof typeof texts.faults] ?? texts.faults.failed)
	);

	/** Being read again is said until that has failed. */
	const shown = $derived(told === texts.saved && fault !== '' ? '' : told);

	$effect(() => {
		if (!read.isReading || !data.isConnected) return;
		const timer = setInterval(() => void refreshPage(), LOOK_MS);
		return () => clearInterval(timer);
	});
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-4xl px-6 py-6">
	<p class="text-note"><a href="/desk/people">{deskWords.people.heading}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<p class="mt-1 max-w-prose text-note text-ink-soft">{texts.matching}</p>
	<div role="status">
		{#if shown}<div class="mt-3"><Notice kind="done">{shown}</Notice></div>{/if}
	</div>
	{#if !data.isConnected}
		<div class="mt-4"><Notice kind="caution">{texts.notConnected}</Notice></div>
	{:else}
		<form
			method="POST"
			action="?/read"
			use:enhanceForm={reading.submit}
			class="mt-4 flex flex-wrap items-center gap-4"
		>
			<p role="status">
				{#if read.isReading}{texts.isReading}
				{:else if read.readAt && report}{texts.readAt(
						momentWords(read.readAt, data.timeZone),
						peopleWords(read.people)
					)}
				{:else if read.readAt}{texts.deleted}
				{:else}{texts.never}{/if}
			</p>
			<Button size="desk" isBusy={reading.isBusy || read.isReading}>{texts.readNow}</Button>
		</form>
		<FormError fault={reading.fault} />
		{#if fault}
			<div class="mt-3">
				<Notice kind="caution">{fault}{report ? ` ${texts.asBefore}` : ''}</Notice>
			</div>
		{/if}
		{#if report && read.readAt}
			<DirectoryChanges
				{report}
				readAt={read.readAt}
				unreadable={data.unreadable}
				onapplied={(words) => (told = words)}
			/>
		{/if}
		<div class="mt-6">
			{#key data.version}
				<Disclosure words={texts.settings} isOpen={data.version === 0}>
					<DirectoryForm
						settings={data.settings}
						version={data.version}
						onsaved={() => (told = texts.saved)}
					/>
				</Disclosure>
			{/key}
		</div>
	{/if}
	{#if data.imports.length > 0}<ImportsToday
			imports={data.imports}
			timeZone={data.timeZone}
			onundone={() => (told = '')}
		/>{/if}
</main>
