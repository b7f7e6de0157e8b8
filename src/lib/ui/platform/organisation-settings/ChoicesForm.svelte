<script lang="ts">
	import {
		BREAK_SCHEDULES,
		DEFAULT_BREAK_SCHEDULE,
		type BreakSchedule
	} from '$lib/core/breaks/break-schedules';
	import { SITTING_STYLES, type SittingStyle } from '$lib/core/workstation/corner/vocabulary';
	import { breakTextsFor } from '$lib/messages/breaks';
	import { deskCatalogue, deskWords } from '$lib/messages/desk';
	import CheckBox from '../kit/CheckBox.svelte';
	import type { SettingsDraft } from './settings-draft.svelte';

	const texts = deskWords.settings.choices;

	let { draft }: { draft: SettingsDraft<'choices'> } = $props();

	const t = deskCatalogue();
	const schedules = breakTextsFor(t.locale).breakSchedules;
	const styles = $derived(draft.settings.sittingStyles);
	const breaks = $derived(draft.settings.breakSchedules);
	const toggled = <T>(all: readonly T[], chosen: readonly T[], one: T, isChecked: boolean) =>
		all.filter((each) => (each === one ? isChecked : chosen.includes(each)));
	const setStyle = (one: SittingStyle, isChecked: boolean) =>
		draft.change({ ...draft.settings, sittingStyles: toggled(SITTING_STYLES, styles, one, isChecked) });
	const setSchedule = (one: BreakSchedule, isChecked: boolean) =>
		draft.change({ ...draft.settings, breakSchedules: toggled(BREAK_SCHEDULES, breaks, one, isChecked) });
</script>

<fieldset>
	<legend class="text-lead font-semibold">{texts.styles}</legend>
	<p class="text-note text-ink-soft">{texts.oneStyle}</p>
	<div class="mt-2 grid gap-1.5">
		{#each SITTING_STYLES as style (style)}
			<CheckBox
				size="desk"
				words={t.ways[style].name}
				isChecked={styles.includes(style)}
				disabled={styles.length === 1 && styles.includes(style)}
				onchange={(isChecked) => setStyle(style, isChecked)}
			/>
		{/each}
	</div>
</fieldset>
<fieldset class="mt-6">
	<legend class="text-lead font-semibold">{texts.schedules}</legend>
	<div class="mt-2 grid gap-1.5">
		{#each BREAK_SCHEDULES as schedule (schedule)}
			{@const isUsual = schedule === DEFAULT_BREAK_SCHEDULE}
			<CheckBox
				size="desk"
				words={isUsual ? texts.usual(schedules[schedule].name) : schedules[schedule].name}
				isChecked={breaks.includes(schedule)}
				disabled={isUsual}
				onchange={(isChecked) => setSchedule(schedule, isChecked)}
			/>
		{/each}
	</div>
</fieldset>
