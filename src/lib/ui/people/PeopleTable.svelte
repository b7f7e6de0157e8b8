<script lang="ts">
	import { dayWords } from '$lib/messages/desk-dates';
	import CheckBox from '../kit/CheckBox.svelte';
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
</script>

<div class="overflow-x-auto">
	<table class="mt-4 w-full">
		<thead>
			<tr class="border-b-[1.5px] border-ink text-left text-note">
				<th class="w-8 py-2">
					<CheckBox
						words="Tick everyone on this page"
						isLabelHidden
						size="desk"
						isChecked={lines.every(({ id }) => ticks.ids.has(id))}
						onchange={(is) => {
							for (const { id } of lines)
								if (is) ticks.ids.add(id);
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
						<CheckBox
							words="Tick {line.name}"
							isLabelHidden
							size="desk"
							isChecked={ticks.ids.has(line.id)}
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
								>, {dayWords(line.at, 'medium')}</span
							>{/if}
					</td>
					<td class="num py-1.5 pr-3">
						{#if line.checksOff !== null}{line.checksOff}{#if line.checksUnsure}<span
									class="font-sans text-note text-ink-soft">{` and ${line.checksUnsure} unsure`}</span
								>{/if}{/if}
					</td>
					<td class="py-1.5">{line.followUpDue ? dayWords(line.followUpDue, 'medium') : ''}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>
