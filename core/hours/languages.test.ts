import { describe, expect, test } from '@jest/globals';
import { days, readDay, readWeek, weeksIn, writeDay, writeWeek, saysClosed } from './index.ts';

describe('a week in the words of many languages', () => {
  test.each([
    ['Mo–Fr 9–18 Uhr, Sa 10-14 Uhr, So geschlossen', 'Mon–Fri 09:00-18:00; Sat 10:00-14:00; Sun closed'],
    ['Montag bis Freitag von 9 bis 18 Uhr', 'Mon–Fri 09:00-18:00'],
    ['Di–Sa 10–18 Uhr, So + Mo Ruhetag', 'Mon closed; Tue–Sat 10:00-18:00; Sun closed'],
    [
      'Mo., Di., Do. 8.00 – 12.00 und 14.00 – 18.00 Uhr, Mi. 8–12 Uhr, Fr. 8–13 Uhr',
      'Mon–Tue 08:00-12:00, 14:00-18:00; Wed 08:00-12:00; Thu 08:00-12:00, 14:00-18:00; Fri 08:00-13:00',
    ],
    ['Täglich 11:30–22:00 Uhr', 'Mon–Sun 11:30-22:00'],
    ['Mo–Fr 7.30–22 Uhr, Sa, So & Feiertag 8.30–22 Uhr', 'Mon–Fri 07:30-22:00; Sat–Sun 08:30-22:00'],
    [
      'Di–Fr 9–12 u. 13.30–18.30 Uhr, Sa 9–16 Uhr, So/Mo geschlossen',
      'Mon closed; Tue–Fri 09:00-12:00, 13:30-18:30; Sat 09:00-16:00; Sun closed',
    ],
    ['Mo–Fr 8–18 Uhr (Mittagspause von 12:30 bis 13:30 Uhr)', 'Mon–Fri 08:00-12:30, 13:30-18:00'],
    ['Du lundi au vendredi de 9h à 18h, pause déjeuner de 12h à 14h', 'Mon–Fri 09:00-12:00, 14:00-18:00'],
    [
      'Mån–tors 8–17, fre 8–14. Lunchstängt 12–13.',
      'Mon–Thu 08:00-12:00, 13:00-17:00; Fri 08:00-12:00, 13:00-14:00',
    ],
    ['月〜金 9:00〜18:00（昼休み 12:00〜13:00）', 'Mon–Fri 09:00-12:00, 13:00-18:00'],
    ['火〜日 11:00〜23:00（L.O. 22:30）', 'Tue–Sun 11:00-23:00'],
    ['月～土 18:00～26:00', 'Mon–Sat 18:00-02:00'],
    ['平日 17時～25時30分、日曜定休', 'Mon–Fri 17:00-01:30; Sun closed'],
    ['Mo–Sa 09 : 00 – 12 : 00, 13: 00 – 19: 00', 'Mon–Sat 09:00-12:00, 13:00-19:00'],
    ['Domingo de 9:00 am. a 1:00 pm.', 'Sun 09:00-13:00'],
    ['Pazartesi - Cumartesi: 09.00 - 19.00, Pazar: Kapalı', 'Mon–Sat 09:00-19:00; Sun closed'],
    [
      'dinsdag t/m vrijdag 9.00 - 18.00 uur, donderdag koopavond 19.00 - 21.00 uur',
      'Tue–Wed 09:00-18:00; Thu 09:00-18:00, 19:00-21:00; Fri 09:00-18:00',
    ],
    ['Sonn- und Feiertage geschlossen', 'Sun closed'],
    ['星期一至五 09:00–18:00', 'Mon–Fri 09:00-18:00'],
    ['周一至五 9:00-18:00，周六、日休息', 'Mon–Fri 09:00-18:00; Sat–Sun closed'],
    ['禮拜二到四、六 上午10:00-下午6:00', 'Tue–Thu 10:00-18:00; Sat 10:00-18:00'],
    [
      "ימים א'-ה' 08:00-19:00, יום ו' 08:00-13:00, שבת סגור",
      'Mon–Thu 08:00-19:00; Fri 08:00-13:00; Sat closed; Sun 08:00-19:00',
    ],
    ['ראשון עד חמישי 9:00–18:00', 'Mon–Thu 09:00-18:00; Sun 09:00-18:00'],
    [
      'شنبه تا پنجشنبه ۱۲:۰۰ تا ۲۳:۰۰، جمعه ۱۳:۰۰ تا ۲۳:۰۰',
      'Mon–Thu 12:00-23:00; Fri 13:00-23:00; Sat–Sun 12:00-23:00',
    ],
    ['سه‌شنبه تا یک‌شنبه از ۸ صبح تا ۸ شب، دوشنبه تعطیل', 'Mon closed; Tue–Sun 08:00-20:00'],
    [
      'จันทร์ - อังคาร และ พฤหัสบดี - อาทิตย์ 10:00 - 19:00 น. หยุดทุกวันพุธ',
      'Mon–Tue 10:00-19:00; Wed closed; Thu–Sun 10:00-19:00',
    ],
    ['เปิดทุกวัน 09.00 - 20.00 น.', 'Mon–Sun 09:00-20:00'],
    ['จ.-ศ. 8.30-17.30 น.', 'Mon–Fri 08:30-17:30'],
    ['सोमवार से शनिवार सुबह 10 बजे से शाम 7 बजे तक, रविवार बंद', 'Mon–Sat 10:00-19:00; Sun closed'],
    ['ყოველდღე 10:00 - 22:00', 'Mon–Sun 10:00-22:00'],
    ['ორშაბათი–პარასკევი 9:00–18:00, შაბათი 10:00–15:00', 'Mon–Fri 09:00-18:00; Sat 10:00-15:00'],
    ['Երկուշաբթի – Ուրբաթ 09:00–18:00', 'Mon–Fri 09:00-18:00'],
    [
      'понедељак–петак 8–20, субота 8–15, недеља затворено',
      'Mon–Fri 08:00-20:00; Sat 08:00-15:00; Sun closed',
    ],
    [
      'Bazar ertəsi – Cümə: 09:00–19:00, Şənbə: 10:00–16:00, Bazar: bağlıdır',
      'Mon–Fri 09:00-19:00; Sat 10:00-16:00; Sun closed',
    ],
    ['Har kuni 10:00 dan 23:00 gacha', 'Mon–Sun 10:00-23:00'],
    ['Dushanba – juma 9:00–18:00, shanba 10:00–15:00', 'Mon–Fri 09:00-18:00; Sat 10:00-15:00'],
    ['Даваа – Баасан: 10:00 – 20:00, Бямба, Ням: 11:00 – 19:00', 'Mon–Fri 10:00-20:00; Sat–Sun 11:00-19:00'],
    ['Дүйсенбі – жұма 9:00–18:00, сенбі жабық', 'Mon–Fri 09:00-18:00; Sat closed'],
    ['শনি – বৃহস্পতি: সকাল ৯টা – রাত ৮টা, শুক্রবার বন্ধ', 'Mon–Thu 09:00-20:00; Fri closed; Sat–Sun 09:00-20:00'],
    ['Mán-frí 10-17.30, leygardag 10-14', 'Mon–Fri 10:00-17:30; Sat 10:00-14:00'],
    ['Méindes – Freides 8.00–12.00, Samschdes 9–12 Auer', 'Mon–Fri 08:00-12:00; Sat 09:00-12:00'],
    ['پیر تا ہفتہ 9:00-18:00', 'Mon–Sat 09:00-18:00'],
    ['Ամեն օր՝ 09:00–22:00', 'Mon–Sun 09:00-22:00'],
    ['7 dagen per week open van 9 tot 18 uur', 'Mon–Sun 09:00-18:00'],
    ['Aperto 7 giorni su 7 dalle 9 alle 20', 'Mon–Sun 09:00-20:00'],
    ['Los 7 días de la semana de 9:00 a 21:00', 'Mon–Sun 09:00-21:00'],
    ['全年无休 10:00-19:00', 'Mon–Sun 10:00-19:00'],
    [
      'Von Montag bis Freitag von 9:00 bis 18:00 Uhr, am Samstag von 9:00 bis 14:00 Uhr',
      'Mon–Fri 09:00-18:00; Sat 09:00-14:00',
    ],
    ['Le magasin est ouvert du lundi au samedi de 9h00 à 19h30 sans interruption', 'Mon–Sat 09:00-19:30'],
    ['Aperti dal martedì alla domenica, 10:00–19:00. Chiuso il lunedì.', 'Mon closed; Tue–Sun 10:00-19:00'],
    ['Από Δευτέρα μέχρι Παρασκευή από τις 9 π.μ. έως τις 6 μ.μ.', 'Mon–Fri 09:00-18:00'],
    ['Pazartesi’den Cuma’ya 09:00–18:00, Cumartesi 09:00–14:00', 'Mon–Fri 09:00-18:00; Sat 09:00-14:00'],
    [
      'De luni până vineri între orele 9 și 18, sâmbăta între 9 și 14',
      'Mon–Fri 09:00-18:00; Sat 09:00-14:00',
    ],
    ['Zwischen 9 und 18 Uhr von Montag bis Freitag', 'Mon–Fri 09:00-18:00'],
    ['Радним данима 9–18, субота 9–14', 'Mon–Fri 09:00-18:00; Sat 09:00-14:00'],
    ['Nga e hëna në të premte 9:00-18:00, e shtunë 9:00-14:00', 'Mon–Fri 09:00-18:00; Sat 09:00-14:00'],
    [
      'Nuo pirmadienio iki penktadienio 9–18 val., šeštadienį 9–14 val.',
      'Mon–Fri 09:00-18:00; Sat 09:00-14:00',
    ],
    ['Esmaspäevast reedeni 9–18, laupäeval 9–14', 'Mon–Fri 09:00-18:00; Sat 09:00-14:00'],
    ['ორშაბათიდან პარასკევამდე 9:00–18:00', 'Mon–Fri 09:00-18:00'],
    ['Երկուշաբթիից ուրբաթ 9:00–18:00', 'Mon–Fri 09:00-18:00'],
    ['Mon–Fri 9:00–17:00, Sat till 13:00', 'Mon–Fri 09:00-17:00; Sat 09:00-13:00'],
    [
      'Mo–Do 8.00–12.00 und 13.30–17.30 Uhr, Fr bis 16.30 Uhr',
      'Mon–Thu 08:00-12:00, 13:30-17:30; Fri 08:00-12:00, 13:30-16:30',
    ],
    [
      'Mo–Do 8.00–12.00 und 13.30–17.30 Uhr, Fr bis 12 Uhr',
      'Mon–Thu 08:00-12:00, 13:30-17:30; Fri 08:00-12:00',
    ],
    ['【平日】10:00～20:00【土日祝】10:00～18:00', 'Mon–Fri 10:00-20:00; Sat–Sun 10:00-18:00'],
    ['ma-to 11-22, pe-la 11-02, su 12-20', 'Mon–Thu 11:00-22:00; Fri–Sat 11:00-02:00; Sun 12:00-20:00'],
    ['Çalışma saatleri: Hafta içi 08:30-18:30', 'Mon–Fri 08:30-18:30'],
    ['Ouvert midi et soir du mardi au samedi : 12h–14h et 19h–22h', 'Tue–Sat 12:00-14:00, 19:00-22:00'],
    ['Режим работы: ежедневно 10:00–22:00, без перерыва', 'Mon–Sun 10:00-22:00'],
    ['Luns a venres de 9:00 a 14:00', 'Mon–Fri 09:00-14:00'],
    ['Maandag tot Vrydag 08:00–17:00, Sondag gesluit', 'Mon–Fri 08:00-17:00; Sun closed'],
    ['E hënë – E premte 8:00–16:00', 'Mon–Fri 08:00-16:00'],
    ['Open all days 9 AM to 9.30 PM', 'Mon–Sun 09:00-21:30'],
    ['24 hours a day, 7 days a week', 'Mon–Sun 24 hours'],
    ['Open 7 days, 7am to 9pm', 'Mon–Sun 07:00-21:00'],
    ['Open 7 days a week: 10am–6pm', 'Mon–Sun 10:00-18:00'],
    ['Lunes a sábado de 9 a. m. a 8 p. m.', 'Mon–Sat 09:00-20:00'],
    ['Lunes a viernes: 7:00 a.m. – 6:00 p.m., domingos: cerrado', 'Mon–Fri 07:00-18:00; Sun closed'],
    ['Todos los días de 12 m. a 11 p.m.', 'Mon–Sun 12:00-23:00'],
    ['L-V: 8am-6pm | S: 8am-3pm', 'Mon–Fri 08:00-18:00; Sat 08:00-15:00'],
    [
      'Du lundi au vendredi, de 8 à 12 heures et de 13 à 18 heures ; fermé le week-end',
      'Mon–Fri 08:00-12:00, 13:00-18:00; Sat–Sun closed',
    ],
    ['понеделник – петък: 8:30 – 18:00 ч., неделя: почивен ден', 'Mon–Fri 08:30-18:00; Sun closed'],
    ['Radno vreme: pon–pet 9–20h, sub 9–16h', 'Mon–Fri 09:00-20:00; Sat 09:00-16:00'],
    ['Opið mán.–fös. kl. 7:00–18:00, lau.–sun. kl. 8:00–17:00', 'Mon–Fri 07:00-18:00; Sat–Sun 08:00-17:00'],
    ['E–R 8–18, L 9–14, P suletud', 'Mon–Fri 08:00-18:00; Sat 09:00-14:00; Sun closed'],
    ['Pirmdiena–Piektdiena 8.00–20.00; Sestdiena slēgts', 'Mon–Fri 08:00-20:00; Sat closed'],
    ['I–V 9.00–20.00, VI 10.00–16.00, VII nedirbame', 'Mon–Fri 09:00-20:00; Sat 10:00-16:00; Sun closed'],
    ['Isnin – Jumaat: 10 pagi – 8 malam. Ahad tutup', 'Mon–Fri 10:00-20:00; Sun closed'],
    [
      'Po–Ut 9–17, St 9–18, Št 9–19, Pi 9–17',
      'Mon–Tue 09:00-17:00; Wed 09:00-18:00; Thu 09:00-19:00; Fri 09:00-17:00',
    ],
    ['Pr–Pn 9–18, Št 10–15', 'Mon–Fri 09:00-18:00; Sat 10:00-15:00'],
    ['יום ה׳ 24 שעות', 'Thu 24 hours'],
    ['Sabtu: 9.30 pagi - 1.00 tengah hari', 'Sat 09:30-13:00'],
    ['Senin s/d Jumat pukul 8 pagi - 5 sore, Sabtu 8 s.d. 13', 'Mon–Fri 08:00-17:00; Sat 08:00-13:00'],
    ['Thứ Hai – Thứ Bảy: 8:00 – 20:00; Chủ Nhật: 8:00 – 12:00', 'Mon–Sat 08:00-20:00; Sun 08:00-12:00'],
    [
      'السبت – الأربعاء: ١:٠٠ م – ١١:٣٠ م، الخميس والجمعة: 1:00 م – 1:00 ص',
      'Mon–Wed 13:00-23:30; Thu–Fri 13:00-01:00; Sat–Sun 13:00-23:30',
    ],
    ['مفتوح ٢٤ ساعة طوال أيام الأسبوع', 'Mon–Sun 24 hours'],
    [
      'Mon–Thu & Sat 10 AM–2 PM; Fri 5 PM–12 MN; Sunday off',
      'Mon–Thu 10:00-14:00; Fri 17:00-00:00; Sat 10:00-14:00; Sun closed',
    ],
    ['Opening times: weekdays 8 – 5; Saturdays 9 – 1', 'Mon–Fri 08:00-17:00; Sat 09:00-13:00'],
    [
      'Lundi au vendredi : 9h00 - 12h30 et 14h - 18h30 ; samedi 9h-12h ; dimanche fermé',
      'Mon–Fri 09:00-12:30, 14:00-18:30; Sat 09:00-12:00; Sun closed',
    ],
    ['Du mardi au samedi de 10h à 19h', 'Tue–Sat 10:00-19:00'],
    ['Ouvert tous les jours de 8 h à 20 h', 'Mon–Sun 08:00-20:00'],
    [
      'Lunes a viernes de 9:00 a 14:00 y de 17:00 a 20:00, sábados de 10:00 a 14:00, domingos cerrado',
      'Mon–Fri 09:00-14:00, 17:00-20:00; Sat 10:00-14:00; Sun closed',
    ],
    ['L-V 9:00-18:00 h', 'Mon–Fri 09:00-18:00'],
    ['L a V de las 9 a las 14', 'Mon–Fri 09:00-14:00'],
    [
      'Lunes a viernes de las 9:00 a las 14:00 y de las 16:00 a las 20:00',
      'Mon–Fri 09:00-14:00, 16:00-20:00',
    ],
    ['mar–sab 12–14.30', 'Tue–Sat 12:00-14:30'],
    [
      'Lunedì - Venerdì 9.00 - 13.00 / 15.00 - 19.00, Sabato 9.00-13.00, Domenica chiuso',
      'Mon–Fri 09:00-13:00, 15:00-19:00; Sat 09:00-13:00; Sun closed',
    ],
    ['dal lunedì al venerdì dalle 9 alle 18', 'Mon–Fri 09:00-18:00'],
    [
      'maandag t/m vrijdag 9.00 - 17.30 uur, zaterdag 10.00 - 16.00 uur, zondag gesloten',
      'Mon–Fri 09:00-17:30; Sat 10:00-16:00; Sun closed',
    ],
    ['ma - vr: 8:30-17:00', 'Mon–Fri 08:30-17:00'],
    [
      'Segunda a sexta das 9h às 18h; sábado das 9h às 13h; domingo fechado',
      'Mon–Fri 09:00-18:00; Sat 09:00-13:00; Sun closed',
    ],
    ['Seg-Sex: 08h00-18h00', 'Mon–Fri 08:00-18:00'],
    [
      'Poniedziałek - piątek: 9:00 - 17:00, sobota 10-14, niedziela nieczynne',
      'Mon–Fri 09:00-17:00; Sat 10:00-14:00; Sun closed',
    ],
    ['pon.–pt. 8–16', 'Mon–Fri 08:00-16:00'],
    [
      'Måndag–fredag kl. 10–18, lördag 10–15, söndag stängt',
      'Mon–Fri 10:00-18:00; Sat 10:00-15:00; Sun closed',
    ],
    [
      'Mandag-fredag: 09.00-17.30, lørdag 10-14, søndag lukket',
      'Mon–Fri 09:00-17:30; Sat 10:00-14:00; Sun closed',
    ],
    ['Man–fre 10–18, lør 10–16, søn stengt', 'Mon–Fri 10:00-18:00; Sat 10:00-16:00; Sun closed'],
    ['ma–pe klo 9–17, la 10–15, su suljettu', 'Mon–Fri 09:00-17:00; Sat 10:00-15:00; Sun closed'],
    ['Arkisin 8-16', 'Mon–Fri 08:00-16:00'],
    ['Po–Pá 8:00–17:00, So 9:00–12:00, Ne zavřeno', 'Mon–Fri 08:00-17:00; Sat 09:00-12:00; Sun closed'],
    ['Pondělí – Pátek od 8 do 16 hod.', 'Mon–Fri 08:00-16:00'],
    [
      'Δευτέρα - Παρασκευή 9:00 - 17:00, Σάββατο 10:00-14:00, Κυριακή κλειστά',
      'Mon–Fri 09:00-17:00; Sat 10:00-14:00; Sun closed',
    ],
    ['月〜金 9:00〜18:00、土 10:00〜15:00、日・祝 休み', 'Mon–Fri 09:00-18:00; Sat 10:00-15:00; Sun closed'],
    ['月曜日から金曜日 午前9時から午後6時まで', 'Mon–Fri 09:00-18:00'],
    ['平日 9時〜18時 / 土曜 10時〜15時 / 定休日：日曜日', 'Mon–Fri 09:00-18:00; Sat 10:00-15:00; Sun closed'],
    ['毎日 11:00～21:00', 'Mon–Sun 11:00-21:00'],
    ['M-F 8:00-5:30, Sa 9-12', 'Mon–Fri 08:00-17:30; Sat 09:00-12:00'],
    ['Fri & Sat 22–4', 'Fri–Sat 22:00-04:00'],
    ['Mo-Do 9-12, 14-18, Fr 9-12', 'Mon–Thu 09:00-12:00, 14:00-18:00; Fri 09:00-12:00'],
    ['24 Stunden geöffnet', 'Mon–Sun 24 hours'],
    ['Lun-Ven 8-20, Sab-Dom 9-13', 'Mon–Fri 08:00-20:00; Sat–Sun 09:00-13:00'],
    ['Пн-Пт 9:00-18:00, Сб 10:00-15:00, Вс выходной', 'Mon–Fri 09:00-18:00; Sat 10:00-15:00; Sun closed'],
    ['Pazartesi - Cuma 09:00 - 18:00', 'Mon–Fri 09:00-18:00'],
    [
      'Luni - Vineri: 9:00 - 17:00; Sâmbătă: 9-13; Duminică: închis',
      'Mon–Fri 09:00-17:00; Sat 09:00-13:00; Sun closed',
    ],
    ['월~금 09:00~18:00, 토 10:00~14:00, 일 휴무', 'Mon–Fri 09:00-18:00; Sat 10:00-14:00; Sun closed'],
    ['周一至周五 9:00-18:00', 'Mon–Fri 09:00-18:00'],
    ['dimarts a dissabte de 10 a 20 h', 'Tue–Sat 10:00-20:00'],
    ['Lunes a jueves 9-5', 'Mon–Thu 09:00-17:00'],
    ['Mittwoch nach Vereinbarung', 'Wed by appointment'],
    ['Dinsdag en donderdag 9-12 uur', 'Tue 09:00-12:00; Thu 09:00-12:00'],
    ['Lördag & söndag 11–16', 'Sat–Sun 11:00-16:00'],
    ['Vardagar 9-18, helger 10-16', 'Mon–Fri 09:00-18:00; Sat–Sun 10:00-16:00'],
  ])('%s', (text, week) => {
    const read = readWeek(text);
    expect([writeWeek(read.hours), ...read.faults]).toEqual([week]);
  });

  test('is read in the language that is named, where two would read it otherwise', () => {
    expect(writeWeek(readWeek('Di–Sa 10–18', 'de').hours)).toBe('Tue–Sat 10:00-18:00');
    expect(writeWeek(readWeek('Di–Sa 10–18', 'fr-CA').hours)).toBe('Mon–Sun 10:00-18:00');
    expect(readWeek('Di–Sa 10–18').assumed).toBe(true);
    expect(writeWeek(readWeek('So 10–18', 'cs').hours)).toBe('Sat 10:00-18:00');
    expect(writeWeek(readWeek('So 10–18', 'de-AT').hours)).toBe('Sun 10:00-18:00');
  });

  test.each([
    'Montag morgen wieder',
    'lunes con mi tía',
    'Le mardi gras',
    'ma vie',
    'mar 3 4 5',
    '月が綺麗',
    'so what 9-5',
  ])('is not made of words that say none: %s', (text) => {
    expect(readWeek(text).faults).toHaveLength(1);
  });
});

