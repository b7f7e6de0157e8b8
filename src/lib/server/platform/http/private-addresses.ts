import { BlockList, isIP } from 'node:net';

/**
 * Addresses that are nobody's on the internet: this machine, private networks, links (where clouds answer with secrets), documentation,
 * tests, groups, and forms of IPv6 that carry an IPv4 address (IANA's special-purpose registries, RFC 6890; from memory).
 */
const NOT_PUBLIC: readonly (readonly [net: string, bits: number])[] = [
	['0.0.0.0', 8],
	['10.0.0.0', 8],
	['100.64.0.0', 10],
	['127.0.0.0', 8],
	['169.254.0.0', 16],
	['172.16.0.0', 12],
	['192.0.0.0', 24],
	['192.0.2.0', 24],
	['192.88.99.0', 24],
	['192.168.0.0', 16],
	['198.18.0.0', 15],
	['198.51.100.0', 24],
	['203.0.113.0', 24],
	['224.0.0.0', 4],
	['240.0.0.0', 4],
	['::', 96],
	['::ffff:0:0', 96],
	['64:ff9b::', 96],
	['64:ff9b:1::', 48],
	['100::', 64],
	['2001::', 23],
	['2001:db8::', 32],
	['2002::', 16],
	['3fff::', 20],
	['5f00::', 16],
	['fc00::', 7],
	['fe80::', 10],
	['fec0::', 10],
	['ff00::', 8]
];

/** One list for each version: Node.js holds IPv4 addresses against the mapped ones of IPv6, too, and none would be public. */
function listOf(version: 4 | 6): BlockList {
	const list = new BlockList();
	for (const [net, bits] of NOT_PUBLIC)
		if (isIP(net) === version) list.addSubnet(net, bits, version === 6 ? 'ipv6' : 'ipv4');
	return list;
}

const [V4, V6] = [listOf(4), listOf(6)];

/**
 * Whether an address is reached on the internet; what is no address isn't.
 * @param address as digits, without brackets
 */
export function isPublicAddress(address: string): boolean {
	const version = isIP(address);
	if (version === 4) return !V4.check(address, 'ipv4');
	// A zone names a link of this machine.
	return version === 6 && !address.includes('%') && !V6.check(address, 'ipv6');
}
