<script lang="ts">
	import Button from '../Button.svelte';
	import Dialog from '../Dialog.svelte';
	import Disclosure from '../Disclosure.svelte';

	let open = $state<'' | 'dialog' | 'question'>('');
</script>

<h2 class="mt-8 border-b border-ink text-head">What opens</h2>
<div class="mt-3 flex flex-wrap gap-3">
	<Button type="button" onclick={() => (open = 'dialog')}>Open a dialog</Button>
	<Button type="button" onclick={() => (open = 'question')}>Open a question</Button>
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
	<div><Disclosure words="A line that opens"><p>What was folded.</p></Disclosure></div>
</div>