test.each([
  ['Hafta içi 09:00 - 18:30, Pazar günü kapalıyız', 'Mon–Fri 09:00-18:30; Sun closed'],
  ['Ежедневно с 10:00 до 22:00, без выходных', 'Mon–Sun 10:00-22:00'],
  ['周一至周五 9:00–18:00，周六日休息', 'Mon–Fri 09:00-18:00; Sat–Sun closed'],
  ['Pon–Pet 8–20 h, Sub po dogovoru', 'Mon–Fri 08:00-20:00; Sat by appointment'],
  ['Hétfő–Péntek éjjel-nappal nyitva', 'Mon–Fri 24 hours'],
])('a week as people write it: %s', (text, week) => {
  const { hours, faults } = readWeek(text);
  expect([faults, writeWeek(hours)]).toEqual([[], week]);
});

test.each([
  ['9 bis 18 Uhr', '09:00-18:00'],
  ['9h-12h30 et 14h-18h', '09:00-12:30, 14:00-18:00'],
  ['de 9 a 14 y de 16 a 20', '09:00-14:00, 16:00-20:00'],
  ['fermé', 'closed'],
  ['Ruhetag', 'closed'],
  ['定休日', 'closed'],
  ['24 Stunden geöffnet', '24 hours'],
  ['午前9時〜午後5時半', '09:00-17:30'],
  ['22–4', '22:00-04:00'],
])('the hours of a day: %s', (text, day) => {
  const { spans } = readDay(text);
  expect(spans && writeDay(spans)).toBe(day);
});

