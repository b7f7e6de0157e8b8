<script lang="ts">
	import type { Draft } from './draft.svelte';
	import { isOneAtATime } from './one-at-a-time';
	import type { QuestionnaireVisit } from './questionnaire-visit.svelte';

	interface Props {
		visit: QuestionnaireVisit;
		draft: Draft;
	}

	let { visit, draft }: Props = $props();

	/** Interval of retries while offline, ms; the browser's "online" event comes first where it fires. */
	const RETRY_MS = 4000;

	$effect(() => visit.finishing.prepare());
	$effect(() => visit.finishing.retry(RETRY_MS));
	$effect(() => draft.follow());
	// Where one question is shown at a time, the drawing shows what it asks; otherwise what has the focus.
	$effect(() => {
		const { current } = visit;
		if (current && isOneAtATime()) draft.active = current.id;
	});
</script>

<!-- The form's values besides its answers, and what runs as long as it is open. -->
<input type="hidden" name="at" value={visit.current?.id ?? ''} />
<input type="hidden" name="shown" value={visit.questions.map(({ id }) => id).join(' ')} />
