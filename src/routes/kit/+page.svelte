<script lang="ts">
	import Plus from '@lucide/svelte/icons/plus';
	import Accordion from '$lib/ui/kit/Accordion.svelte';
	import Button from '$lib/ui/kit/Button.svelte';
	import CheckBox from '$lib/ui/kit/CheckBox.svelte';
	import ChoiceRows from '$lib/ui/kit/ChoiceRows.svelte';
	import Combobox from '$lib/ui/kit/Combobox.svelte';
	import Command from '$lib/ui/kit/Command.svelte';
	import DateField from '$lib/ui/kit/DateField.svelte';
	import Dialog from '$lib/ui/kit/Dialog.svelte';
	import Disclosure from '$lib/ui/kit/Disclosure.svelte';
	import Menu from '$lib/ui/kit/Menu.svelte';
	import Notice from '$lib/ui/kit/Notice.svelte';
	import Pagination from '$lib/ui/kit/Pagination.svelte';
	import Popover from '$lib/ui/kit/Popover.svelte';
	import Progress from '$lib/ui/kit/Progress.svelte';
	import ScrollArea from '$lib/ui/kit/ScrollArea.svelte';
	import Select from '$lib/ui/kit/Select.svelte';
	import Slider from '$lib/ui/kit/Slider.svelte';
	import StepField from '$lib/ui/kit/StepField.svelte';
	import Tabs from '$lib/ui/kit/Tabs.svelte';
	import TextArea from '$lib/ui/kit/TextArea.svelte';
	import TextField from '$lib/ui/kit/TextField.svelte';
	import ToggleGroup from '$lib/ui/kit/ToggleGroup.svelte';
	import Toolbar from '$lib/ui/kit/Toolbar.svelte';
	import Tooltip from '$lib/ui/kit/Tooltip.svelte';

	const FRUIT = [
		{ value: 'apple', words: 'Apple' },
		{ value: 'pear', words: 'Pear' },
		{ value: 'plum', words: 'Plum' }
	] as const;
	const NAMED = FRUIT.map(({ value, words }) => ({ id: value, words }));

	let chosen = $state('pear');
	let day = $state('2026-03-02');
	let page = $state(3);
	let slid = $state(40);
	let tab = $state('apple');
	let isTicked = $state(true);
	let length = $state(745);
	let open = $state<'' | 'dialog' | 'question'>('');
	let said = $state('Nothing has been chosen yet.');
</script>

<svelte:head><title>Controls · Easy Corner</title></svelte:head>

<main id="content" class="mx-auto max-w-5xl px-5 py-8">
	<h1 class="text-title">Controls</h1>
	<p class="text-lead">Every control of both doors, with its states.</p>
	<p role="status" class="text-note text-ink-soft">{said}</p>

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
	</div>

	<h2 class="mt-8 border-b border-ink text-head">Fields</h2>
	<form class="mt-3 grid gap-4 sm:grid-cols-2" onsubmit={(event) => event.preventDefault()}>
		<TextField name="plain" label="Plain" value="words" hint="A hint stands above." />
		<TextField name="invalid" label="Invalid" value="wrods" fault="This isn’t a word. Write it again." />
		<TextField name="off" label="Disabled" value="can’t be changed" disabled />
		<TextField name="dense" label="Dense" value="desk" size="desk" />
		<div>
			<label for="step" class="font-semibold">A length</label>
			<StepField
				name="step"
				label="A length"
				value={String(length / 10)}
				unit="cm"
				step={(direction) => (length += direction * 5)}
				oninput={(text) => (length = Number(text) * 10 || length)}
			/>
		</div>
		<TextArea name="area" label="Several lines" value="One.&#10;Two." rows={3} />
		<Select
			name="list"
			label="A list"
			value={chosen}
			options={FRUIT}
			onchange={(value) => (chosen = value)}
		/>
		<Combobox
			name="searched"
			label="A list that is searched"
			value={chosen}
			options={FRUIT}
			noneWords="Nothing matches."
			onchange={(value) => (chosen = value)}
		/>
		<DateField
			name="day"
			label="A day"
			value={day}
			locale="en-GB"
			openWords="Open the calendar"
			onchange={(value) => (day = value)}
		/>
		<Slider
			label="A share"
			value={slid}
			least={0}
			most={100}
			words={(value) => `${value} of 100`}
			onchange={(value) => (slid = value)}
		/>
	</form>

	<h2 class="mt-8 border-b border-ink text-head">Choices</h2>
	<div class="mt-3 grid gap-4 sm:grid-cols-2">
		<ChoiceRows
			name="rows"
			legend="One of several"
			options={FRUIT}
			value={chosen}
			onchange={(value) => (chosen = value)}
		/>
		<ChoiceRows
			name="disabled-rows"
			legend="Disabled"
			options={FRUIT}
			value="plum"
			disabled
			onchange={() => {}}
		/>
		<div class="grid content-start gap-2">
			<CheckBox name="box" words="A box" isChecked={isTicked} onchange={(on) => (isTicked = on)} />
			<CheckBox name="row" words="A box as a row" look="row" isChecked={isTicked} />
			<CheckBox name="switch" words="A switch" look="switch" isChecked={isTicked} />
			<CheckBox name="off-box" words="Disabled" isChecked={false} disabled />
		</div>
		<div>
			<ToggleGroup label="Fruit" value={chosen} options={FRUIT} onchange={(value) => (chosen = value)} />
			<Toolbar label="Acts" acts={NAMED} onchoose={(id) => (said = `Act: ${id}`)} />
		</div>
	</div>

	<h2 class="mt-8 border-b border-ink text-head">What opens</h2>
	<div class="mt-3 flex flex-wrap gap-3">
		<Button type="button" onclick={() => (open = 'dialog')}>Open a dialog</Button>
		<Button type="button" onclick={() => (open = 'question')}>Open a question</Button>
		<Popover words="Open a popover"><p>It floats beside its button.</p></Popover>
		<Menu words="Open a menu" items={NAMED} onchoose={(id) => (said = `Menu: ${id}`)} />
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
			onchoose={(id) => (said = `Found: ${id}`)}
		/>
	</div>

	<h2 class="mt-8 border-b border-ink text-head">What says something</h2>
	<div class="mt-3 grid gap-3 sm:grid-cols-2">
		<Notice><p>To know.</p></Notice>
		<Notice kind="caution"><p>To mind.</p></Notice>
		<Notice kind="done"><p>Done.</p></Notice>
		<Progress label="Questions" value={3} most={8} words="3 of 8" />
		<ScrollArea label="A long text" highest="6rem">
			{#each FRUIT as { words } (words)}<p class="py-2">{words}: a line of a long text.</p>{/each}
		</ScrollArea>
		<Pagination
			label="Pages"
			count={120}
			perPage={10}
			{page}
			backWords="The page before"
			nextWords="The next page"
			onchange={(to) => (page = to)}
		/>
	</div>
</main>
