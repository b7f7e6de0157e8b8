import type { Role } from '$lib/core/platform/access/roles';
import type { PrivacyTexts } from '../../shapes';

const COUNTS = ['cero', 'una', 'dos', 'tres', 'cuatro', 'cinco', 'seis', 'siete', 'ocho', 'nueve', 'diez'];

/** Names of the roles as employees read them. */
const ROLE_NAMES: Readonly<Record<Role, string>> = {
	coordinator: 'coordinación',
	clinician: 'médico',
	reader: 'análisis'
};

const list = (roles: readonly Role[]) =>
	new Intl.ListFormat('es', { type: 'disjunction' }).format(roles.map((role) => ROLE_NAMES[role]));

const years = (n: number) => (n === 1 ? 'un año' : `${n} años`);

/** The privacy statement for employees. */
export const privacyTexts: PrivacyTexts = {
	asked: [
		'Preguntamos por',
		'Las alturas de sus muebles y de su cuerpo, sus molestias, su salud si importa en la mesa y objetos de casa. Si mide con una foto, se queda en su dispositivo y solo guardamos los números.'
	],
	why: ['Por qué', 'Para saber qué le va bien y corregir lo demás.'],
	participation: {
		term: 'Participación',
		words: ({ participation, dutyLaw }) =>
			participation === 'voluntary'
				? 'La participación es voluntaria. Puede omitir una pregunta o parar en cualquier momento.'
				: `La participación forma parte de la obligación de prevención de su empresa${dutyLaw ? ` (${dutyLaw})` : ''}. Aun así puede omitir una pregunta.`
	},
	seenBy: {
		term: 'Quién lo ve',
		words: ({ everyAnswer, referredOnly, totalsOnly }, organisation, least) =>
			[
				`Las personas con el rol de ${list(everyAnswer)}${organisation ? ` en ${organisation}` : ''} ven sus respuestas. Ven una señal de alarma en cuanto usted la toca. Dos de ellas pueden clasificar su caso por separado, sin su nombre, para comprobar que coinciden.`,
				referredOnly.length > 0 &&
					`Un ${list(referredOnly)} solo las ve si usted acepta que se le derive a él.`,
				totalsOnly.length > 0 &&
					`Las personas con el rol de ${list(totalsOnly)} solo ven totales de ${COUNTS[least] ?? least} personas o más.`,
				'Las personas que gestionan el servidor pueden acceder a la base de datos.'
			]
				.filter(Boolean)
				.join(' ')
	},
	howLong: {
		term: 'Cuánto tiempo',
		words: ({ yearsAfterAnswer, yearsAfterLeaving }, organisation) => {
			const place = organisation || 'su organización';
			const sign =
				'Si hay una señal de alarma abierta, borramos sus datos una vez que coordinación la haya atendido.';
			if (yearsAfterAnswer !== null && yearsAfterLeaving !== null)
				return `Borramos sus datos ${years(yearsAfterAnswer)} después de su última respuesta, o ${years(yearsAfterLeaving)} después de que deje ${place}. ${sign}`;
			if (yearsAfterAnswer !== null)
				return `Borramos sus datos ${years(yearsAfterAnswer)} después de su última respuesta. ${sign}`;
			if (yearsAfterLeaving !== null)
				return `Borramos sus datos ${years(yearsAfterLeaving)} después de que deje ${place}. ${sign}`;
			return 'No hay fecha final. Guardamos sus datos hasta que usted los retire o coordinación los borre.';
		}
	},
	passedOn: [
		'Transmisión',
		'Coordinación puede descargar datos en archivos: listas, un expediente de salud o todo. También puede dejar que otros programas de su organización lean una parte.'
	],
	stays: [
		'Lo que queda',
		'Si retira sus respuestas, quedan las notas de coordinación y el hecho de que se le preguntó. También después de borrarlas quedan rastros: líneas del registro sin su nombre, totales de informes anteriores y, por un tiempo, copias de seguridad. Hasta que se renueven los totales de fin de mes, sus últimas respuestas siguen en ellos sin su nombre, un año como máximo.'
	],
	rights: [
		'Sus derechos',
		'Puede ver, corregir, descargar o retirar aquí sus respuestas en cualquier momento.'
	],
	complaints: [
		'Reclamaciones',
		'Puede preguntar a su organización en qué base legal se apoya. También puede reclamar ante la autoridad de protección de datos de su país.'
	],
	limits: [
		'Límites',
		'Esto es una orientación para su comodidad, no un diagnóstico. No sustituye a un médico. La ley local tiene prioridad.'
	],
	questions: {
		term: '¿Preguntas?',
		words: ({ contactName, contactRole, phone, replyTo }) => {
			const who = contactRole ? `${contactName}, ${contactRole}` : contactName;
			const reach = [phone, replyTo].filter((one) => one !== '').join(', ');
			return reach ? `Pregunte a ${who}: ${reach}.` : `Pregunte a ${who}.`;
		}
	}
};
