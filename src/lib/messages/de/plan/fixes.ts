import { WITH_ARMRESTS } from '$lib/core/plan/conditions/fact-groups';
import type { ChecklistTexts } from '../../shapes';

/** What to do at home. */
export const householdFixTexts: ChecklistTexts['household'] = {
	'move-to-table':
		'Arbeiten Sie an einem Tisch, einer Arbeitsplatte oder einer Kommode. Bett und Sofa bleiben für die Freizeit.',
	'one-fixed-spot':
		'Wählen Sie einen Platz für die langen Stunden und richten Sie ihn ein. Die anderen sind für kurze Zeit.',
	'half-hour-on-soft-seat':
		'Wenn es hier sein muss, bleiben Sie höchstens eine halbe Stunde, dann bewegen Sie sich.',
	'turn-out-of-walkway': 'Drehen oder verschieben Sie den Tisch so, dass niemand hinter Ihnen vorbeigeht.',
	'move-near-socket': 'Rücken Sie näher an eine Wandsteckdose.',
	'quieter-room':
		'Schließen Sie die Tür, vereinbaren Sie Zeiten, oder nehmen Sie zum Nachdenken den ruhigeren Raum.',
	'screen-over-the-edge':
		'Ziehen Sie den Tisch von der Wand weg und sitzen Sie weiter hinten. Der ganze Fuß des Bildschirms bleibt auf dem Tisch.',
	'stack-under-feet':
		'Legen Sie Bücher, Papierpakete oder eine stabile Kiste unter beide Füße, das Breiteste unten.',
	'back-on-the-plates':
		'Stellen Sie die Füße zurück auf die Fußplatten, auch die Fersen. Fragen Sie die Person, die den Stuhl angepasst hat, nach der Höhe.',
	'fill-behind-back': 'Legen Sie ein Kissen hinter den Rücken, bis die Kante Ihre Knie nicht mehr berührt.',
	'get-up': 'Stehen Sie auf: Holen Sie ein Glas Wasser, oder steigen Sie eine Treppe.',
	'sit-all-the-way-back': 'Rutschen Sie ganz nach hinten, bis die Lehne Sie berührt.',
	'middle-of-the-ball': 'Sitzen Sie mitten auf dem Ball, nicht vorn, und nicht den ganzen Tag.',
	'rolled-towel':
		'Rollen Sie ein Handtuch, binden Sie es zu und legen Sie es in die Mulde knapp über dem Gürtel.',
	'jacket-with-pocket':
		'Hängen Sie eine Jacke über den Stuhl und schieben Sie die Rolle durch ihre Tasche. Sie hält in jeder Höhe.',
	'chair-with-a-back': 'Nehmen Sie für die langen Stunden einen Stuhl mit Lehne.',
	'shoulders-down':
		'Lassen Sie die Schultern sinken und die Oberarme hängen. Dann bringen Sie Tastatur und Maus zu den Händen.',
	'sit-in-the-middle': [
		{ holds: WITH_ARMRESTS, text: 'Verteilen Sie Ihr Gewicht gleichmäßig und lassen Sie die Armlehne los.' },
		{ holds: {}, text: 'Verteilen Sie Ihr Gewicht gleichmäßig auf beide Seiten.' }
	],
	'roll-behind-neck': 'Legen Sie eine kleine Rolle oder ein Reisekissen hinter den Nacken.',
	'keyboard-feet-in': 'Klappen Sie die Füßchen hinten an der Tastatur ein.',
	'towel-over-edge': 'Legen Sie ein gefaltetes Handtuch über die Kante.',
	'rest-in-pauses': 'Ruhen Sie in den Pausen aus. Beim Tippen schweben die Hände.',
	'take-armrests-off':
		'Stellen Sie die Armlehnen tiefer. Nehmen Sie sie nur ab, wenn die Anleitung des Stuhls zeigt, wie.',
	'ask-the-fitter':
		'Bitten Sie die Person, die Ihren Stuhl angepasst hat, die Armlehnen auf Ihre Ellenbogen einzustellen.',
	'table-over-armrests':
		'Suchen Sie einen Tisch mit mehr Platz darunter. Ihre Armlehnen müssen unter die Kante passen.',
	'armrests-in':
		'Stellen Sie die Armlehnen nach innen, wenn das geht. Wenn nicht, legen Sie die Arme nicht darauf.',
	'pad-armrest': 'Binden Sie ein gefaltetes Handtuch um die Armlehne.',
	'light-on-keys': 'Richten Sie eine Lampe auf die Tasten, und lernen Sie jeden Tag zwei Tasten blind.',
	'keys-nearer': 'Ziehen Sie die Tastatur zu sich, bis die Ellenbogen am Körper hängen.',
	'mouse-beside-keyboard': 'Legen Sie die Maus direkt neben die Tastatur, den Ellenbogen am Körper.',
	'tape-a-square':
		'Markieren Sie mit Klebeband ein Feld für die Maus. Legen Sie sie dorthin zurück, wenn sie wegrutscht.',
	'stack-under-mouse': 'Legen Sie die Maus höher, bis sie auf Höhe der Tastatur ist.',
	'change-mouse-hand': 'Benutzen Sie vormittags die andere Hand für die Maus.',
	'half-height-half-hour':
		'Arbeiten Sie höchstens eine halbe Stunde am Stück und wechseln Sie dazwischen den Platz.',
	'move-screen-away': 'Schieben Sie den Bildschirm zurück.',
	'move-screen-nearer': 'Holen Sie den Bildschirm näher heran.',
	'enlarge-text': 'Vergrößern Sie den Text, bis Sie ihn zurückgelehnt lesen können.',
	'screen-straight-ahead':
		'Stellen Sie den Bildschirm, den Sie am meisten benutzen, gerade hinter die Tastatur.',
	'raise-second-screen':
		'Stellen Sie den zweiten Bildschirm höher, bis seine Oberkante auf Höhe des ersten ist.',
	'turn-with-the-body': [
		{
			holds: { castors: ['yes'] },
			text: 'Drehen Sie sich mit dem ganzen Körper. Die Rollen Ihres Stuhls machen das leicht.'
		},
		{ holds: {}, text: 'Drehen Sie sich mit dem ganzen Körper, auch mit den Füßen.' }
	],
	'tilt-screen': 'Neigen Sie den Bildschirm, bis er genau zu Ihren Augen zeigt.',
	'lower-and-lean-back': 'Stellen Sie den Bildschirm tiefer und neigen Sie ihn um 10 bis 20° nach hinten.',
	'turn-desk': 'Drehen Sie den Tisch, bis das Fenster an Ihrer Seite ist.',
	'draw-curtain': 'Ziehen Sie in den hellen Stunden einen Vorhang oder ein Rollo zu.',
	'match-brightness': 'Stellen Sie den Bildschirm so hell wie ein weißes Blatt Papier daneben.',
	'lamp-other-side': 'Stellen Sie die Lampe auf die andere Seite als Ihre Schreibhand.',
	'light-the-room':
		'Schalten Sie eine Lampe ein, die den Raum beleuchtet, nicht nur die Wand hinter dem Bildschirm.',
	'warmer-in-the-evening': 'Lassen Sie den Bildschirm abends wärmer werden.',
	'turn-draught-away': 'Lenken Sie den Luftzug vom Gesicht weg, oder rücken Sie zur Seite. Blinzeln Sie oft.',
	'paper-stand': 'Bauen Sie neben dem Bildschirm einen Halter aus einem Block, einer Klammer und Bausteinen.',
	loudspeaker: 'Benutzen Sie ein Headset oder den Lautsprecher.',
	'phone-on-other-side': 'Legen Sie das Telefon auf die Seite der Hand, die nicht schreibt.',
	'change-ears': 'Wechseln Sie bei jedem Gespräch das Ohr, oder benutzen Sie beide.',
	'raise-the-phone':
		'Heben Sie das Telefon auf Augenhöhe und stützen Sie den Ellenbogen auf den anderen Arm.',
	'headphones-over-ears': 'Probieren Sie Kopfhörer über dem Ohr, und stellen Sie sie leise.',
	'cables-to-the-wall': 'Führen Sie die Kabel an der Wand entlang und binden Sie sie unter dem Tisch hoch.',
	'one-strip-one-socket': 'Stecken Sie jede Steckdosenleiste direkt in eine Wandsteckdose.',
	'rebuild-wider': 'Bauen Sie neu, breiter und niedriger, das Größte unten.',
	'vents-free': 'Stellen Sie den Laptop auf etwas Hartes und Flaches.',
	'wipe-keys': 'Schalten Sie Tastatur und Maus aus und wischen Sie sie mit einem feuchten Tuch ab.',
	'standing-spot':
		'Suchen Sie eine Arbeitsplatte oder Kommode, an der die Tastatur auch auf Höhe der Ellenbogen ist.',
	'change-over':
		'Wechseln Sie zwischen Sitzen und Stehen. Über den Anteil sind sich Fachleute nicht einig, über den Wechsel schon.',
	'split-stance': 'Stellen Sie einen Fuß vor, und wechseln Sie die Füße.',
	'knee-on-a-stool':
		'Stellen Sie einen Fuß oder ein Knie auf einen niedrigen Hocker, und wechseln Sie die Seite.',
	'soften-knees': 'Drücken Sie die Knie nicht durch, und verlagern Sie das Gewicht von Fuß zu Fuß.',
	'shift-weight': 'Jede halbe Stunde: Lehnen Sie sich vor und zu jeder Seite, und bewegen Sie die Arme.',
	'break-plan':
		'Planen Sie Pausen nach der Uhr, mit etwas, das Sie darin tun. Fachleute nennen alle 20 bis 60 Minuten. 30 passt den meisten.',
	'look-far': 'Schauen Sie alle 20 Minuten 20 Sekunden lang etwa 6 m weit weg, und blinzeln Sie.',
	'walk-calls': 'Gehen Sie beim Telefonieren.',
	'move-before-it-hurts': 'Bewegen Sie sich nach der Uhr, nicht nach dem Schmerz.',
	optician: 'Lassen Sie Ihre Augen prüfen, und sagen Sie, wie weit Ihr Bildschirm entfernt ist.'
};

