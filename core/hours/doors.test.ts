import { describe, expect, test } from '@jest/globals';
import { readWeek, weeksIn, writeWeek } from './index.ts';

describe('a week as doors and pages say it', () => {
  test.each([
    [
      'it',
      'Aperto: dal martedì alla domenica 12–14.30 e 19–22.30. Lunedì chiuso.',
      'Mon closed; Tue–Sun 12:00-14:30, 19:00-22:30',
    ],
    [
      'de',
      'Mi bis So von 11 bis 21 Uhr, warme Küche bis 20 Uhr. Mo und Di Ruhetag.',
      'Mon–Tue closed; Wed–Sun 11:00-21:00',
    ],
    [
      'pt',
      '2.ª a 6.ª: 9h30–13h00 / 14h30–19h00\nSábado: 9h30–13h00\nEncerra aos domingos e feriados',
      'Mon–Fri 09:30-13:00, 14:30-19:00; Sat 09:30-13:00; Sun closed',
    ],
    [
      'es',
      'Martes a domingo de 13:00 a 16:00 y de 20:30 a 23:30. Lunes descanso.',
      'Mon closed; Tue–Sun 13:00-16:00, 20:30-23:30',
    ],
    [
      'fr',
      'Lundi au samedi 9h-19h sans interruption. Fermé dimanche et jours fériés',
      'Mon–Sat 09:00-19:00; Sun closed',
    ],
    ['en', 'Hours of Operation: M-Th 7am-7pm, F 7am-3pm', 'Mon–Thu 07:00-19:00; Fri 07:00-15:00'],
    ['en', 'Sunday: 10:00 am – 4:00 pm (brunch only)', 'Sun 10:00-16:00'],
    [
      'en',
      'Weekdays 7am–10pm; weekends & public holidays 8am–8pm',
      'Mon–Fri 07:00-22:00; Sat–Sun 08:00-20:00',
    ],
    ['en', 'Mon-Fri 9am-5pm (closed 1pm-2pm)', 'Mon–Fri 09:00-13:00, 14:00-17:00'],
    ['en', 'Office hours are 8-4:30 Monday-Friday', 'Mon–Fri 08:00-16:30'],
    [
      'en',
      'OPD timings: Mon–Thu & Sat, 10am–2pm and 6pm–10pm',
      'Mon–Thu 10:00-14:00, 18:00-22:00; Sat 10:00-14:00, 18:00-22:00',
    ],
    ['en', 'Mon – Fri: 7:30am – 6pm. Evenings by arrangement.', 'Mon–Fri 07:30-18:00'],
    ['en', 'Mon-Wed-Fri 9am-noon', 'Mon 09:00-12:00; Wed 09:00-12:00; Fri 09:00-12:00'],
    [
      'de',
      'Öffnungszeiten: Mo-Fr 10:00-18:00, Sa 10:00-14:00 und nach Vereinbarung',
      'Mon–Fri 10:00-18:00; Sat 10:00-14:00',
    ],
    ['de', 'werktags 8:00–18:00, samstags 9:00–13:00', 'Mon–Fri 08:00-18:00; Sat 09:00-13:00'],
    ['de', 'Sprechzeiten: Mo 8-12, 15-18; Fr 8-13', 'Mon 08:00-12:00, 15:00-18:00; Fri 08:00-13:00'],
    [
      'fr',
      'lundi 14h-19h, mardi au vendredi 9h-12h 14h-19h, samedi 9h-18h',
      'Mon 14:00-19:00; Tue–Fri 09:00-12:00, 14:00-19:00; Sat 09:00-18:00',
    ],
    ['es', 'L-J: 9-14 / 16-19 h. V: 9-15 h.', 'Mon–Thu 09:00-14:00, 16:00-19:00; Fri 09:00-15:00'],
    [
      'it',
      'Dal lunedì al venerdì 9:00-13:00 / 15:30-19:30, sabato mattina 9:00-13:00',
      'Mon–Fri 09:00-13:00, 15:30-19:30; Sat 09:00-13:00',
    ],
    [
      'it',
      'Orario: mar–dom 12.00–14.30, 19.00–23.00. Lunedì riposo',
      'Mon closed; Tue–Sun 12:00-14:30, 19:00-23:00',
    ],
    ['nl', 'Open: wo t/m zo vanaf 11.00 tot 22.00 uur', 'Wed–Sun 11:00-22:00'],
    [
      'nl',
      'Vrije raadpleging: ma-vr 9u-12u, ma-di-do ook 16u-19u',
      'Mon–Tue 09:00-12:00, 16:00-19:00; Wed 09:00-12:00; Thu 09:00-12:00, 16:00-19:00; Fri 09:00-12:00',
    ],
    ['pt', '2ª a 6ª feira das 8h às 18h; sábado das 8h às 12h', 'Mon–Fri 08:00-18:00; Sat 08:00-12:00'],
    [
      'pl',
      'od wtorku do soboty w godzinach 12:00-22:00, niedziela 12:00-20:00, poniedziałek nieczynne',
      'Mon closed; Tue–Sat 12:00-22:00; Sun 12:00-20:00',
    ],
    ['ko', '매일 11:00~22:00 (브레이크타임 15:00~17:00)', 'Mon–Sun 11:00-15:00, 17:00-22:00'],
    ['ro', 'L-V 8-16', 'Mon–Fri 08:00-16:00'],
    [
      'he',
      'ימים א-ה 08:30-17:00, יום ו 08:30-12:30',
      'Mon–Thu 08:30-17:00; Fri 08:30-12:30; Sun 08:30-17:00',
    ],
    ['eu', 'Astelehenetik ostiralera 9:00-18:00', 'Mon–Fri 09:00-18:00'],
    [
      'hr',
      'Pon - Pet: 08-20h, Sub: 08-14h, nedjeljom i praznicima zatvoreno',
      'Mon–Fri 08:00-20:00; Sat 08:00-14:00; Sun closed',
    ],
    [
      'sl',
      'ponedeljek–petek 8h–18h, sobota 8h–13h, ob nedeljah in praznikih zaprto',
      'Mon–Fri 08:00-18:00; Sat 08:00-13:00; Sun closed',
    ],
    [
      'sr',
      'Radno vreme: radnim danima 8–20h, subotom 9–14h, nedeljom zatvoreno',
      'Mon–Fri 08:00-20:00; Sat 09:00-14:00; Sun closed',
    ],
    ['lv', 'Darba laiks: P.–Pk. 9:00–21:00, S., Sv. 10:00–18:00', 'Mon–Fri 09:00-21:00; Sat–Sun 10:00-18:00'],
    ['ar', 'يوميًا من ١٢ ظهرًا حتى ١١:٣٠ مساءً', 'Mon–Sun 12:00-23:30'],
    [
      'ar',
      'السبت – الخميس: 9 صباحاً – 9 مساءً، الجمعة: مغلق',
      'Mon–Thu 09:00-21:00; Fri closed; Sat–Sun 09:00-21:00',
    ],
    ['id', 'Senin–Jumat 09.00–20.00 WIB, Minggu libur', 'Mon–Fri 09:00-20:00; Sun closed'],
    ['en', 'Mon–Fri 8.30–18.30, Sat 9–1. Emergencies 24/7.', 'Mon–Fri 08:30-18:30; Sat 09:00-13:00'],
    ['de', 'Mo–Fr 8–17 Uhr, Notdienst 24 Stunden', 'Mon–Fri 08:00-17:00'],
    ['en', 'Office open weekdays 7.30am–5.00pm. Serving Nelson & Motueka.', 'Mon–Fri 07:30-17:00'],
    ['da', 'Kontortid: mandag-torsdag 7.00-15.30, fredag 7.00-13.00', 'Mon–Thu 07:00-15:30; Fri 07:00-13:00'],
    [
      'en',
      'Mon, Wed, Fri: 8am–5pm • Tue, Thu: 10am–7pm • Sat by appointment',
      'Mon 08:00-17:00; Tue 10:00-19:00; Wed 08:00-17:00; Thu 10:00-19:00; Fri 08:00-17:00; Sat by appointment',
    ],
    [
      'en',
      'Opening Hours: Monday through Friday 8:00 AM to 5:00 PM, Saturday 9:00 AM to 2:00 PM, closed on Sundays.',
      'Mon–Fri 08:00-17:00; Sat 09:00-14:00; Sun closed',
    ],
    ['es', 'L-V: 10:00-21:00 h / D: cerrado', 'Mon–Fri 10:00-21:00; Sun closed'],
    ['es', 'L a V de 10 a 14 h, S de 10 a 13 h', 'Mon–Fri 10:00-14:00; Sat 10:00-13:00'],
    ['es', 'De martes a domingo de 13 a 16. Lunes cerrado por descanso', 'Mon closed; Tue–Sun 13:00-16:00'],
    ['it', 'L-V dalle 9 alle 18, S dalle 9 alle 13', 'Mon–Fri 09:00-18:00; Sat 09:00-13:00'],
    ['it', 'giorni feriali 9-18', 'Mon–Fri 09:00-18:00'],
    ['fr', 'L-J 9h-18h', 'Mon–Thu 09:00-18:00'],
    ['da', 'Alle hverdage 8-16', 'Mon–Fri 08:00-16:00'],
    ['nl', 'Elke werkdag van 08.30 tot 17.00 uur', 'Mon–Fri 08:30-17:00'],
    ['ga', 'Luan–Aoine 9:00–17:00, Satharn 10:00–14:00', 'Mon–Fri 09:00-17:00; Sat 10:00-14:00'],
    [
      'zh',
      '週一至週五 上午9:00至下午6:00，週六 上午9:00至中午12:00，週日公休',
      'Mon–Fri 09:00-18:00; Sat 09:00-12:00; Sun closed',
    ],
    ['zh', '星期一到星期日 全天24小时', 'Mon–Sun 24 hours'],
    ['en', 'Tue 12noon–8pm', 'Tue 12:00-20:00'],
    ['pt', 'Segunda a sexta 8h-18h, fim de semana 9h-13h', 'Mon–Fri 08:00-18:00; Sat–Sun 09:00-13:00'],
    ['es', 'Entre semana 9-18 h, fines de semana 10-14 h', 'Mon–Fri 09:00-18:00; Sat–Sun 10:00-14:00'],
    ['it', 'Giorni feriali 9-18, fine settimana 10-14', 'Mon–Fri 09:00-18:00; Sat–Sun 10:00-14:00'],
    ['fr', 'En semaine 9h-18h, week-end 10h-14h', 'Mon–Fri 09:00-18:00; Sat–Sun 10:00-14:00'],
    ['nl', 'Werkdagen 9-18 uur, weekend 10-14 uur', 'Mon–Fri 09:00-18:00; Sat–Sun 10:00-14:00'],
    ['sv', 'Vardagar 9-18, helger 10-14', 'Mon–Fri 09:00-18:00; Sat–Sun 10:00-14:00'],
    ['pl', 'W dni robocze 9-18, weekendy 10-14', 'Mon–Fri 09:00-18:00; Sat–Sun 10:00-14:00'],
    ['en', 'Mondays 6:30 to 8:30 in the evening', 'Mon 18:30-20:30'],
    ['en', 'Tue 9 to 5 in the afternoon', 'Tue 09:00-17:00'],
    ['en', 'Fri 10 to 2 at night', 'Fri 22:00-02:00'],
    ['hu', 'Hétfőtől péntekig 8-16 óráig', 'Mon–Fri 08:00-16:00'],
    ['tr', 'Her gün 10:00 - 22:00 arası açık', 'Mon–Sun 10:00-22:00'],
    ['cs', 'Po–Ne nonstop', 'Mon–Sun 24 hours'],
    ['cs', 'Po–Pá 8–18, So nonstop', 'Mon–Fri 08:00-18:00; Sat 24 hours'],
    ['fr', '9h–19h du lundi au samedi non-stop', 'Mon–Sat 09:00-19:00'],
    ['ja', '10:00〜19:00 水曜定休', 'Mon–Tue 10:00-19:00; Wed closed; Thu–Sun 10:00-19:00'],
    ['ja', '月〜金 9:00〜18:00 土 9:00〜13:00 日祝休', 'Mon–Fri 09:00-18:00; Sat 09:00-13:00; Sun closed'],
    ['ko', '10:00~19:00 월요일 휴무', 'Mon closed; Tue–Sun 10:00-19:00'],
    ['de', '10–18 Uhr, Mittwoch geschlossen', 'Mon–Tue 10:00-18:00; Wed closed; Thu–Sun 10:00-18:00'],
    ['ja', '10:00〜19:00（定休日：水曜日）', 'Mon–Tue 10:00-19:00; Wed closed; Thu–Sun 10:00-19:00'],
    [
      'ja',
      '営業時間：11:00～14:00、17:00～22:00　定休日：月曜（祝日の場合は翌日）',
      'Mon closed; Tue–Sun 11:00-14:00, 17:00-22:00',
    ],
    ['zh', '星期一至六：上午九時至下午六時', 'Mon–Sat 09:00-18:00'],
    ['zh', '周一至周日 早上9点到晚上9点', 'Mon–Sun 09:00-21:00'],
    ['id', 'Senin - Jumat 08.00 - 17.00 WIB, Sabtu 08.00 - 13.00', 'Mon–Fri 08:00-17:00; Sat 08:00-13:00'],
    ['it', 'Lun-Ven 9:00-19:00 orario continuato', 'Mon–Fri 09:00-19:00'],
    [
      'pl',
      'od poniedziałku do piątku od 8:00 do 16:00, w soboty 9–13',
      'Mon–Fri 08:00-16:00; Sat 09:00-13:00',
    ],
    [
      'ru',
      'с понедельника по пятницу с 9 до 18, в субботу с 10 до 15',
      'Mon–Fri 09:00-18:00; Sat 10:00-15:00',
    ],
    ['uk', 'з понеділка по п’ятницю з 9:00 до 18:00', 'Mon–Fri 09:00-18:00'],
    [
      'hr',
      'od ponedjeljka do petka 8–20, subotom 8–14, nedjeljom zatvoreno',
      'Mon–Fri 08:00-20:00; Sat 08:00-14:00; Sun closed',
    ],
    ['sl', 'od ponedeljka do petka od 8. do 16. ure', 'Mon–Fri 08:00-16:00'],
    [
      'ja',
      '営業時間 11:30～14:00(L.O.13:30) 17:30～22:00(L.O.21:30)\n定休日 日曜・祝日',
      'Mon–Sat 11:30-14:00, 17:30-22:00; Sun closed',
    ],
    ['en', 'We are open Tuesday to Sunday. 10am – 5pm.', 'Tue–Sun 10:00-17:00'],
    ['en', 'Mon to Thurs: 0900 - 1730 hrs; Fri 0900 - 1300 hrs', 'Mon–Thu 09:00-17:30; Fri 09:00-13:00'],
    [
      'en',
      'M-Th 11a-9p, F-Sa 11a-10p, Su 12p-8p',
      'Mon–Thu 11:00-21:00; Fri–Sat 11:00-22:00; Sun 12:00-20:00',
    ],
    ['fr', 'Du lundi au vendredi : 9h00/12h00 - 14h00/18h00', 'Mon–Fri 09:00-12:00, 14:00-18:00'],
    ['it', 'dal lunedì al sabato ore 8,30-12,30 / 15,30-19,30', 'Mon–Sat 08:30-12:30, 15:30-19:30'],
    ['fi', 'maanantaista perjantaihin klo 9–17', 'Mon–Fri 09:00-17:00'],
    ['cs', 'od pondělí do pátku 8–16 h', 'Mon–Fri 08:00-16:00'],
    ['de', 'Täglich außer Montag 11–22 Uhr', 'Tue–Sun 11:00-22:00'],
    ['fr', 'Tous les jours sauf le mardi 10h–18h', 'Mon 10:00-18:00; Wed–Sun 10:00-18:00'],
    ['it', 'Ogni giorno tranne il lunedì 12:00–23:00', 'Tue–Sun 12:00-23:00'],
    ['en', 'Daily except Sundays 9am–5pm', 'Mon–Sat 09:00-17:00'],
    ['en', '11:00-20:00 (closed Wednesday)', 'Mon–Tue 11:00-20:00; Wed closed; Thu–Sun 11:00-20:00'],
    ['en', '9am–5pm, closed Sundays', 'Mon–Sat 09:00-17:00; Sun closed'],
  ])('%s: %s', (language, text, week) => {
    const { hours, faults } = readWeek(text, language);
    expect([writeWeek(hours), ...faults]).toEqual([week]);
    // As lines of a page they are found whole.
    expect(weeksIn(text, language).weeks.map((one) => [writeWeek(one.hours), one.whole])).toEqual([
      [week, true],
    ]);
  });

  test.each([
    ['en', 'Open every day 11am-10pm', ['Mon–Sun 11:00-22:00']],
    ['km', 'Open 9am–5pm, every day of the week', ['Mon–Sun 09:00-17:00']],
    ['en', 'Every weekday 9am–5pm', ['Mon–Fri 09:00-17:00']],
    ['en', 'Open 24/7', ['Mon–Sun 24 hours']],
    ['en', 'Mon–Fri 9–5\nRoadside help 24/7', ['Mon–Fri 09:00-17:00']],
  ])('says every day in many ways: %s: %s', (language, text, found) =>
    expect(weeksIn(text, language).weeks.map(({ hours }) => writeWeek(hours))).toEqual(found),
  );

  test.each(['Fresh bread every day', 'Everyday essentials', 'Online booking 24/7'])(
    'says no hours: %s',
    (text) => expect(weeksIn(text, 'en')).toEqual({ weeks: [], namesDays: false }),
  );

  test.each(['Mon-Sat 9am-late', 'Tuesday-Saturday 5 p.m. to close'])('is not guessed: %s', (text) =>
    expect(weeksIn(text, 'en').weeks).toEqual([]),
  );

  test.each([
    ['en', 'Winter: Thu–Sun 10–4. Summer: daily 9–6.', ['Thu–Sun 10:00-16:00', 'Mon–Sun 09:00-18:00']],
    ['en', 'Classes: Monday–Friday 4 pm–8 pm. Admission fee Rs. 1,500.', ['Mon–Fri 16:00-20:00']],
    ['en', 'Open Monday to Friday, 9am to 5pm (closed 1–1.30pm for walk-ins)', ['Mon–Fri 09:00-17:00']],
    ['de', 'Werkstatt: Mo–Do 8–16:30, Fr 8–14 Uhr.', ['Mon–Thu 08:00-16:30; Fri 08:00-14:00']],
    ['de', 'Wintersaison 12. Dezember 2026 bis 5. April 2027: täglich 10–17 Uhr.', ['Mon–Sun 10:00-17:00']],
    ['nl', 'Ma t/m vr 8.00 - 17.00 uur. Buiten openingstijden: spoed 020-555 09 99', ['Mon–Fri 08:00-17:00']],
    ['pt', 'Seg. a sex. das 8h às 18h. Plantão 24h para emergências.', ['Mon–Fri 08:00-18:00']],
    ['sv', 'Öppet: mån–fre 9–18. Dagens lunch vardagar 11–14, 129 kr.', ['Mon–Fri 09:00-18:00']],
  ])(
    'stands behind a label or among sentences, and may be of something else: %s: %s',
    (language, text, weeks) => {
      const found = weeksIn(text, language).weeks;
      expect(found.map(({ hours }) => writeWeek(hours))).toEqual(weeks);
      expect(found.every(({ isAmongOthers }) => isAmongOthers)).toBe(true);
    },
  );

  test.each([
    [
      'nl',
      'Openingsuren: di t/m vr 9u30–18u, za 9u30–17u, zo en ma gesloten',
      'Mon closed; Tue–Fri 09:30-18:00; Sat 09:30-17:00; Sun closed',
    ],
    [
      'el',
      'Δευτ., Τρ., Πέμ., Παρ.: 9:00-13:00 & 15:00-18:30',
      'Mon–Tue 09:00-13:00, 15:00-18:30; Thu–Fri 09:00-13:00, 15:00-18:30',
    ],
    [
      'de',
      'Mo–Do 8–16:30, Fr 8–14 Uhr. Termine gern telefonisch vereinbaren.',
      'Mon–Thu 08:00-16:30; Fri 08:00-14:00',
    ],
    [
      'fr',
      'Du mardi au samedi de 7h à 19h30. Fermeture hebdomadaire : lundi',
      'Mon closed; Tue–Sat 07:00-19:30',
    ],
    ['ja', '営業時間 10:00～21:00 / 毎週火曜日休み', 'Mon 10:00-21:00; Tue closed; Wed–Sun 10:00-21:00'],
    ['ko', '10:00~21:00 (화요일 휴무)', 'Mon 10:00-21:00; Tue closed; Wed–Sun 10:00-21:00'],
  ])('is certain in spite of what stands beside it: %s: %s', (language, text, told) => {
    const [week, ...more] = weeksIn(text, language).weeks;
    expect([week?.whole, week?.isAmongOthers, more]).toEqual([true, undefined, []]);
    expect(week && writeWeek(week.hours)).toBe(told);
  });

  test('stands in a table whose marks are told below it, or in two languages at once', () => {
    const columns = ['月', '火', '水', '木', '金', '土', '日'];
    const row = ['●', '●', '休', '●', '●', '▲', '休'];
    const table = [...columns, '10:00～13:30', ...row, '15:00～19:30', ...row].join('\n');
    const said = (text: string, language: string) =>
      weeksIn(text, language).weeks.map(({ hours, whole }) => whole && writeWeek(hours));
    expect(said(`${table}\n▲土曜 10:00～17:00\u3000休診日：水・日・祝`, 'ja')).toEqual([
      'Mon–Tue 10:00-13:30, 15:00-19:30; Wed closed; Thu–Fri 10:00-13:30, 15:00-19:30; Sat 10:00-17:00; Sun closed',
    ]);
    // What a mark means is not guessed.
    expect(said(table, 'ja')).toEqual([false]);
    expect(
      said('星期一至五 Mon–Fri: 09:00–18:00\n星期日及公眾假期休息 Closed on Sundays & public holidays', 'zh'),
    ).toEqual(['Mon–Fri 09:00-18:00; Sun closed']);
  });

  test('has its hours in the line before the days that are closed, or behind them', () => {
    const week = 'Mon–Tue 10:00-19:00; Wed closed; Thu–Sun 10:00-19:00';
    for (const text of ['営業時間 10:00〜19:00\n定休日 水曜日', '定休日 水曜日\n営業時間 10:00〜19:00'])
      expect(weeksIn(text, 'ja').weeks.map(({ hours }) => writeWeek(hours))).toEqual([week]);
    expect(
      weeksIn('Hours: 10:00-19:00\nClosed Wednesdays', 'en').weeks.map(({ hours }) => writeWeek(hours)),
    ).toEqual([week]);
    // A price or a year is no time.
    expect(weeksIn('Since 1998\nClosed Wednesdays', 'en').weeks.map(({ hours }) => writeWeek(hours))).toEqual(
      ['Wed closed'],
    );
  });
});

