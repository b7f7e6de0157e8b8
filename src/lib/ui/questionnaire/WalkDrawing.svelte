<script lang="ts">
	import { untrack } from 'svelte';
	import type { QuestionnairePage } from '$lib/core/questionnaire/answers/questionnaire-pages';
	import type { Catalogue } from '$lib/messages/shapes';
	import type { Draft } from './draft.svelte';
	import StationDrawing from './StationDrawing.svelte';

	interface Props {
		draft: Draft;
		page: QuestionnairePage;
		active: string | null;
		t: Catalogue;
	}

	let { draft, page, active, t }: Props = $props();

	// The drawing follows one frame behind typing: neither holds the other up.
	let drawn = $state.raw(untrack(() => draft.drawn));
	$effect(() => {
		const next = draft.drawn;
		let after: ReturnType<typeof setTimeout>;
		const frame = requestAnimationFrame(() => (after = setTimeout(() => (drawn = next))));
		return () => {
			cancelAnimationFrame(frame);
			clearTimeout(after);
		};
	});
</script>

<StationDrawing {page} {active} answers={draft.answers} partial={drawn} unit={draft.unit} {t} />
