<script lang="ts">
	import { enhance } from '$app/forms';
	import { DESK_ACT_WORDS } from '../cases/state-words';

	interface Act {
		readonly batch: string;
		readonly kind: keyof typeof DESK_ACT_WORDS;
		readonly at: Date;
		readonly people: readonly { readonly id: string; readonly name: string }[];
		readonly canUndo: boolean;
		readonly isUndone: boolean;
	}

	interface Props {
		acts: readonly Act[];
		timeZone: string;
	}

	let { acts, timeZone }: Props = $props();

	const clock = $derived(new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone }));
	const newest = $derived(acts.find(({ canUndo }) => canUndo) ?? null);
	const who = ({ people }: Act) =>
		people.length <= 2 ? people.map(({ name }) => name).join(' and ') : `${people.length} people`;
</script>

{#if acts.length > 0}
	<details class="mt-3">
		<summary class="link-button text-note"
			>What you did today: {acts.length}
			{#if newest}<span class="text-ink-soft">(can be taken back until midnight)</span>{/if}</summary
		>
		<ul class="mt-1 text-note">
			{#each acts as act (act.batch)}
				<li class="flex flex-wrap items-center gap-3 border-t border-rule py-1">
					<span class="num text-ink-soft">{clock.format(act.at)}</span>
					<span class="flex-1">{DESK_ACT_WORDS[act.kind]} {who(act)}</span>
					{#if act.isUndone}<span class="text-ink-soft">taken back</span>
					{:else if act.canUndo}
						<form method="POST" action="/desk?/undo" use:enhance>
							<input type="hidden" name="batch" value={act.batch} />
							<button
								class="btn btn-small"
								id={act === newest ? 'undo' : undefined}
								aria-label="Take back: {DESK_ACT_WORDS[act.kind]} {who(act)}"
								>Take back{#if act === newest}
									<kbd class="key" aria-hidden="true">U</kbd>{/if}</button
							>
						</form>
					{:else}<span class="text-ink-soft">is out</span>{/if}
				</li>
			{/each}
		</ul>
	</details>
{/if}