test('texts that only name days, however many, are no hours, and hide none', () => {
  const dull = 'Small animal surgery by the harbour, with a night clinic on Fridays.\n'.repeat(60);
  expect(weeksIn(dull, 'en').weeks).toEqual([]);
  const [week, ...others] = weeksIn(`${dull}Visit us\nMon–Fri 9am–5pm\nSun closed`, 'en').weeks;
  expect([week && writeWeek(week.hours), others]).toEqual(['Mon–Fri 09:00-17:00; Sun closed', []]);
  // A week whose days are closed or by appointment has no figures.
  expect(weeksIn('Mondays closed', 'en').weeks.map(({ hours }) => hours.Monday)).toEqual(['closed']);
});

describe('short names in a language that nobody says', () => {
  const WEEK = 'Mon–Fri 09:00-18:00; Sat 10:00-14:00; Sun closed';
  test.each([
    ['Mo bis Fr 09.00 bis 18.00, Sa 10.00 bis 14.00, So geschlossen', WEEK],
    ['Mån–fre 9–18, lör 10–14, sön stängt', WEEK],
    ['Lun-ven 9h00-18h00, sam 10h00-14h00, dim fermé', WEEK],
    ['Lun-Vie 9:00-18:00, Sáb 10:00-14:00, Dom cerrado', WEEK],
    ['Heures\nLun-ven\n9h00-18h00\nsam\n10h00-14h00\ndim\nfermé', WEEK],
    ['Mo–Fr 9–18 Uhr, Sa 10–14, So zu', WEEK],
    ['Mo - Fr: 9:00 - 18:00\nSa: 10:00 - 14:00\nSo: geschlossen', WEEK],
    // read alike in each of the languages that know them
    ['Lun–Ven 9–18', 'Mon–Fri 09:00-18:00'],
  ])('%s', (text, week) => {
    for (const language of ['', 'en'])
      expect(weeksIn(text, language).weeks.map(({ hours }) => writeWeek(hours))).toEqual([week]);
  });

  test.each(['ma 10 - 20 €', 'Seite 1 von 12', 'Rooms 10 to 14, floor 3', '1 Mo 2-3'])(
    'are none where they are other words: %s',
    (text) => {
      expect(weeksIn(text).weeks).toEqual([]);
    },
  );
});
