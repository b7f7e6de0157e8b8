<script lang="ts">
	import type { Person } from '$lib/core/workstation/corner/corner';
	import type { DeskLayout } from '$lib/core/workstation/desk/desk-layout';
	import type { Catalogue } from '$lib/messages/shapes';
	import { DESK_WIDTH_MM } from './desk-of';

	interface Props {
		layout: DeskLayout;
		/** Depth of the desk, mm. */
		deskDepth: number;
		hand: Person['hand'];
		label: string;
		showsWindow?: boolean;
		t: Catalogue;
	}

	let { layout, deskDepth, hand, label, showsWindow = false, t }: Props = $props();

	const reach = $derived(layout.reach);
	const edge = $derived(reach.edge);
	const high = $derived(edge + deskDepth + 60);
	/** The window is on the side away from the writing hand, so that the hand casts no shadow. */
	const windowX = $derived((hand === 'right' ? -1 : 1) * (DESK_WIDTH_MM / 2 + 70));
	const arc = (radius: number, side: 1 | -1) =>
		`M${side * reach.halfWidth - radius} 0A${radius} ${radius} 0 0 1 ${side * reach.halfWidth + radius} 0`;
</script>

<!-- From above: x to the right of the person, y forward, so that up is away from them. -->
<svg viewBox="-820 {-high} 1640 {high + 150}" role="img" aria-label={label}>
	<rect
		class="wood"
		x={-DESK_WIDTH_MM / 2}
		y={-(edge + deskDepth)}
		width={DESK_WIDTH_MM}
		height={deskDepth}
	/>
	{#if showsWindow}
		<path class="window" d="M{windowX} {-high + 40}V-120M{windowX + 24} {-high + 40}V-120" />
	{:else}
		{#each [1, -1] as const as side (side)}
			<path class="reach far" d={arc(reach.arm, side)} />
			<path class="reach" d={arc(reach.forearm, side)} />
		{/each}
	{/if}
	{#each layout.things as thing (thing.name)}
		{@const isScreen = thing.name.startsWith('screen')}
		<g transform="translate({thing.at.x} {-thing.at.y}) rotate({thing.turnedDeg})">
			<rect
				class="thing"
				class:screen={isScreen}
				x={-thing.size[0] / 2}
				y={isScreen ? -18 : -thing.size[1] / 2}
				width={thing.size[0]}
				height={isScreen ? 36 : thing.size[1]}
				rx="8"
			/>
		</g>
		{#if t.lookThings[thing.name]}
			<text x={thing.at.x} y={-thing.at.y + 14}>{t.lookThings[thing.name]}</text>
		{/if}
	{/each}
	<ellipse class="person" cx="0" cy="30" rx={reach.halfWidth + 50} ry="105" />
	<circle class="person" cx="0" cy="10" r="88" />
	<path class="person" d="M-16 -76L0 -104L16 -76" />
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		max-height: 14rem;
	}
	.person {
		fill: var(--sheet);
		stroke: var(--ink);
		stroke-width: 7;
	}
	.wood {
		fill: var(--wood);
		stroke: var(--wood-edge);
		stroke-width: 5;
	}
	.thing {
		fill: var(--sheet);
		stroke: var(--ink);
		stroke-width: 5;
	}
	.screen {
		fill: var(--ink);
	}
	.reach {
		fill: none;
		stroke: var(--cool);
		stroke-width: 6;
		stroke-dasharray: 6 18;
		stroke-linecap: round;
	}
	.far {
		stroke-width: 3;
		stroke-dasharray: 2 22;
	}
	.window {
		stroke: var(--cool);
		stroke-width: 9;
	}
	text {
		font: 44px var(--font-sans);
		text-anchor: middle;
		fill: var(--ink);
	}
</style>
