<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { QuestionnaireMode } from '$lib/core/questionnaire/answers/fields';
	import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
	import type { BreakSchedule } from '$lib/core/breaks/break-schedules';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import ActFields from './ActFields.svelte';
	import { CaseForm } from './case-form.svelte';
	import FormError from './FormError.svelte';
	import SetUpFields from './SetUpFields.svelte';
	import { deskWords } from '$lib/messages/desk';

	const texts = deskWords.cases;

	interface Props {
		personId: string;
		version: number;
		sittingStyle: SittingStyle | null;
		questionnaireMode: QuestionnaireMode | null;
		breakSchedule: BreakSchedule | null;
		t: Catalogue;
	}

	let { personId, version, sittingStyle, questionnaireMode, breakSchedule, t }: Props = $props();

	let isKept = $state(false);
	const form = new CaseForm(() => (isKept = true));
</script>

<form
	method="POST"
	action="/desk/cases/{personId}?/setUp"
	use:enhanceForm={form.submit}
	class="no-print grid gap-2"
>
	<ActFields {form} {version} />
	<SetUpFields
		values={{
			sittingStyle: sittingStyle ?? '',
			questionnaireMode: questionnaireMode ?? '',
			breakSchedule: breakSchedule ?? ''
		}}
		usual={texts.asInRound}
		{t}
	/>
	<p class="text-note text-ink-soft">
		{texts.newStyleHint}
	</p>
	<div class="flex items-center gap-3">
		<Button size="desk" isBusy={form.isBusy}>{texts.saveSettings}</Button>
		<span role="status" class="text-note text-cool">{texts.settingsSaved(isKept)}</span>
	</div>
	<FormError fault={form.fault} />
</form>
