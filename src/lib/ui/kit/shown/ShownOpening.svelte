<script lang="ts">
	import Accordion from '../Accordion.svelte';
	import Button from '../Button.svelte';
	import Command from '../Command.svelte';
	import Dialog from '../Dialog.svelte';
	import Disclosure from '../Disclosure.svelte';
	import Menu from '../Menu.svelte';
	import Popover from '../Popover.svelte';
	import Tabs from '../Tabs.svelte';
	import Tooltip from '../Tooltip.svelte';
	import { NAMED } from './fruit';

	interface Props {
		/** Says what was done. */
		say: (words: string) => void;
	}

	let { say }: Props = $props();

	let tab = $state('apple');
	let open = $state<'' | 'dialog' | 'question'>('');
</script>

<h2 class="mt-8 border-b border-ink text-head">What opens</h2>
<div class="mt-3 flex flex-wrap gap-3">
	<Button type="button" onclick={() => (open = 'dialog')}>Open a dialog</Button>
	<Button type="button" onclick={() => (open = 'question')}>Open a question</Button>
	<Popover words="Open a popover"><p>It floats beside its button.</p></Popover>
	<Menu words="Open a menu" items={NAMED} onchoose={(id) => say(`Menu: ${id}`)} />
	<Tooltip words="Explains the button">
		{#snippet trigger(props)}<Button type="button" {...props}>Explained</Button>{/snippet}
	</Tooltip>
</div>
<Dialog
	isOpen={open === 'dialog'}
	title="A dialog"
	lead="It closes by its cross, by Escape and beside it."
	closeWords="Close"
	onclose={() => (open = '')}
>
	<p>Words.</p>
</Dialog>
<Dialog
	isOpen={open === 'question'}
	title="A question"
	closeWords="Cancel"
	mustAnswer
	onclose={() => (open = '')}
>
	<Button type="button" look="main" onclick={() => (open = '')}>Do it</Button>
</Dialog>
<div class="mt-3 grid gap-4 sm:grid-cols-2">
	<Accordion parts={NAMED}>
		{#snippet inside(id)}<p class="pb-3">About {id}.</p>{/snippet}
	</Accordion>
	<div><Disclosure words="A line that opens"><p>What was folded.</p></Disclosure></div>
	<Tabs label="Fruit" value={tab} tabs={NAMED} onchange={(id) => (tab = id)}>
		{#snippet panel(id)}<p class="py-3">All about {id}.</p>{/snippet}
	</Tabs>
	<Command
		label="Find a fruit"
		items={NAMED}
		noneWords="Nothing matches."
		onchoose={(id) => say(`Found: ${id}`)}
	/>
</div>
