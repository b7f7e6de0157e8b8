<script lang="ts">
	import { createRawSnippet, getAllContexts, untrack, type Snippet } from 'svelte';
	import { stateHash } from './state-hash';
	import { snippetHtml, LazyHydratedPart } from './lazy-hydrated-part';

	interface Props {
		/**
		 * What the part shows, as JSON: while that is unchanged and nobody touches it, it need not be hydrated. If left out, it is hydrated
		 * in its turn.
		 */
		shows?: () => unknown;
		/** A part of a page that works as plain HTML until scripts hydrate it. */
		children: Snippet;
	}

	let { shows, children }: Props = $props();

	const context = getAllContexts<Map<unknown, unknown>>();
	const id = $props.id();
	let place: LazyHydratedPart | undefined;
	let isWatched = $state(false);
	const key = $derived(shows ? stateHash(shows()) : null);
	const waits = untrack(() => shows !== undefined);

	const part = createRawSnippet(() => ({
		render: () => snippetHtml(children, context, id, import.meta.env.SSR ? key : null),
		setup: (element) => {
			place = new LazyHydratedPart(
				element as HTMLElement,
				children,
				context,
				waits ? () => (isWatched = true) : undefined
			);
			return () => place?.end();
		}
	}));

	$effect(() => {
		if (isWatched && key !== null) place?.show(key);
	});
</script>

<!-- Hydrating a long page at once holds up whoever touches it in the meantime, on a slow phone for a second. Each of these parts is hydrated in a task of its own, and at once if it is touched first. -->
{@render part()}
