import { describe, expect, test } from '@jest/globals';
import { weeksIn } from './index.ts';

/** A week in the words of a language, and what is written before it. */
const LABELS: Readonly<Record<string, readonly [week: string, ...labels: string[]]>> = {
  en: ['Mon–Fri 9am–6pm', 'Our hours', 'Hours of operation', 'Opening Times for 2026', 'Salon hours'],
  de: ['Mo–Fr 9–18 Uhr', 'Unsere Öffnungszeiten', 'Praxiszeiten', 'Wir sind für Sie da'],
  fr: ['lun–ven 9h–18h', 'Nos horaires', 'Heures d’ouverture', 'Jours et horaires d’ouverture'],
  es: ['lun–vie 9:00–18:00', 'Nuestro horario', 'Horario comercial', 'Horario de atención'],
  it: ['lun–ven 9–18', 'I nostri orari', 'Orario continuato', 'Siamo aperti'],
  pt: ['seg–sex 9h–18h', 'Horários', 'Horário de funcionamento', 'Expediente'],
  nl: ['ma–vr 9–18 uur', 'Onze openingstijden', 'Praktijktijden'],
  pl: ['pon.–pt. 9–18', 'Godziny przyjęć', 'Godziny urzędowania'],
  sv: ['mån–fre 9–18', 'Våra öppettider', 'Öppettider butik'],
  da: ['man–fre 9–18', 'Butikkens åbningstider', 'Åbningstid'],
  fi: ['ma–pe 9–18', 'Liikkeen aukioloajat', 'Palvelemme'],
  cs: ['Po–Pá 9–18', 'Provozní doba', 'Ordinační hodiny'],
  hu: ['H–P 9–18', 'Nyitvatartási idő', 'Rendelés'],
  ro: ['Luni–Vineri 9–18', 'Orar', 'Program de funcționare'],
  bg: ['пон–пет 9–18 ч.', 'Работим'],
  ru: ['Пн–Пт 9–18', 'Мы работаем', 'График работы'],
  uk: ['Пн–Пт 9–18', 'Розклад роботи', 'Працюємо'],
  el: ['Δευ–Παρ 9–18', 'Ωράριο λειτουργίας', 'Ώρες λειτουργίας'],
  tr: ['Pzt–Cum 9–18', 'Çalışma saatlerimiz', 'Mesai saatleri'],
  sr: ['пон–пет 9–18', 'Радно време', 'Radno vreme'],
  sl: ['pon–pet 9–18', 'Delovnik', 'Uradne ure'],
  et: ['E–R 9–18', 'Lahtioleku aeg', 'Oleme avatud'],
  lv: ['P.–Pk. 9–18', 'Pieņemšanas laiki'],
  lt: ['I–V 9–18', 'Darbo valandos'],
  ca: ['dl–dv 9–18 h', 'Horari d’atenció', 'Horaris'],
  ja: ['月–金 9:00–18:00', '受付時間', 'ご利用時間'],
  ko: ['월–금 9:00–18:00', '운영시간', '영업 시간'],
  zh: ['周一至周五 9:00–18:00', '開放時間', '营业时段'],
  ar: ['الأحد - الخميس 9:00 - 18:00', 'مواعيد العمل', 'أوقات الدوام'],
  he: ["א'-ה' 9:00-18:00", 'שעות הפעילות', 'שעות קבלה'],
  fa: ['شنبه تا چهارشنبه 9:00 - 18:00', 'ساعت کاری'],
  th: ['จันทร์–ศุกร์ 9:00–18:00', 'เวลาทำการ', 'เวลาเปิด-ปิด'],
  hi: ['सोमवार–शुक्रवार 9:00–18:00', 'कार्य समय'],
  vi: ['Thứ 2 – Thứ 6: 9:00–18:00', 'Thời gian làm việc'],
  id: ['Senin–Jumat 9.00–18.00', 'Jam operasional', 'Waktu operasional'],
  ka: ['ორშ–პარ 9:00–18:00', 'სამუშაო გრაფიკი'],
  hy: ['երկ–ուրբ 9:00–18:00', 'Աշխատանքային ժամեր'],
};
const cases = Object.entries(LABELS).flatMap(([language, [week, ...labels]]) =>
  labels.map((label) => [language, label, week] as const),
);

describe('a label of opening hours', () => {
  test.each(cases)('says in %s that the week is the door’s: %s', (language, label, week) => {
    const [found, ...others] = weeksIn(`Larch\n${label}: ${week}\nTel. 123`, language).weeks;
    expect(others).toEqual([]);
    expect(found).toMatchObject({ whole: true, hours: { Monday: '09:00-18:00' } });
    expect(found).not.toHaveProperty('isAmongOthers');
  });

  test.each([
    ['en', 'Workshop', 'Mon–Fri 9am–6pm'],
    ['en', 'Happy hours at the pool', 'Mon–Fri 9am–6pm'],
    ['es', 'Horario de cocina', 'lun–vie 9:00–18:00'],
    ['de', 'Öffnungszeiten Werkstatt', 'Mo–Fr 9–18 Uhr'],
    ['fr', 'Horaires de la piscine', 'lun–ven 9h–18h'],
  ])('is none with another word: %s %s', (language, label, week) => {
    const weeks = weeksIn(`Larch\n${label}: ${week}\nTel. 123`, language).weeks.filter(({ whole }) => whole);
    expect(weeks.map(({ isAmongOthers }) => isAmongOthers)).toEqual([true]);
  });
});

test('a day that is closed in Georgian ends a week', () => {
  const { weeks } = weeksIn('ორშაბათი – შაბათი 10:00–19:00, კვირა დახურულია', 'ka');
  expect(weeks).toMatchObject([{ whole: true, hours: { Saturday: '10:00-19:00', Sunday: 'closed' } }]);
});
