/** Code of the server's threads, bundled by `bin/lib/threads-plugin.mjs`. */
declare module 'virtual:plan-thread' {
	const code: string;
	export default code;
}
declare module 'virtual:reassess-thread' {
	const code: string;
	export default code;
}
