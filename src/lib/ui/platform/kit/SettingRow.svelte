<script lang="ts">
	interface Props {
		name: string;
		label: string;
		value: string;
		/** Shown after the field. */
		unit: string;
		/** What can be entered. */
		limits: string;
		/** Shown beside the limits where the value is another than the one in use; empty where it is the same. */
		note?: string;
		/** Whether it holds several numbers, with commas between them. */
		isList?: boolean;
		oninput: (text: string) => void;
	}

	let { name, label, value, unit, limits, note = '', isList = false, oninput }: Props = $props();
</script>

<div class="row">
	<label for={name}>{label}</label>
	<span class="value">
		<input
			class="kit-input desk num"
			class:long={isList}
			id={name}
			{name}
			type="text"
			{value}
			required
			maxlength={60}
			inputmode={isList ? 'text' : 'numeric'}
			autocomplete="off"
			aria-describedby="{name}-limits"
			oninput={(event) => oninput(event.currentTarget.value)}
		/>
		<span class="text-note">{unit}</span>
	</span>
	<span id="{name}-limits" class="text-note text-ink-soft"
		>{limits}{#if note}<strong class="now">{note}</strong>{/if}</span
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
		white-space: nowrap;
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
