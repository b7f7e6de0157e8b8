<script lang="ts">
	import { page } from '$app/state';
	import { deskWords } from '$lib/messages/desk';
	import { money } from '$lib/messages/desk/workforce-words';
	import { CURRENCIES } from '$lib/core/plan/equipment';
	import { leftCents, type YearBudget } from '$lib/core/plan/equipment/year-budget';
	import Button from '../../platform/kit/Button.svelte';
	import Disclosure from '../../platform/kit/Disclosure.svelte';
	import { enhanceForm } from '../../platform/kit/enhance-form';
	import Notice from '../../platform/kit/Notice.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import TextField from '../../platform/kit/TextField.svelte';

	const texts = deskWords.equipment.budget;

	interface Props {
		budget: YearBudget;
		/** That of the page's last form. */
		fault: string | null;
		isKept: boolean;
		maySet: boolean;
	}

	let { budget, fault: anyFault, isKept, maySet }: Props = $props();

	/** Whether the last form sent was this one; another one's fault is shown elsewhere. */
	let wasSent = $state(false);
	const fault = $derived(wasSent || page.url.searchParams.has('/year') ? anyFault : null);

	const left = $derived(leftCents(budget));
	const amounts = $derived([
		[texts.yearBudget, budget.budgetCents],
		[texts.spent, budget.spentCents],
		[texts.promised, budget.promisedCents],
		[texts.left, left]
	] as const);
	/** As a form takes it: without a currency, with a point. */
	const asTyped = (cents: number) => String(cents / 100);
</script>

<section class="year">
	<h2 class="text-head">{texts.ofYear(budget.year)}</h2>
	<dl>
		{#each amounts as [name, cents] (name)}
			<div>
				<dt>{name}</dt>
				<dd class:text-warm={cents !== null && cents < 0}>
					{cents === null ? texts.notSet : money(cents, budget.currency)}
				</dd>
			</div>
		{/each}
	</dl>
	<p class="text-note text-ink-soft">
		{texts.yearScope}
		{#if budget.notCounted > 0}{texts.notCounted(budget.notCounted)}{/if}
		{#if left !== null && left > 0}
			<a class="underline" href="/desk/equipment/budget?money={asTyped(left)}">{texts.useWhatIsLeft}</a>
		{/if}
	</p>
	{#if maySet}
		<Disclosure words={texts.setBudget} isOpen={fault !== null}>
			<form
				method="POST"
				action="?/year"
				class="set"
				use:enhanceForm={() => {
					wasSent = true;
					return ({ update }) => update();
				}}
			>
				<input type="hidden" name="year" value={budget.year} />
				<input type="hidden" name="version" value={budget.version} />
				<TextField
					name="amount"
					label={texts.amountOfYear(budget.year)}
					value={budget.budgetCents === null ? '' : asTyped(budget.budgetCents)}
					{fault}
					size="desk"
					inputmode="decimal"
					maxlength={12}
				/>
				<Select
					name="currency"
					label={deskWords.equipment.currency}
					size="desk"
					value={budget.currency}
					options={CURRENCIES.map((value) => ({ value, words: value }))}
				/>
				<Button size="desk">{texts.saveBudget}</Button>
			</form>
		</Disclosure>
	{/if}
	<div role="status">
		{#if isKept}<Notice kind="done">{texts.budgetSaved}</Notice>{/if}
	</div>
</section>

<style>
	.year {
		margin-top: 1.25rem;
		padding-top: 0.75rem;
		border-top: 1.5px solid var(--ink);
	}
	dl {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 2.5rem;
		margin-block: 0.5rem;
	}
	dt {
		font-size: var(--text-note);
		color: var(--ink-soft);
	}
	dd {
		font-size: var(--text-lead);
		font-variant-numeric: tabular-nums;
	}
	.set {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: end;
		margin-top: 0.5rem;
	}
</style>
