<script lang="ts">
	import type { FaultGroup } from '$lib/core/people/exchange/roster-fields';
	import Button from '../platform/kit/Button.svelte';
	import CheckBox from '../platform/kit/CheckBox.svelte';
	import { deskWords } from '$lib/messages/desk';

	const { people: texts, roster } = deskWords;

	interface Props {
		/** How many errors there are, and what they are. */
		all: number;
		groups: readonly FaultGroup[];
		isLeftOut: boolean;
		leaveOut: (is: boolean) => void;
		/** Makes the file of the rows at fault. */
		download: () => Promise<string>;
	}

	let { all, groups, isLeftOut, leaveOut, download }: Props = $props();

	async function save() {
		const link = document.createElement('a');
		link.href = URL.createObjectURL(new Blob([await download()], { type: 'text/csv;charset=utf-8' }));
		link.download = texts.faultyFile;
		link.click();
		URL.revokeObjectURL(link.href);
	}
</script>

<section class="mt-6 border-s-4 border-warm bg-warm-wash px-4 py-3">
	<h2 class="text-lead">{texts.problemsInFile(all)}</h2>
	<p class="text-note">{texts.importAfterFixing}</p>
	{#each groups as group (`${group.field} ${group.code}`)}
		<details class="mt-2 text-note" open={groups.length === 1}>
			<summary class="kit-summary">{texts.faultCount(roster.fields[group.field], group.count)}</summary>
			<ul class="mt-1 ps-4">
				{#each group.texts as { fault, count, rows } (fault.row)}
					<li>
						{roster.faults[group.code](fault)}
						<span class="text-ink-soft">{texts.inRows(rows.join(', '), count - rows.length)}</span>
					</li>
				{/each}
				{#if group.more > 0}<li>{texts.andMoreTexts(group.more)}</li>{/if}
			</ul>
		</details>
	{/each}
	<div class="mt-3 grid gap-2">
		<CheckBox words={texts.leaveOut} size="desk" isChecked={isLeftOut} onchange={leaveOut} />
		<p><Button type="button" size="desk" onclick={() => void save()}>{texts.downloadFaulty}</Button></p>
	</div>
</section>
