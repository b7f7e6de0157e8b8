<script lang="ts">
	import type { Chart as Drawn } from 'chart.js';
	import type { ConfigOf } from './chart-configs';
	import { lookOf } from './chart-look';

	interface Props {
		config: ConfigOf;
		/** What it shows, in one sentence: the numbers are in the table next to it. */
		label: string;
		heightPx: number;
		/** Device pixels per CSS pixel: 300 dpi on paper. */
		isForPaper?: boolean;
	}

	let { config, label, heightPx, isForPaper = false }: Props = $props();

	/** Device pixels per CSS pixel (1/96 inch) for 300 dpi. */
	const PAPER_DOTS = 300 / 96;

	let canvas = $state<HTMLCanvasElement>();

	$effect(() => {
		const [made, on] = [config, canvas];
		if (!on) return;
		let drawn: Drawn | null = null;
		let draw = () => {};
		let isGone = false;
		void import('./chart-library').then(({ Chart }) => {
			if (isGone) return;
			draw = () => {
				drawn?.destroy();
				const settings = made(lookOf(on));
				const devicePixelRatio = Math.max(window.devicePixelRatio, isForPaper ? PAPER_DOTS : 1);
				drawn = new Chart(on, { ...settings, options: { ...settings.options, devicePixelRatio } });
				on.dataset.drawn = '';
			};
			draw();
		});
		// A drawing keeps the colours it was made with: a change of scheme needs new ones, and so does paper, whatever the scheme.
		const media = ['(prefers-color-scheme: dark)', 'print'].map((query) => matchMedia(query));
		const redraw = () => draw();
		for (const one of media) one.addEventListener('change', redraw);
		return () => {
			isGone = true;
			for (const one of media) one.removeEventListener('change', redraw);
			drawn?.destroy();
		};
	});
</script>

<div class="canvas" style:height="{heightPx}px" role="img" aria-label={label}>
	<canvas bind:this={canvas} aria-hidden="true"></canvas>
</div>

<style>
	.canvas {
		position: relative;
		min-width: 0;
	}
	/* Its room is the page's to give: a drawing made on a wide page never holds a narrow one open. */
	canvas {
		position: absolute;
		inset: 0;
		max-width: 100%;
	}
</style>
