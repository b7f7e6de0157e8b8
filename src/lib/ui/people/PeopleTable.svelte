<script lang="ts">
	import type { PersonState } from '$lib/core/people';
	import { stateWords } from '../cases/state-words';
	import type { PeopleTicks } from './people-ticks.svelte';

	interface Line {
		readonly id: string;
		readonly name: string;
		readonly team: string;
		readonly state: PersonState;
		readonly at: Date | null;
		readonly checksOff: number | null;
		readonly checksUnsure: number | null;
		readonly followUpDue: string | null;
		readonly hasLeft: boolean;
		readonly hasBounced: boolean;
	}

	let { ticks, lines }: { ticks: PeopleTicks; lines: readonly Line[] } = $props();

	const date = new Intl.DateTimeFormat('en-GB', {
		day: 'numeric',
		month: 'short',
		year: 'numeric',
		timeZone: 'UTC'
	});
</script>

<table class="mt-4 w-full">
	<thead>
		<tr class="border-b-[1.5px] border-ink text-left text-note">
			<th class="w-8 py-2">
				<input
					type="checkbox"
					class="tick"
					aria-label="Tick everyone on this page"
					checked={lines.every(({ id }) => ticks.ids.has(id))}
					onchange={(event) => {
						for (const { id } of lines)
							if (event.currentTarget.checked) ticks.ids.add(id);
							else ticks.ids.delete(id);
					}}
				/>
			</th>
			<th class="py-2 font-semibold">Name</th>
			<th class="py-2 font-semibold">Team</th>
			<th class="py-2 font-semibold">Self-assessment</th>
			<th class="py-2 font-semibold">Checks off</th>
			<th class="py-2 font-semibold">Follow-up</th>
		</tr>
	</thead>
	<tbody>
		{#each lines as line (line.id)}
			<tr class="border-b border-rule hover:bg-sheet">
				<td class="py-1.5">
					<input
						type="checkbox"
						class="tick"
						aria-label="Tick {line.name}"
						checked={ticks.ids.has(line.id)}
						onchange={() => ticks.toggle(line.id)}
					/>
				</td>
				<td class="py-1.5 pr-3"
					><a class="font-semibold text-ink" href="/desk/cases/{line.id}">{line.name}</a
					>{#if line.hasLeft}<span class="text-note text-ink-soft">, has left</span
						>{/if}{#if line.hasBounced}<span class="text-note text-warm">, letters come back</span>{/if}</td
				>
				<td class="py-1.5 pr-3 text-ink-soft">{line.team}</td>
				<td class="py-1.5 pr-3">
					{stateWords(line.state)}{#if line.at}<span class="text-note text-ink-soft"
							>, {date.format(line.at)}</span
						>{/if}
				</td>
				<td class="num py-1.5 pr-3">
					{#if line.checksOff !== null}{line.checksOff}{#if line.checksUnsure}<span
								class="font-sans text-note text-ink-soft">{` and ${line.checksUnsure} unsure`}</span
							>{/if}{/if}
				</td>
				<td class="py-1.5">{line.followUpDue ? date.format(new Date(line.followUpDue)) : ''}</td>
			</tr>
		{/each}
	</tbody>
</table>

<style>
	.tick {
		width: 1.1rem;
		height: 1.1rem;
		vertical-align: -0.15rem;
		accent-color: var(--ink);
	}
</style>
