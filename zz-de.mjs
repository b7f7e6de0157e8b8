import { chromium } from '@playwright/test';
const b = await chromium.launch({
	executablePath: '/usr/bin/chromium-headless-shell',
	args: ['--no-sandbox']
});
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
const base = 'http://127.0.0.1:4280';
await p.goto(base + '/desk/sign-in');
await p.fill('[name=email]', 'coordinator@lanterns.example');
await p.fill('[name=password]', 'tarn-valley-demo');
await Promise.all([p.waitForURL(/\/desk(?!\/sign-in)/), p.click('button[type=submit], form button')]);
await p.goto(base + '/desk/account');
await p.selectOption('[name=language]', 'de');
await Promise.all([
	p.waitForResponse((r) => r.url().includes('/desk/account') && r.request().method() === 'GET'),
	p.locator('form[action="?/language"] button').click()
]);
const pages = process.argv[2]
	? process.argv.slice(2)
	: [
			'/desk',
			'/desk/people',
			'/desk/people/import',
			'/desk/people/new',
			'/desk/rounds',
			'/desk/rounds/new',
			'/desk/follow-ups',
			'/desk/follow-ups?view=list',
			'/desk/equipment',
			'/desk/equipment/budget',
			'/desk/workforce',
			'/desk/workforce/discomfort',
			'/desk/workforce/findings',
			'/desk/workforce/goes-with',
			'/desk/workforce/helps',
			'/desk/workforce/times',
			'/desk/workforce/to-buy',
			'/desk/workforce/report',
			'/desk/users',
			'/desk/account',
			'/desk/account/second-factor',
			'/desk/organisation',
			'/desk/organisation/emails',
			'/desk/organisation/translations',
			'/desk/record',
			'/desk/retention',
			'/desk/waiting-emails',
			'/desk/crisis-lines',
			'/desk/confirm'
		];
const english =
	/(?<![\p{L}’'-])(?:the|your|you|and|with|are|this|of|to|please|if|not|from|is|in|on|by|for|their|they|has|have|no|yes|save|show|add|all|day|days|people|person|week|today|date|open|close|name)(?![\p{L}’'-])/giu;
let i = 0;
for (const u of pages) {
	const r = await p.goto(base + u);
	await p.waitForTimeout(600);
	const lines = await p.evaluate(() => {
		const out = [];
		const w = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
		let n;
		while ((n = w.nextNode())) {
			const e = n.parentElement;
			if (!e || ['SCRIPT', 'STYLE'].includes(e.tagName)) continue;
			const t = n.textContent.trim();
			if (t) out.push(t);
		}
		for (const e of document.querySelectorAll('[aria-label],[placeholder],[title],[alt]'))
			for (const a of ['aria-label', 'placeholder', 'title', 'alt']) {
				const v = e.getAttribute(a);
				if (v) out.push('@' + a + ' ' + v);
			}
		out.push(document.title);
		return [...new Set(out)];
	});
	const hits = lines
		.filter((l) => english.test(l) && ((english.lastIndex = 0), true))
		.filter((l) => !/^„|^“/.test(l));
	console.log('##', u, r.status(), lines.length);
	for (const h of hits.slice(0, 25)) console.log('   ', h.slice(0, 150));
	await p.screenshot({ path: `/tmp/de-${String(i++).padStart(2, '0')}.png` });
}
await b.close();
