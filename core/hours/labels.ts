import { plainLetters } from './translate.ts';

/**
 * What stands before the hours of a door, in plain letters, each as the whole of its label: "Nos horaires d'ouverture".
 * With another word behind it ("Horario de cocina") it is of something else.
 */
const LABELS: readonly string[] = [
  // English, German, Dutch
  '(?:our |the )?(?:regular |normal |standard |usual )?(?:(?:opening|business|store|shop|office|clinic|surgery|salon|trading|practice|showroom|studio|gallery|museum) )?(?:hours|times)(?: of (?:operation|business|opening)| (?:for |in )?\\d{4})?',
  '(?:unsere |die )?(?:offnungs|geschafts|sprech|praxis|ordinations|buro|service|laden|betriebs)zeiten',
  '(?:unsere )?sprechstunden?|(?:wir haben )?geoffnet|wir sind fur sie da',
  '(?:onze )?(?:openings|winkel|praktijk)(?:tijden|uren)|(?:wij zijn )?geopend',
  // Romance languages
  '(?:nos |les )?(?:jours et )?(?:horaires?|heures d.ouverture)(?: d.(?:ouverture|accueil)| du (?:magasin|cabinet|salon|restaurant)| de la boutique)?|ouvertures?|ouvert',
  '(?:nuestros? |el )?horarios?(?: de (?:atencion|apertura|consulta|servicio|la tienda|oficina)(?: al publico)?| comercial)?|abierto|atencion',
  '(?:i nostri |il nostro |gli )?orario?(?: di (?:apertura|ricevimento)| continuato| al pubblico| del negozio)?|(?:siamo )?apert[io]',
  '(?:nossos? |o )?horarios?(?: de (?:funcionamento|atendimento|abertura))?|funcionamento|atendimento|expediente|aberto',
  '(?:els nostres )?horaris?(?: d.(?:atencio|obertura)| comercial)?|obert',
  '(?:programul|program|orarul|orar)(?: de (?:lucru|functionare)| nostru)?|deschis',
  // The North
  '(?:vara |butikens )?oppettid(?:er)?(?: (?:i )?butik(?:en)?)?|oppet|(?:vores |butikkens )?abningstid(?:er)?|abent|(?:vare |butikkens )?apningstid(?:er)?|apent',
  '(?:liikkeen |myymalan |toimiston )?aukiolo(?:ajat|aika)?|avoinna|palvelemme|opnunartimi|opnunartimar|opid',
  // The East, in Latin letters
  'godziny (?:otwarcia|pracy|przyjec|urzedowania)|czynne|otwarte|zapraszamy',
  '(?:oteviraci|provozni|pracovni|otvaracia|prevadzkova|pracovna) doba|(?:oteviraci|ordinacni|uredni|otvaracie|ordinacne|uradne) hodiny|otevreno|otvorene',
  'nyitva ?tartas(?:i ido)?|nyitva|rendelesi ido|rendeles',
  'radno (?:vrijeme|vreme)|(?:delovni|odpiralni) cas|delovnik|uradne ure|odprto|otvoreno|ordiniramo',
  '(?:calisma|mesai|acilis) saatler(?:i|imiz)|acik',
  'lahtioleku ?(?:ajad|aeg)|(?:oleme )?avatud|tooaeg|(?:darba|pienemsanas) laiks?i?|atverts|darbo (?:laikas|valandos)|dirbame|atidaryta',
  '(?:gio|thoi gian) (?:mo cua|lam viec|hoat dong)|mo cua|(?:jam|waktu) (?:buka|operasi|operasional|kerja|perniagaan)|buka',
  // Cyrillic, Greek, Armenian, Georgian
  '(?:часы|режим|время|график|расписание) работы|(?:мы )?работаем|при[её]м|открыто|(?:години|графік|режим|час|розклад) роботи|працюємо|відчинено|работно време|работим|отворено|радно време',
  'ωραριο(?: λειτουργιας| καταστηματος)?|ωρες λειτουργιας|ανοιχτα',
  'աշխատանքային ժամեր|բաց է|სამუშაო (?:საათები|დრო|გრაფიკი)',
  // Arabic, Persian, Hebrew, Hindi, Thai
  '(?:ساعات|أوقات|اوقات|مواعيد) (?:العمل|الدوام|الافتتاح|العيادة)|نستقبلكم|ساعا?ت کار[یي]?',
  'שעות (?:ה?פתיחה|ה?פעילות|קבלה|עבודה)|פתוח',
  '(?:कार्य|कार्यालय|खुलने का) समय|समय|(?:วันและ)?เวลา(?:ท(?:ำ|ํา)การ|เปิด(?:ท(?:ำ|ํา)การ|บริการ|\\s*-\\s*ปิด)?)|เปิด(?:ท(?:ำ|ํา)การ|บริการ)',
  // East Asia
  '(?:ご?(?:営業|診療|受付|開館|開店|開院|利用))(?:時間|日時)|(?:영업|진료|운영|이용|오픈|업무|근무) ?시간',
  '(?:营业|營業|开放|開放|门诊|門診|服务|服務|办公|辦公)(?:时间|時間|时段|時段)',
];
const LABEL = new RegExp(`^(?:${LABELS.join('|')})$`, 'u');
/** Longer ones are sentences. */
const LONGEST = 60;

/** Whether a label, with its colon or without, says that the hours behind it are those of the door. */
export const isHoursLabel = (label: string): boolean =>
  label.length <= LONGEST &&
  LABEL.test(
    plainLetters(label)
      .replace(/[’‘`´]/g, "'")
      .replace(/[\s:：.-]+$/, '')
      .trim(),
  );
