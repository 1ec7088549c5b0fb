import { joined, type Words } from './words.ts';

/** What English labels are called in the languages of `south`, in the order of `blockLanguages`. */
export const saidSouth: Readonly<Record<string, string>> = {
  'PO box': 'ص.ب. | ת.ד. | ตู้ ปณ. | Hòm thư | Kotak pos | P.O. Box | p.p. | п.к.',
  Stars: 'النجوم | כוכבים | ระดับดาว | Số sao | Bintang | Hviezdičky | Zvjezdice | Звезди',
  'Check-in':
    'تسجيل الوصول | צ׳ק-אין | เช็คอิน | Nhận phòng | Check-in | Príchod od | Prijava od | Настаняване от',
  'Check-out':
    'تسجيل المغادرة | צ׳ק-אאוט | เช็คเอาท์ | Trả phòng | Check-out | Odchod do | Odjava do | Напускане до',
  Pets: 'الحيوانات الأليفة | חיות מחמד | สัตว์เลี้ยง | Thú cưng | Hewan peliharaan | Domáce zvieratá | Kućni ljubimci | Домашни любимци',
  Rooms: 'عدد الغرف | חדרים | จำนวนห้อง | Số phòng | Jumlah kamar | Izby | Sobe | Стаи',
  Amenities: 'المرافق | מתקנים | สิ่งอำนวยความสะดวก | Tiện nghi | Fasilitas | Vybavenie | Sadržaji | Удобства',
  Languages: 'اللغات | שפות | ภาษา | Ngôn ngữ | Bahasa | Jazyky | Jezici | Езици',
  Capacity: 'السعة | קיבולת | ความจุ | Sức chứa | Kapasitas | Kapacita | Kapacitet | Капацитет',
  Treatments: 'العلاجات | טיפולים | การรักษา | Điều trị | Perawatan | Ošetrenia | Tretmani | Лечения',
  Awards: 'الجوائز | פרסים | รางวัล | Giải thưởng | Penghargaan | Ocenenia | Nagrade | Награди',
  Brands: 'العلامات التجارية | מותגים | แบรนด์ | Thương hiệu | Merek | Značky | Robne marke | Марки',
  'Member of': 'عضو في | חבר ב | สมาชิกของ | Thành viên của | Anggota | Člen | Član | Член на',
  Staff: 'فريق العمل | צוות | ทีมงาน | Nhân viên | Staf | Tím | Osoblje | Екип',
  yes: 'نعم | כן | ใช่ | có | ya | áno | da | да',
  no: 'لا | לא | ไม่ | không | tidak | nie | ne | не',
  'Opening hours':
    'ساعات العمل | שעות פתיחה | เวลาทำการ | Giờ mở cửa | Jam buka | Otváracie hodiny | Radno vrijeme | Работно време',
  'Public holidays':
    'العطلات الرسمية | חגים | วันหยุดนักขัตฤกษ์ | Ngày lễ | Hari libur | Sviatky | Blagdani | Официални празници',
  Telephone: 'هاتف | טלפון | โทรศัพท์ | Điện thoại | Telepon | Telefón | Telefon | Телефон',
  Mobile: 'جوال | נייד | มือถือ | Di động | Ponsel | Mobil | Mobitel | Мобилен',
  'Text messages': 'رسائل نصية | מסרונים | ข้อความ | Tin nhắn | SMS | SMS | SMS | SMS',
  Fax: 'فاكس | פקס | แฟกซ์ | Fax | Faks | Fax | Faks | Факс',
  Email: 'البريد الإلكتروني | דוא״ל | อีเมล | Email | Email | E-mail | E-mail | Имейл',
  Contact: 'اتصل بنا | יצירת קשר | ติดต่อ | Liên hệ | Kontak | Kontakt | Kontakt | Контакт',
  Map: 'خريطة | מפה | แผนที่ | Bản đồ | Peta | Mapa | Karta | Карта',
  'Show on a map':
    'عرض على الخريطة | הצגה במפה | ดูบนแผนที่ | Xem trên bản đồ | Lihat di peta | Zobraziť na mape | Prikaži na karti | Покажи на картата',
  'We serve':
    'منطقة الخدمة | אזור שירות | พื้นที่ให้บริการ | Khu vực phục vụ | Area layanan | Oblasť pôsobenia | Područje usluge | Район на обслужване',
  'Price range':
    'نطاق الأسعار | טווח מחירים | ช่วงราคา | Khoảng giá | Kisaran harga | Cenová hladina | Raspon cijena | Ценови диапазон',
  Cuisine: 'المطبخ | מטבח | ประเภทอาหาร | Ẩm thực | Masakan | Kuchyňa | Kuhinja | Кухня',
  Menu: 'قائمة الطعام | תפריט | เมนู | Thực đơn | Menu | Jedálny lístok | Jelovnik | Меню',
  Reservations: 'الحجوزات | הזמנות | การจอง | Đặt chỗ | Reservasi | Rezervácie | Rezervacije | Резервации',
  Currencies: 'العملات | מטבעות | สกุลเงิน | Tiền tệ | Mata uang | Meny | Valute | Валути',
  Payment: 'طرق الدفع | אמצעי תשלום | การชำระเงิน | Thanh toán | Pembayaran | Platba | Plaćanje | Плащане',
  Services: 'الخدمات | שירותים | บริการ | Dịch vụ | Layanan | Služby | Usluge | Услуги',
  Departments: 'الأقسام | מחלקות | แผนก | Bộ phận | Departemen | Oddelenia | Odjeli | Отдели',
  Order: 'اطلب | הזמנה | สั่งซื้อ | Đặt hàng | Pesan | Objednať | Naruči | Поръчай',
  Book: 'احجز موعدًا | קביעת תור | จองคิว | Đặt lịch hẹn | Buat janji | Objednať sa | Rezerviraj termin | Запази час',
  Rating: 'التقييم | דירוג | คะแนน | Đánh giá | Penilaian | Hodnotenie | Ocjena | Оценка',
  Reviews: 'المراجعات | ביקורות | รีวิว | Nhận xét | Ulasan | Recenzie | Recenzije | Отзиви',
  'Also known as':
    'يُعرف أيضًا باسم | ידוע גם בשם | ชื่ออื่น | Tên khác | Juga dikenal sebagai | Známe aj ako | Poznato i kao | Известно още като',
  'Legal name':
    'الاسم القانوني | שם רשמי | ชื่อนิติบุคคล | Tên pháp lý | Nama resmi | Obchodné meno | Pravni naziv | Юридическо наименование',
  Founded: 'تأسس في | נוסד | ก่อตั้งเมื่อ | Thành lập | Didirikan | Založené | Osnovano | Основано',
  'Founded by':
    'أسسه | נוסד על ידי | ผู้ก่อตั้ง | Người sáng lập | Didirikan oleh | Zakladateľ | Osnivač | Основател',
  Branch: 'الفرع | סניף | สาขา | Chi nhánh | Cabang | Pobočka | Podružnica | Клон',
  'VAT number':
    'الرقم الضريبي | עוסק מורשה | เลขประจำตัวผู้เสียภาษี | Mã số thuế | NPWP | IČ DPH | PDV broj | ДДС номер',
  'Tax number': 'الرقم الضريبي | מספר עוסק | เลขประจำตัวผู้เสียภาษี | Mã số thuế | NPWP | DIČ | OIB | ЕИК',
  'Part of': 'جزء من | חלק מ | เป็นส่วนหนึ่งของ | Thuộc | Bagian dari | Súčasť | Dio | Част от',
  of: 'من | מתוך | จาก | trên | dari | z | od | от',
  from: 'من | מתוך | จาก | từ | dari | z | od | от',
  reviews: 'مراجعة | ביקורות | รีวิว | nhận xét | ulasan | recenzií | recenzija | отзива',
};

