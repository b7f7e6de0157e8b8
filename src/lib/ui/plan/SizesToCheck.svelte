<script lang="ts">
	import { enhanceForm } from '../platform/kit/enhance-form';
	import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
	import type { SizeToCheck } from '$lib/core/questionnaire/answers/sizes-to-check';
	import { formatLength } from '$lib/core/body/length/format-length';
	import type { LengthUnit } from '$lib/core/body/length/mm';
	import type { Catalogue } from '$lib/messages/shapes';
	import Button from '../platform/kit/Button.svelte';
	import Disclosure from '../platform/kit/Disclosure.svelte';
	import TextField from '../platform/kit/TextField.svelte';
	import { isOffline } from '../platform/kit/is-offline.svelte';
	import { issueWords } from '../questionnaire/issue-words';

	interface Props {
		sizes: readonly SizeToCheck[];
		/** The error in the last height entered. */
		fault: { readonly index: number; readonly issue: FieldIssue } | null;
		unit: LengthUnit;
		t: Catalogue;
	}

	let { sizes, fault, unit, t }: Props = $props();
</script>

{#if sizes.length > 0}
	<section aria-labelledby="sizes" class="no-print mt-4 border-s-4 border-cool bg-cool-wash px-4 py-3">
		<h2 id="sizes" class="text-lead">{t.sizes.title}</h2>
		<ul>
			{#each sizes as size (size.index)}
				<li class="py-1.5">
					<form method="POST" action="?/size" use:enhanceForm>
						<input type="hidden" name="thing" value={size.index} />
						<div class="flex flex-wrap items-center gap-x-4 gap-y-1">
							<p class="min-w-48 flex-1">
								{t.sizes.ask(size.used, size.label, formatLength(size.riseMm, unit, { locale: t.locale }))}
							</p>
							<Button name="sure" value="yes" formnovalidate disabled={isOffline.current}
								>{t.sizes.right}</Button
							>
						</div>
						<Disclosure words={t.sizes.other(unit)} look="inline" isOpen={fault?.index === size.index}>
							<div class="flex flex-wrap items-end gap-3">
								<TextField
									id="height-{size.index}"
									name="height"
									label={t.sizes.other(unit)}
									isLabelHidden
									value=""
									inputmode="decimal"
									maxlength={40}
									fault={fault?.index === size.index ? issueWords(fault.issue, t, unit) : null}
								/>
								<Button disabled={isOffline.current}>{t.sizes.keep}</Button>
							</div>
						</Disclosure>
					</form>
				</li>
			{/each}
		</ul>
	</section>
{/if}
