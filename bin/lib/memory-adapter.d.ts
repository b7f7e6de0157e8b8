/** What the library keeps its things in where nothing else is said; its types leave it out. */
declare module 'oidc-provider/lib/adapters/memory_adapter.js' {
	import type { Adapter } from 'oidc-provider';
	const MemoryAdapter: new (name: string) => Adapter;
	export default MemoryAdapter;
}
