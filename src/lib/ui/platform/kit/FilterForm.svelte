<script lang="ts">
	import type { Snippet } from 'svelte';
	import { goto } from '$app/navigation';
	import { deskWords } from '$lib/messages/desk';
	import Button from './Button.svelte';

	interface Props {
		/** What is filtered, for screen readers. */
		label: string;
		/** Fields that are cleared when another changes: a group belongs to its grouping. */
		without?: Readonly<Record<string, readonly string[]>>;
		/** The fields, given the function to call with a field's name when it has changed. */
		fields: Snippet<[ask: (changed: string, afterMs?: number) => void]>;
		/** Content after them. */
		more?: Snippet;
	}

	let { label, without = {}, fields, more }: Props = $props();

	let form = $state<HTMLFormElement>();

	let timer: ReturnType<typeof setTimeout> | undefined;

	/** The filter goes into the URL, so that it can be saved and shared, and returns with the page. */
	function ask(changed: string, afterMs = 0) {
		clearTimeout(timer);
		// Typed text is applied after a pause, and is one step back however many keys it took.
		if (afterMs > 0) timer = setTimeout(() => go(changed, true), afterMs);
		else go(changed, false);
	}

	function go(changed: string, replaceState: boolean) {
		if (!form) return;
		const dropped = without[changed] ?? [];
		const chosen = [...new FormData(form)].filter(([name, value]) => value !== '' && !dropped.includes(name));
		const query = new URLSearchParams(chosen.map(([name, value]) => [name, String(value)]));
		void goto(`?${query}`, { keepFocus: true, noScroll: true, replaceState });
	}
</script>

<!-- A form that sends its fields as a query: without scripts by its button, with scripts on each change. -->
<form
	bind:this={form}
	method="GET"
	class="kit-filters no-print"
	role="search"
	aria-label={label}
	onsubmit={(event) => {
		event.preventDefault();
		ask('');
	}}
>
	{@render fields(ask)}
	<span class="kit-without-scripts"><Button size="desk">{deskWords.frame.show}</Button></span>
	{@render more?.()}
</form>
