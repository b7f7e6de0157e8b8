/** The library's default storage; its types leave it out. */
declare module 'oidc-provider/lib/adapters/memory_adapter.js' {
	import type { Adapter } from 'oidc-provider';
	const MemoryAdapter: new (name: string) => Adapter;
	export default MemoryAdapter;
}
