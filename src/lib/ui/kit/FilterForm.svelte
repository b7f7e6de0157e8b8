<script lang="ts">
	import type { Snippet } from 'svelte';
	import { goto } from '$app/navigation';
	import { deskWords } from '$lib/messages/desk';
	import Button from './Button.svelte';

	interface Props {
		/** What is narrowed, for who does not see it. */
		label: string;
		/** Fields that say nothing once another has changed: a group belongs to what it is a group of. */
		without?: Readonly<Record<string, readonly string[]>>;
		/** The fields, given what each calls with its name when it has changed. */
		fields: Snippet<[ask: (changed: string, afterMs?: number) => void]>;
		/** What stands behind them. */
		more?: Snippet;
	}

	let { label, without = {}, fields, more }: Props = $props();

	let form = $state<HTMLFormElement>();

	let timer: ReturnType<typeof setTimeout> | undefined;

	/** The filter goes into the address, so that it can be kept and sent on, and comes back with the page. */
	function ask(changed: string, afterMs = 0) {
		clearTimeout(timer);
		// What is typed is asked for at its pause, and is one step back however many keys it took.
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

<!-- A form that asks with its fields: without scripts by its button, with them at each change. -->
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
