<script lang="ts">
	import type { PolicyFieldRule, PolicyField } from '$lib/core/triage/policy-settings';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.policy;

	interface Props {
		field: PolicyField;
		rule: PolicyFieldRule;
		value: string;
		/** The value that applies now. */
		now: string;
		oninput: (text: string) => void;
	}

	let { field, rule, value, now, oninput }: Props = $props();

	const limits = $derived(
		rule.list ? texts.listLimits({ ...rule, ...rule.list }) : texts.limits(rule.least, rule.most)
	);
	const isChanged = $derived(value.replace(/\s/g, '') !== now.replace(/\s/g, ''));
</script>

<div class="row">
	<label for={field}>{texts.fields[field]}</label>
	<span class="value">
		<input
			class="kit-input desk num"
			class:long={rule.list}
			id={field}
			name={field}
			{value}
			required
			maxlength={60}
			inputmode={rule.list ? 'text' : 'numeric'}
			autocomplete="off"
			aria-describedby="{field}-limits"
			oninput={(event) => oninput(event.currentTarget.value)}
		/>
		<span class="text-note">{texts.units[rule.unit]}</span>
	</span>
	<span id="{field}-limits" class="text-note text-ink-soft"
		>{limits}{#if isChanged}<strong class="now">{texts.now(now)}</strong>{/if}</span
	>
</div>

<style>
	.row {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		align-items: center;
		gap: 0.1rem 1rem;
		padding: 0.35rem 0;
		border-bottom: 1px solid var(--rule);
	}
	.row > :last-child {
		grid-column: 1 / -1;
	}
	.value {
		display: flex;
		align-items: center;
		gap: 0.4rem;
	}
	.value .text-note {
		min-width: 6.2rem;
	}
	input {
		width: 4.2rem;
	}
	input.long {
		width: 7.5rem;
	}
	.now {
		margin-inline-start: 0.6rem;
		color: var(--ink);
	}
	@media (min-width: 60rem) {
		.row {
			grid-template-columns: minmax(0, 1fr) auto 11rem;
		}
		.row > :last-child {
			grid-column: auto;
		}
	}
</style>