/** What can be borrowed or bought. */
export const purchaseFixTexts: ChecklistTexts['shop'] = {
	'keyboard-and-mouse': 'eine separate Tastatur und Maus',
	footrest: 'eine verstellbare Fußstütze',
	'foot-bar': 'eine Stange oder ein Ring für die Füße an einem hohen Sitz',
	'seat-cushion': 'ein festes Sitzkissen',
	monitor: 'ein Monitor mit verstellbarem Fuß',
	'another-surface': 'ein Tisch mit anderer oder verstellbarer Höhe',
	chair: 'ein verstellbarer Stuhl',
	headset: 'ein Headset',
	'desk-lamp': 'eine Schreibtischlampe',
	'paper-holder': 'ein Konzepthalter',
	'vertical-mouse': 'eine vertikale Maus oder ein Touchpad zur Abwechslung',
	'power-strip': 'eine Steckdosenleiste mit längerem Kabel',
	'sit-stand-converter': 'ein Aufsatz, der Tastatur und Bildschirm zum Stehen anhebt'
};

/** Cautions, shown next to the risk. */
export const cautionTexts: ChecklistTexts['cautions'] = {
	'stable-stack':
		'Drücken Sie mit der Hand gegen den Stapel, bevor etwas daraufkommt. Das Breiteste unten, nichts Zerbrechliches.',
	'nobody-on-stack': 'Nur zum Aufstellen der Füße. Steigen Sie nie auf einen Stapel.',
	'no-castors': 'Nichts mit Rollen unter einen Stapel.',
	'thin-padding': 'Nur dünn polstern, sonst kippelt der Sitz.',
	'never-under-screen': 'Legen Sie nie etwas Weiches unter einen Bildschirm.',
	electricity: 'Eine Steckdosenleiste an eine Wandsteckdose. Halten Sie Laufwege frei von Kabeln.',
	vents: 'Wickeln Sie nie etwas mit Lüftung in Stoff.',
	'half-hour': 'Das ist ein Kompromiss: höchstens eine halbe Stunde am Stück.',
	'stop-at-pain': 'Hören Sie auf, wenn es wehtut. Eine Dehnung darf man spüren, aber nicht als Schmerz.',
	'standing-still': 'Langes Stillstehen ist so schlecht wie langes Stillsitzen.',
	'clinician-first':
		'Kribbeln, das Sie weckt, bleibt oder mit Schwäche kommt: Gehen Sie zum Arzt. Dies ist eine Orientierung und keine Diagnose.',
	'fitted-chair':
		'Ihr Stuhl ist an Sie angepasst. Überlassen Sie Kissen, Lehne und Fußplatten der Person, die ihn angepasst hat.'
};