describe('hours that a page shows', () => {
  const weeks = (text: string, language?: string): string[] =>
    weeksIn(text, language).weeks.map(
      ({ hours, start, end }) => `${writeWeek(hours)} | ${text.slice(start, end)}`,
    );

  const circles = '○ ○ ○ ／ ○ ○ ／';
  const strokes = '○ ○ ○ ／ ○ ／ ／';
  const grid =
    'Mon–Wed 09:30-13:00, 15:00-18:30; Thu closed; Fri 09:30-13:00, 15:00-18:30; Sat 09:30-13:00; Sun closed';
  const lines = (text: string): string => text.replaceAll(' ', '\n');
  test.each([
    [`月 火 水 木 金 土 日\n9:30～13:00 ${circles}\n15:00～18:30 ${strokes}`, grid],
    [lines(`月 火 水 木 金 土 日 9:30～13:00 ${circles} 15:00～18:30 ${strokes}`), grid],
    [lines(`月 火 水 木 金 土 日・祝 午前9:30～13:00 ${circles} 午後3:00～6:30 ${strokes}`), grid],
    [`月 火 水 木 金 土 日\n9:30～13:00 ${circles.replaceAll(' ', '')}\n15:00～18:30 ${strokes}`, grid],
  ])('stand in a table with a column a day: %s', (text, hours) => {
    expect(weeks(text, 'ja')).toEqual([`${hours} | ${text}`]);
    expect(writeWeek(readWeek(text, 'ja').hours)).toBe(hours);
  });

  test.each(['a sign of its own ○ ○ ○ ／ ○ △ ／', 'a cell too few ○ ○ ○ ／ ○ ○'])(
    'are not guessed from a table with %s',
    (row) => {
      const text = `月 火 水 木 金 土 日\n9:30～13:00 ${circles}\n15:00～18:30 ${row.replace(/^[a-z ]+/, '')}`;
      expect(weeksIn(text, 'ja').weeks.filter(({ whole }) => whole)).toEqual([]);
    },
  );

  test.each([
    ['fr', 'Du lundi au vendredi de 8h à 12h\net de 14h à 18h30', 'Mon–Fri 08:00-12:00, 14:00-18:30'],
    ['es', 'Lunes a viernes de 9:30 a 13\ny de 16:30 a 20:30', 'Mon–Fri 09:30-13:00, 16:30-20:30'],
    ['en', 'Monday to Friday 9am to 12pm\n& 1pm to 5pm', 'Mon–Fri 09:00-12:00, 13:00-17:00'],
    ['en', 'Monday to Friday 9am to 5pm\nand tours for 12 people', 'Mon–Fri 09:00-17:00'],
    ['en', 'Monday\n12 noon - 2pm\n6pm - 10pm\n150–900 each', 'Mon 12:00-14:00, 18:00-22:00'],
    ['pl', 'Pn-Pt: 9:00-17:00\n00-001 Warszawa', 'Mon–Fri 09:00-17:00'],
    ['cs', 'po–pá 9–18.30\n150–900 Kč', 'Mon–Fri 09:00-18:30'],
  ])('go on in the next line, where it leads on (%s)', (language, text, hours) => {
    const [found = ''] = weeks(text, language);
    expect(found.slice(0, found.indexOf(' | '))).toBe(hours);
    expect(weeksIn(text, language).weeks.every(({ whole }) => whole)).toBe(true);
  });

  test('are found in the language of the page, with their lines', () => {
    const german =
      'Willkommen\nÖffnungszeiten\nMontag – Freitag\n9.00 – 18.00 Uhr\nSamstag\n9.00 – 13.00 Uhr\nSonntag\ngeschlossen\nImpressum';
    expect(weeks(german, 'de-DE')).toEqual([
      `Mon–Fri 09:00-18:00; Sat 09:00-13:00; Sun closed | ${german.slice(german.indexOf('Montag'), german.indexOf('\nImpressum'))}`,
    ]);
    expect(weeks(german)).toEqual(weeks(german, 'de-DE'));
    // Many pages say that they are in English and are not.
    expect(weeks(german, 'en')).toEqual(weeks(german, 'de-DE'));
  });

  test('are found in Japanese and in Spanish', () => {
    expect(
      weeks('営業時間\n月〜金 9:00〜18:00\n土 10:00〜15:00\n日・祝 休み\nお問い合わせ', 'ja')[0],
    ).toContain('Mon–Fri 09:00-18:00; Sat 10:00-15:00; Sun closed |');
    expect(weeks('Horario\nLunes a viernes: 9:00 - 14:00\nSábado: 10:00 - 13:00\nContacto', 'es')).toEqual([
      'Mon–Fri 09:00-14:00; Sat 10:00-13:00 | Lunes a viernes: 9:00 - 14:00\nSábado: 10:00 - 13:00',
    ]);
  });

  test('are none where no day is named, and unknown where they cannot be read', () => {
    expect(weeksIn('Willkommen bei uns', 'de')).toEqual({ weeks: [], namesDays: false });
    expect(weeksIn('Jeden Montag Suppe', 'de')).toEqual({ weeks: [], namesDays: true });
    expect(weeksIn('Welcome to us', '')).toEqual({ weeks: [], namesDays: false });
  });
});

