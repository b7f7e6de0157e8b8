import sharp from 'sharp';

/** A lantern over water: drawn for the demo, and no organisation's mark. */
const DRAWN = `<svg xmlns="http://www.w3.org/2000/svg" width="480" height="160" viewBox="0 0 240 80">
	<g fill="none" stroke="#22303C" stroke-width="4" stroke-linecap="round" stroke-linejoin="round">
		<path d="M28 22h24l5 34H23z" fill="#F2C94C"/>
		<path d="M24 56h32M34 22c0-14 12-14 12 0"/>
		<path d="M10 70c8-6 14-6 20 0s14 6 20 0 14-6 20 0" stroke="#2F6F73"/>
	</g>
	<g fill="#22303C">
		<rect x="92" y="24" width="120" height="9" rx="4.5"/>
		<rect x="92" y="46" width="84" height="9" rx="4.5" fill="#2F6F73"/>
	</g>
</svg>`;

/** The logo of the demo's organisation, as someone would upload it. PNG. */
export function demoLogo(): Promise<Buffer> {
	return sharp(Buffer.from(DRAWN)).png().toBuffer();
}
