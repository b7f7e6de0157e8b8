<script lang="ts">
	import CheckBox from '../CheckBox.svelte';
	import ChoiceRows from '../ChoiceRows.svelte';
	import { FRUIT } from './fruit';

	let chosen = $state('pear');
	let isTicked = $state(true);
</script>

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
</div>
