/**
 * Whether a language puts a number in the singular, by Unicode CLDR. The rules are made at the first use: a page that counts nothing doesn't
 * wait for them. Texts that say "one" in words ask for exactly 1 instead, since some languages put 0 in the singular, too.
 * @param locale BCP 47
 */
export function singularIn(locale: string): (n: number) => boolean {
	let rules: Intl.PluralRules | null = null;
	return (n) => (rules ??= new Intl.PluralRules(locale)).select(n) === 'one';
}