test.each([
  'closed',
  'Closed',
  'geschlossen',
  'Ruhetag',
  'fermé',
  'cerrado',
  'chiuso',
  'gesloten',
  'fechado',
  'nieczynne',
  'stängt',
  'lukket',
  'suljettu',
  'zavřeno',
  'κλειστά',
  '定休日',
])('%s says closed', (text) => expect(saysClosed(text)).toBe(true));
test.each(['', 'open', '09:00', 'closed 9-5', 'Monday'])('%s does not', (text) =>
  expect(saysClosed(text)).toBe(false),
);

test.each([
  [
    'lun. mar. gio. ven. 9-13 15-19; mer. sab. 9-13',
    'Mon–Tue 09:00-13:00, 15:00-19:00; Wed 09:00-13:00; Thu–Fri 09:00-13:00, 15:00-19:00; Sat 09:00-13:00',
  ],
  ['Пн-Чт: 9.00-18.00, перерыв 13.00-14.00', 'Mon–Thu 09:00-13:00, 14:00-18:00'],
  ['Пн-Пт 9-18 (обед 13-14)', 'Mon–Fri 09:00-13:00, 14:00-18:00'],
  ['Hétfő–péntek 8–17, ebédszünet 12–13', 'Mon–Fri 08:00-12:00, 13:00-17:00'],
  ['Luni–Vineri 9–18, pauză de masă 13–14', 'Mon–Fri 09:00-13:00, 14:00-18:00'],
])('days in a row, two spans side by side, and breaks for lunch: %s', (text, week) => {
  expect(writeWeek(readWeek(text).hours)).toBe(week);
});

