<script lang="ts">
	import { OWN_NAME_LENGTH, type OwnNames } from '$lib/core/platform/organisation-settings/own-names';
	import { deskWords } from '$lib/messages/desk';
	import { languageWords } from '$lib/messages/reader-formats';
	import TextField from '../kit/TextField.svelte';

	interface Props {
		/** Tells the fields of several entries apart. */
		prefix: string;
		names: OwnNames;
		/** Those that people read. */
		languages: readonly string[];
		onchange: (names: OwnNames) => void;
	}

	let { prefix, names, languages, onchange }: Props = $props();
</script>

{#each languages as language (language)}
	<div lang={language}>
		<TextField
			name=""
			id="{prefix}-{language}"
			label={deskWords.settings.equipment.ownName(languageWords(language))}
			size="desk"
			maxlength={OWN_NAME_LENGTH}
			value={names[language] ?? ''}
			oninput={(name) => onchange({ ...names, [language]: name })}
		/>
	</div>
{/each}
