<script lang="ts">
	import Plus from '@lucide/svelte/icons/plus';
	import Button from '../Button.svelte';
	import SegmentSwitch from '../SegmentSwitch.svelte';
	import TickButton from '../TickButton.svelte';

	let segment = $state<'now' | 'after'>('now');
</script>

<h2 class="mt-8 border-b border-ink text-head">Buttons</h2>
<div class="mt-3 flex flex-wrap items-center gap-3">
	<Button type="button" look="main">Main</Button>
	<Button type="button">Plain</Button>
	<Button type="button" look="quiet">Quiet</Button>
	<Button type="button" aria-pressed={true}>Pressed</Button>
	<Button type="button" disabled>Disabled</Button>
	<Button type="button" isBusy>Busy</Button>
	<Button type="button" size="desk">Desk</Button>
	<Button type="button" size="thumb">Thumb</Button>
	<Button type="button" isIcon aria-label="Add"><Plus size={20} aria-hidden="true" /></Button>
	<Button href="/kit">A link</Button>
	<Button href="/kit" aria-current="page">Where you are</Button>
	<Button type="button" look="tile" aria-label="Add: a box"><Plus size={20} aria-hidden="true" />Tile</Button>
</div>
<div class="mt-3 flex flex-wrap items-center gap-6">
	<form action="/kit"><TickButton name="done" words="Ticked off" isDone /></form>
	<form action="/kit"><TickButton name="done" words="Open" isDone={false} /></form>
	<SegmentSwitch
		label="What is shown"
		states={['now', 'after']}
		shown={segment}
		words={(state) => (state === 'now' ? 'At present' : 'Afterwards')}
		choose={(state) => (segment = state)}
	/>
</div>