describe('the days of a language as Unicode has them', () => {
  const languages =
    'en de fr es it nl pt pl sv da nb fi cs sk el ja ko zh zh-Hant ru uk bg be ro hu tr hr sr sr-Latn sl bs mk lt lv is ' +
    'ca gl eu sq fo lb ga cy af ar he fa ur hi mr ne bn ta te gu kn ml pa th vi id ms fil sw am ka hy kk uz mn';
  const lines = (language: string, weekday: 'short' | 'long'): string =>
    days
      .map((_, at) => {
        const date = new Date(Date.UTC(2026, 10, 2 + at));
        const name = new Intl.DateTimeFormat(language, { weekday, timeZone: 'UTC' }).format(date);
        return `${name} 0${String(at + 1)}:00–1${String(at)}:30`;
      })
      .join('\n');

  test.each(languages.split(' '))('%s, short and long, a line each or all in one', (language) => {
    const expected = days.map((_, at) => `0${String(at + 1)}:00-1${String(at)}:30`);
    for (const weekday of ['short', 'long'] as const)
      for (const text of [lines(language, weekday), lines(language, weekday).replaceAll('\n', ', ')]) {
        const read = weeksIn(text, language.split('-')[0]).weeks;
        expect(read.map(({ hours }) => days.map((day) => hours[day]))).toEqual([expected]);
      }
  });
});
