import { isOne } from '../../en/platform/numbers';
import type { SharedSessionTexts } from '../../shapes';

export const sharedSessionTexts: SharedSessionTexts = {
	lead: 'Appelez la coordination ou attendez son appel. Vous voyez tous les deux le même dessin de votre poste. Ce que l’un saisit y apparaît aussitôt.',
	saved:
		'Nous gardons seulement ce que vous voyez tous les deux : les réponses, le plan convenu et la prochaine date. Rien n’est écouté, filmé ni enregistré.',
	start: 'Commencer et afficher un code',
	yourCode: 'Votre code',
	readOut:
		'Lisez ce code à la coordination. Elle ne peut entrer qu’avec ce code, et vous pouvez arrêter à tout moment.',
	here: (names, count) => `${names} ${isOne(count) ? 'est' : 'sont'} avec vous.`,
	notHere: 'La coordination n’est pas encore là.',
	personHere: (name) => `${name} est là et voit ce que vous saisissez.`,
	personAway: (name) => `${name} n’a pas la page ouverte en ce moment.`,
	alsoHere: (names) => `Aussi présents : ${names}.`,
	lost: 'La connexion est coupée. Ce que vous saisissez partira dès qu’elle reviendra.',
	stations: 'Où regarder',
	pointing: (name) => `${name} montre ce point.`,
	noQuestions: 'Rien n’est demandé ici.',
	entered: 'Ce qui a été saisi',
	nothingEntered: 'Rien n’a encore été saisi.',
	entry: { byPerson: (name) => `saisi par ${name}`, readOut: (name) => `lu à voix haute à ${name}` },
	cleared: 'effacé',
	aColleague: 'la coordination',
	plan: 'Le plan',
	noPlan: 'Il n’y a pas encore de plan. Il manque encore des réponses.',
	makePlan: 'Faire le plan',
	makeAgain: 'Refaire le plan',
	behind: 'Des réponses ont changé depuis ce plan.',
	stillOpen: (n) => (isOne(n) ? 'Il manque une réponse' : `Il manque ${n} réponses`),
	onOtherPages: 'Le reste se trouve sur les pages des signes d’alerte, des gênes et des objets de la maison.',
	noSteps: 'Rien ne doit changer à ce poste.',
	agree: 'J’accepte ce plan',
	agreed: {
		you: 'Vous acceptez.',
		other: (name) => `${name} accepte.`,
		both: 'Vous acceptez ce plan tous les deux.'
	},
	next: 'Prochaine date',
	nextOn: (day) => `La coordination reviendra vers vous le ${day}.`,
	noNext: 'La coordination fixera la prochaine date.',
	end: 'Terminer',
	summary: {
		title: 'Résumé',
		heading: (day) => `Poste regardé ensemble le ${day}`,
		with: (names) => `Avec ${names}.`,
		endedBy: {
			person: 'Terminé par le salarié.',
			coordinator: 'Terminé par la coordination.',
			time: 'Terminé après deux heures.'
		},
		nothingAgreed: 'Aucun plan n’a été convenu.',
		nextOn: (day) => `Prochaine date : ${day}.`,
		noNext: 'Aucune prochaine date n’a été fixée.'
	}
};
