import { weeksIn, writeWeek } from '#core/hours';
const T:Record<string,string>={
co:'Lunes a Viernes: 7:00 a.m. – 6:00 p.m.\nSábados: 8:00 a.m. – 1:00 p.m.\nDomingos y festivos: cerrado',
hk:'星期一至日 06:30–22:00', bg:'Понеделник – петък: 8:30 – 18:00 ч., събота: 9:00 – 14:00 ч., неделя: почивен ден',
rs:'Radno vreme: pon–pet 9–20h, sub 9–16h', is:'Opið mán.–fös. kl. 7:00–18:00, lau.–sun. kl. 8:00–17:00',
lu:'Du lundi au vendredi, de 8 à 12 heures et de 13 à 18 heures ; fermé le week-end', pe:'Todos los días de 12 m. a 11 p.m.',
cr:'L-V: 8am-6pm | S: 8am-3pm', lk:'Mon to Sat 9.30 a.m. to 6.30 p.m.', cy:'Δευ–Παρ 8:00–13:30 και 15:00–18:30 · Τετ απόγευμα κλειστά · Σάβ 8:00–13:30',
gh:'Opening times: weekdays 8 – 5; Saturdays 9 – 1', eg:'مفتوح ٢٤ ساعة طوال أيام الأسبوع', sa:'السبت – الأربعاء: 1:00 م – 11:30 م\nالخميس والجمعة: 1:00 م – 1:00 ص',
vn:'Giờ làm việc: Thứ Hai – Thứ Bảy: 8:00 – 20:00; Chủ Nhật: 8:00 – 12:00', lt:'I–V 9.00–20.00, VI 10.00–16.00, VII nedirbame', lv:'P.–Pk. 8.00–20.00; S. 9.00–18.00; Sv. 10.00–16.00', ee:'E–R 8–18, L 9–14, P suletud', my:'Isnin – Jumaat: 10 pagi – 8 malam. Sabtu & Ahad: 10 pagi – 6 petang. Selasa tutup.', bd:'প্রতিদিন সকাল ১১টা – রাত ১১টা', qa:'Sat–Thu: 10am–10pm, Fri: 2pm–10pm', pk:'Mon–Thu & Sat 10 AM–2 PM, 5 PM–9 PM; Fri 5 PM–9 PM; Sunday off',
};
const langs:Record<string,string>={co:'es',hk:'zh',bg:'bg',rs:'sr-Latn',is:'is',lu:'fr',pe:'es',cr:'es',lk:'en',cy:'el',gh:'en',eg:'ar',sa:'ar',vn:'vi',lt:'lt',lv:'lv',ee:'et',my:'ms',bd:'bn'};
for(const k in T){ const r=weeksIn(T[k]!,langs[k]??'en'); console.log(k.padEnd(4), r.namesDays, r.weeks.map((x:any)=>{try{return writeWeek(x.hours??x.week??x)}catch(e){return Object.keys(x)+String(e)}}).join(' ## '));}