const colon = ': ';
/** Years of the Buddhist era are so many more. */
const BUDDHIST = 543;

/** Languages beside those of `east`, in the order of `blockLanguages`. */
export const south = {
  ar: {
    days: 'الاثنين الثلاثاء الأربعاء الخميس الجمعة السبت الأحد',
    months: 'يناير فبراير مارس أبريل مايو يونيو يوليو أغسطس سبتمبر أكتوبر نوفمبر ديسمبر',
    date: joined,
    figures: (day, month, year) => `${day}/${month}/${year}`,
    closed: 'مغلق',
    allDay: '24 ساعة',
    appointment: 'بموعد مسبق',
    colon,
    halves: ['ص', 'م'],
    isRightToLeft: true,
  },
  he: {
    days: 'יום ב׳ | יום ג׳ | יום ד׳ | יום ה׳ | יום ו׳ | שבת | יום א׳',
    months: 'בינואר בפברואר במרץ באפריל במאי ביוני ביולי באוגוסט בספטמבר באוקטובר בנובמבר בדצמבר',
    monthsAlone: 'ינואר פברואר מרץ אפריל מאי יוני יולי אוגוסט ספטמבר אוקטובר נובמבר דצמבר',
    date: joined,
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'סגור',
    allDay: '24 שעות',
    appointment: 'בתיאום מראש',
    colon,
    isRightToLeft: true,
  },
  th: {
    days: 'จันทร์ อังคาร พุธ พฤหัส ศุกร์ เสาร์ อาทิตย์',
    months: 'มกราคม กุมภาพันธ์ มีนาคม เมษายน พฤษภาคม มิถุนายน กรกฎาคม สิงหาคม กันยายน ตุลาคม พฤศจิกายน ธันวาคม',
    date: (day, month, year) => joined(day, month, year && String(Number(year) + BUDDHIST)),
    figures: (day, month, year) => `${day}/${month}/${String(Number(year) + BUDDHIST)}`,
    closed: 'ปิด',
    allDay: 'เปิด 24 ชั่วโมง',
    appointment: 'นัดหมายล่วงหน้า',
    colon,
  },
  vi: {
    days: 'Thứ 2 | Thứ 3 | Thứ 4 | Thứ 5 | Thứ 6 | Thứ 7 | CN',
    months: '1 2 3 4 5 6 7 8 9 10 11 12',
    date: (day, month, year) =>
      [joined(day, month && `tháng ${month}`), year && (month && !day ? `năm ${year}` : year)]
        .filter(Boolean)
        .join(day ? ', ' : ' '),
    figures: (day, month, year) => `${day}/${month}/${year}`,
    closed: 'nghỉ',
    allDay: 'mở cửa 24 giờ',
    appointment: 'hẹn trước',
    colon,
  },
  id: {
    days: 'Sen Sel Rab Kam Jum Sab Min',
    months: 'Januari Februari Maret April Mei Juni Juli Agustus September Oktober November Desember',
    date: joined,
    figures: (day, month, year) => `${day}/${month}/${year}`,
    closed: 'tutup',
    allDay: 'buka 24 jam',
    appointment: 'dengan janji',
    colon,
  },
  sk: {
    days: 'po ut st št pi so ne',
    months: 'januára februára marca apríla mája júna júla augusta septembra októbra novembra decembra',
    monthsAlone: 'január február marec apríl máj jún júl august september október november december',
    date: (day, month, year) => joined(day && `${day}.`, month, year),
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'zatvorené',
    allDay: 'otvorené nonstop',
    appointment: 'na objednávku',
    colon,
  },
  hr: {
    days: 'pon uto sri čet pet sub ned',
    months:
      'siječnja veljače ožujka travnja svibnja lipnja srpnja kolovoza rujna listopada studenoga prosinca',
    monthsAlone:
      'siječanj veljača ožujak travanj svibanj lipanj srpanj kolovoz rujan listopad studeni prosinac',
    date: (day, month, year) => joined(day && `${day}.`, month, year && `${year}.`),
    figures: (day, month, year) => `${day}.${month}.${year}.`,
    closed: 'zatvoreno',
    allDay: 'otvoreno 0–24',
    appointment: 'po dogovoru',
    colon,
  },
  bg: {
    days: 'пн вт ср чт пт сб нд',
    months: 'януари февруари март април май юни юли август септември октомври ноември декември',
    date: (day, month, year) => joined(day, month, year && `${year} г.`),
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'почивен ден',
    allDay: 'денонощно',
    appointment: 'с предварителен час',
    colon,
  },
} as const satisfies Readonly<Record<string, Words>>;
