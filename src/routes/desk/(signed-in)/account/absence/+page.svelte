<script lang="ts">
	import { dayWords } from '$lib/messages/dates';
	import { deskWords } from '$lib/messages/desk';
	import { peopleWords } from '$lib/messages/desk/workforce-words';
	import { CaseForm } from '$lib/ui/cases/case-form.svelte';
	import DayField from '$lib/ui/cases/DayField.svelte';
	import FormError from '$lib/ui/cases/FormError.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import { enhanceForm } from '$lib/ui/platform/kit/enhance-form';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import Select from '$lib/ui/platform/kit/Select.svelte';

	let { data, form } = $props();

	const { absence: texts, yourAccount } = deskWords.accounts;
	/** What was done, where scripts run; without, the page says it after it was loaded again. */
	let done = $state.raw<Record<string, unknown> | null>(null);
	const acting = new CaseForm((result) => (done = result));
	const names = $derived(data.coordinators.map(({ id, name }) => ({ value: id, words: name })));
	const others = $derived(names.filter(({ value }) => value !== data.userId));
	let from = $state('');
	const takers = $derived(names.filter(({ value }) => value !== (from || data.userId)));
	const giving = $derived(data.coordinators.find(({ id }) => id === (from || data.userId)));
	const result = $derived<Record<string, unknown> | null>(done ?? form);
	const told = $derived(
		typeof result?.handed === 'number' ? texts.handed(result.handed) : result?.saved ? texts.saved : ''
	);
</script>

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="max-w-3xl px-6 py-6">
	<p class="text-note"><a href="/desk/account">{yourAccount}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	<div role="status">
		{#if told}<div class="mt-3"><Notice kind="done">{told}</Notice></div>{/if}
	</div>
	<ul class="mt-5 border-t border-ink">
		{#each data.coordinators as { id, name, cases, away } (id)}
			<li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule py-2">
				<span>
					{texts.line(name, peopleWords(cases))}
					{#if away}
						<span class="text-note text-ink-soft"
							>{texts.away({
								from: dayWords(away.from, 'medium'),
								until: dayWords(away.until, 'medium'),
								standIn: away.standIn
							})}</span
						>
					{/if}
				</span>
				{#if away}
					<form method="POST" action="?/back" use:enhanceForm={acting.submit}>
						<Button look="quiet" size="desk" name="userId" value={id}>{texts.isBack(name)}</Button>
					</form>
				{/if}
			</li>
		{/each}
	</ul>
	{#if others.length > 0}
		<h2 class="mt-6 text-head">{texts.awayHeading}</h2>
		<form
			method="POST"
			action="?/away"
			use:enhanceForm={acting.submit}
			class="mt-2 grid max-w-md grid-cols-2 gap-3"
		>
			<Select name="userId" id="away-who" label={texts.who} size="desk" value={data.userId} options={names} />
			<Select
				name="standInId"
				id="away-stand-in"
				label={texts.standIn}
				size="desk"
				value={others[0]?.value ?? ''}
				options={names}
			/>
			<DayField id="away-from" name="from" label={texts.from} value={data.today} isRequired />
			<DayField id="away-until" name="until" label={texts.until} least={data.today} isRequired />
			<p class="col-span-2"><Button size="desk" isBusy={acting.isBusy}>{texts.save}</Button></p>
		</form>
		<h2 class="mt-6 text-head">{texts.handHeading}</h2>
		<p class="mt-1 max-w-prose text-ink-soft">{texts.handLead}</p>
		<form
			method="POST"
			action="?/hand"
			use:enhanceForm={acting.submit}
			class="mt-2 grid max-w-md grid-cols-2 gap-3"
		>
			<input type="hidden" name="key" value={acting.key} />
			<input type="hidden" name="expected" value={giving?.cases ?? 0} />
			<Select
				name="fromId"
				id="hand-from"
				label={texts.handFrom}
				size="desk"
				value={from || data.userId}
				options={names}
				onchange={(value) => (from = value)}
			/>
			<Select
				name="toId"
				id="hand-to"
				label={texts.handTo}
				size="desk"
				value={takers[0]?.value ?? ''}
				options={[{ value: '', words: texts.nobody }, ...takers]}
			/>
			<p class="col-span-2">
				<Button size="desk" isBusy={acting.isBusy} disabled={(giving?.cases ?? 0) === 0}
					>{texts.hand(giving?.cases ?? 0)}</Button
				>
			</p>
		</form>
	{/if}
	<FormError fault={acting.fault} />
</main>
