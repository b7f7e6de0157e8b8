/** Code of the server's planning thread, bundled by `bin/lib/plan-thread-plugin.mjs`. */
declare module 'virtual:plan-thread' {
	const code: string;
	export default code;
}
