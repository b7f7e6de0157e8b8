<script lang="ts">
	import Combobox from '../Combobox.svelte';
	import DateField from '../DateField.svelte';
	import Select from '../Select.svelte';
	import StepField from '../StepField.svelte';
	import TextArea from '../TextArea.svelte';
	import TextField from '../TextField.svelte';
	import { FRUIT } from './fruit';

	let chosen = $state('pear');
	let day = $state('2026-03-02');
	let length = $state(745);
</script>

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
			locale="en-GB"
			unit="cm"
			step={(direction) => (length += direction * 5)}
			oninput={(text) => (length = Number(text) * 10 || length)}
		/>
	</div>
	<TextArea name="area" label="Several lines" value="One.&#10;Two." rows={3} />
	<Select name="list" label="A list" value={chosen} options={FRUIT} onchange={(value) => (chosen = value)} />
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
		words={{ open: 'Open the calendar', earlier: 'Previous month', later: 'Next month' }}
		onchange={(value) => (day = value)}
	/>
</form>
