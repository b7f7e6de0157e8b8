<script lang="ts">
	import type { Draft } from './draft.svelte';
	import { isOneAtATime } from '../one-at-a-time';
	import type { QuestionnaireVisit } from './questionnaire-visit.svelte';

	interface Props {
		visit: QuestionnaireVisit;
		draft: Draft;
	}

	let { visit, draft }: Props = $props();

	/** Tries again after so long without network, ms; the browser's own "online" comes first where it is shown. */
	const RETRY_MS = 4000;

	$effect(() => visit.finishing.prepare());
	$effect(() => visit.finishing.retry(RETRY_MS));
	$effect(() => draft.follow());
	// Where one question is shown at a time, the drawing shows what it asks; else what has the focus.
	$effect(() => {
		const { current } = visit;
		if (current && isOneAtATime()) draft.active = current.id;
	});
</script>

<!-- What the form says besides its answers, and what goes on as long as it is open. -->
<input type="hidden" name="at" value={visit.current?.id ?? ''} />
<input type="hidden" name="shown" value={visit.questions.map(({ id }) => id).join(' ')} />
