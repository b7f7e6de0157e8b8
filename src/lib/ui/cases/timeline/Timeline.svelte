<script lang="ts">
	import {
		countByGroup,
		TIMELINE_GROUPS,
		type TimelineEntry,
		type TimelineGroup
	} from '$lib/core/cases/timeline';
	import Button from '../../platform/kit/Button.svelte';
	import Select from '../../platform/kit/Select.svelte';
	import TimelineLine from './TimelineLine.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.timeline;

	interface Props {
		entries: readonly TimelineEntry[];
		personName: string;
		timeZone: string;
	}

	let { entries, personName, timeZone }: Props = $props();

	/** Lines shown before more are requested. */
	const PART = 40;

	let only = $state<TimelineGroup | ''>('');
	let most = $state(PART);
	const counts = $derived(countByGroup(entries));
	const matching = $derived(
		entries.filter(({ group }) => (only === '' ? group !== 'looks' : group === only))
	);
</script>

<div class="needs-js no-print flex items-center justify-between gap-3">
	<p class="text-note text-ink-soft">{texts.newestFirst}</p>
	<Select
		name="timeline"
		label={texts.showInTimeline}
		isLabelHidden
		size="desk"
		value={only}
		options={[
			{ value: '', words: texts.everything },
			...TIMELINE_GROUPS.filter((group) => counts[group] > 0).map((value) => ({
				value,
				words: `${deskWords.timeline.groups[value]} (${counts[value]})`
			}))
		]}
		onchange={(value) => {
			only = TIMELINE_GROUPS.find((group) => group === value) ?? '';
			most = PART;
		}}
	/>
</div>
{#if matching.length === 0}<p class="mt-2 text-note text-ink-soft">{texts.nothingYet}</p>{/if}
<ol class="mt-1 border-t border-rule">
	{#each matching.slice(0, most) as entry (entry.id)}
		<TimelineLine {entry} {personName} {timeZone} />
	{/each}
</ol>
{#if matching.length > most}
	<div class="mt-2">
		<Button type="button" size="desk" onclick={() => (most += PART)}>{texts.showEarlier}</Button>
	</div>
{/if}
