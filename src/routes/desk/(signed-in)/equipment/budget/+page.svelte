<script lang="ts">
	import { page } from '$app/state';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import { money } from '$lib/messages/desk/workforce-words';
	import BudgetPeople from '$lib/ui/plan/equipment/BudgetPeople.svelte';
	import BudgetThings from '$lib/ui/plan/equipment/BudgetThings.svelte';
	import { isPermitted } from '$lib/core/platform/access/permissions';
	import YearBudgetLines from '$lib/ui/plan/equipment/YearBudgetLines.svelte';
	import Button from '$lib/ui/platform/kit/Button.svelte';
	import Notice from '$lib/ui/platform/kit/Notice.svelte';
	import Select from '$lib/ui/platform/kit/Select.svelte';
	import TextField from '$lib/ui/platform/kit/TextField.svelte';

	let { data, form } = $props();

	const t = deskCatalogue();
	const board = deskWords.equipment;
	const texts = board.budget;
	const { plan, currency } = $derived(data);
	let approved = $state(0);
	const tenths = new Intl.NumberFormat(t.locale, { style: 'percent', maximumFractionDigits: 1 });
	/** A share, rounded up to a tenth of a percent. */
	const atMost = (share: number) => tenths.format(Math.ceil(share * 1000) / 1000);
</script>

{#snippet names({
	n,
	first
}: {
	readonly n: number;
	readonly first: readonly { readonly personId: string; readonly name: string }[];
})}
	{#each first as { personId, name }, i (personId)}{i > 0 ? ', ' : ''}<a
			class="underline"
			href="/desk/cases/{personId}">{name}</a
		>{/each}{#if n > first.length}{` ${texts.andMore(n - first.length)}`}{/if}
{/snippet}

<svelte:head><title>{texts.title}</title></svelte:head>

<main class="budget">
	<p class="text-note"><a href="/desk/equipment">{board.heading}</a></p>
	<h1 class="mt-1 text-title">{texts.heading}</h1>
	<p class="mt-1 max-w-prose text-ink-soft">{texts.lead}</p>
	{#if data.ofYear}
		<YearBudgetLines
			budget={data.ofYear}
			fault={form && 'fault' in form ? (form.fault as { message: string }).message : null}
			isKept={form !== null && 'kept' in form}
			maySet={isPermitted(data.role, 'prices:set')}
		/>
	{/if}
	{#if currency === null}
		<Notice kind="caution">
			{texts.noPrices} <a href="/desk/workforce/to-buy">{texts.toPrices}</a>
		</Notice>
	{:else}
		<form method="GET" class="asked no-print">
			<TextField
				name="money"
				label={texts.money(currency)}
				value={data.filter.money}
				fault={data.unread}
				size="desk"
				inputmode="decimal"
				maxlength={12}
				isRequired
			/>
			<Select
				name="team"
				label={board.team}
				size="desk"
				value={data.filter.team}
				options={[
					{ value: '', words: board.allTeams },
					...data.teams.map((value) => ({ value, words: value }))
				]}
			/>
			<Button look="main" size="desk">{texts.workOut}</Button>
		</form>
	{/if}
	<div role="status">
		{#if approved > 0}
			<Notice kind="done">
				{texts.approved(approved)} <a href="/desk/equipment?state=approved">{texts.toBoard}</a>
			</Notice>
		{/if}
	</div>
	{#if plan && currency}
		<section aria-live="polite">
			<p class="mt-4 text-lead">
				{plan.people === 0
					? texts.nothing
					: texts.closes(money(plan.spent, currency), plan.people, plan.closes)}
			</p>
			<p class="text-note text-ink-soft">
				{plan.spent === plan.all.cents
					? texts.isAll
					: texts.all(money(plan.all.cents, currency), plan.all.people, plan.all.closes)}
				{#if plan.waiting > 0}{texts.waiting(plan.waiting)}{/if}
				{#if plan.proof === 'stock-left'}{texts.notProven}{/if}
				{#if plan.proof === 'search-ended'}{texts.searchEnded(atMost(plan.mostMissed))}{/if}
			</p>
			{#if plan.spent < plan.all.cents}
				<p class="mt-1 text-note">
					{texts.step(money(plan.step.cents, currency), plan.step.people.n)}
					{@render names(plan.step.people)}
				</p>
			{/if}
			{#if plan.tied.n > 0}
				<p class="mt-1 text-note">{texts.tiedTitle(plan.tied.n)} {@render names(plan.tied)}</p>
			{/if}
		</section>
		{#if plan.people > 0}
			<BudgetPeople
				lines={plan.lines}
				isMore={plan.people > plan.lines.length}
				query={page.url.searchParams.toString()}
				approved={(n) => (approved = n)}
				{currency}
				{t}
				unit={data.unit}
			>
				{#snippet beside()}<BudgetThings things={plan.things} spent={plan.spent} {currency} {t} />{/snippet}
			</BudgetPeople>
		{/if}
	{/if}
</main>

<style>
	.budget {
		max-width: 80rem;
		padding: 1.5rem 1.5rem 3rem;
	}
	.asked {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: end;
		margin-top: 1rem;
	}
</style>
