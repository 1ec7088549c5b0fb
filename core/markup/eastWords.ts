import { joined, type Words } from './words.ts';

/** What English labels are called in the languages of `east`, in the order of `blockLanguages`. */
export const saidEast: Readonly<Record<string, string>> = {
  'PO box': 'Τ.Θ. | P.K. | Pf. | C.P. | а/я | а/с | 邮政信箱',
  Stars: 'Αστέρια | Yıldız | Csillag | Stele | Звёзды | Зірки | 星级',
  'Check-in': 'Άφιξη από | Giriş | Bejelentkezés | Check-in de la | Заезд с | Заїзд з | 入住时间',
  'Check-out': 'Αναχώρηση έως | Çıkış | Kijelentkezés | Check-out până la | Выезд до | Виїзд до | 退房时间',
  Pets: 'Κατοικίδια | Evcil hayvan | Háziállat | Animale de companie | Домашние животные | Домашні тварини | 宠物',
  Rooms: 'Δωμάτια | Oda sayısı | Szobák | Camere | Номеров | Номерів | 客房数',
  Amenities: 'Παροχές | Olanaklar | Szolgáltatások | Facilități | Удобства | Зручності | 设施',
  Languages: 'Γλώσσες | Diller | Beszélt nyelvek | Limbi vorbite | Языки | Мови | 语言',
  Capacity: 'Χωρητικότητα | Kapasite | Férőhely | Capacitate | Вместимость | Місткість | 容量',
  Treatments: 'Θεραπείες | Tedaviler | Kezelések | Tratamente | Услуги врача | Лікування | 诊疗项目',
  Awards: 'Βραβεία | Ödüller | Díjak | Premii | Награды | Нагороди | 奖项',
  Brands: 'Μάρκες | Markalar | Márkák | Mărci | Бренды | Бренди | 品牌',
  'Member of': 'Μέλος | Üyelik | Tagja | Membru al | Член | Член | 所属组织',
  Staff: 'Προσωπικό | Ekip | Munkatársak | Echipa | Сотрудники | Співробітники | 员工',
  yes: 'ναι | evet | igen | da | да | так | 是',
  no: 'όχι | hayır | nem | nu | нет | ні | 否',
  'Opening hours':
    'Ώρες λειτουργίας | Çalışma saatleri | Nyitvatartás | Program | Часы работы | Години роботи | 营业时间',
  'Public holidays': 'Αργίες | Resmî tatiller | Ünnepnapok | Sărbători legale | Праздники | Свята | 公众假期',
  Telephone: 'Τηλέφωνο | Telefon | Telefon | Telefon | Телефон | Телефон | 电话',
  Mobile: 'Κινητό | Cep telefonu | Mobil | Mobil | Мобильный | Мобільний | 手机',
  'Text messages': 'SMS | SMS | SMS | SMS | SMS | SMS | 短信',
  Fax: 'Φαξ | Faks | Fax | Fax | Факс | Факс | 传真',
  Email: 'Email | E-posta | E-mail | E-mail | Эл. почта | Ел. пошта | 电子邮箱',
  Contact: 'Επικοινωνία | İletişim | Kapcsolat | Contact | Контакты | Контакти | 联系方式',
  Map: 'Χάρτης | Harita | Térkép | Hartă | Карта | Карта | 地图',
  'Show on a map':
    'Προβολή στον χάρτη | Haritada göster | Megnézem a térképen | Vezi pe hartă | Показать на карте | Показати на карті | 在地图上查看',
  'We serve':
    'Περιοχή εξυπηρέτησης | Hizmet bölgesi | Szolgáltatási terület | Zona deservită | Район обслуживания | Район обслуговування | 服务区域',
  'Price range': 'Εύρος τιμών | Fiyat aralığı | Árkategória | Interval de preț | Цены | Ціни | 价格区间',
  Cuisine: 'Κουζίνα | Mutfak | Konyha | Bucătărie | Кухня | Кухня | 菜系',
  Menu: 'Μενού | Menü | Étlap | Meniu | Меню | Меню | 菜单',
  Reservations: 'Κρατήσεις | Rezervasyon | Asztalfoglalás | Rezervări | Бронирование | Бронювання | 预订',
  Currencies: 'Νομίσματα | Para birimleri | Pénznemek | Valute | Валюты | Валюти | 货币',
  Payment: 'Τρόποι πληρωμής | Ödeme | Fizetési módok | Plată | Оплата | Оплата | 支付方式',
  Services: 'Υπηρεσίες | Hizmetler | Szolgáltatások | Servicii | Услуги | Послуги | 服务',
  Departments: 'Τμήματα | Bölümler | Részlegek | Departamente | Отделы | Відділи | 部门',
  Order: 'Παραγγελία | Sipariş ver | Rendelés | Comandă | Заказать | Замовити | 下单',
  Book: 'Κλείστε ραντεβού | Randevu al | Időpontfoglalás | Programează-te | Записаться | Записатися | 预约',
  Rating: 'Βαθμολογία | Puan | Értékelés | Evaluare | Оценка | Оцінка | 评分',
  Reviews: 'Κριτικές | Yorumlar | Vélemények | Recenzii | Отзывы | Відгуки | 评价',
  'Also known as':
    'Γνωστό και ως | Diğer adı | Más néven | Cunoscut și ca | Другое название | Інша назва | 别名',
  'Legal name':
    'Επωνυμία | Ticaret unvanı | Cégnév | Denumire juridică | Юридическое название | Юридична назва | 法定名称',
  Founded: 'Έτος ίδρυσης | Kuruluş | Alapítva | Fondat în | Основано | Засновано | 成立于',
  'Founded by': 'Ιδρυτής | Kurucu | Alapító | Fondat de | Основатель | Засновник | 创始人',
  Branch: 'Κατάστημα | Şube | Üzlet | Filială | Филиал | Філія | 分店',
  'VAT number': 'ΑΦΜ | KDV no | Adószám | Cod TVA | ИНН | ІПН | 增值税号',
  'Tax number': 'ΑΦΜ | Vergi no | Adószám | CUI | ИНН | ЄДРПОУ | 税号',
  'Part of': 'Ανήκει σε | Bağlı olduğu kuruluş | Tagja | Parte din | Входит в | Входить до | 隶属于',
  of: 'από | / | / | din | из | з | /',
  from: 'από | / | / | din | по данным | за даними | ',
  reviews: 'κριτικές | yorum | vélemény | recenzii | отзывов | відгуків | 条评价',
};

const colon = ': ';

/** Languages beside those of `further`, in the order of `blockLanguages`. */
export const east = {
  el: {
    days: 'Δευ Τρί Τετ Πέμ Παρ Σάβ Κυρ',
    months:
      'Ιανουαρίου Φεβρουαρίου Μαρτίου Απριλίου Μαΐου Ιουνίου Ιουλίου Αυγούστου Σεπτεμβρίου Οκτωβρίου Νοεμβρίου Δεκεμβρίου',
    monthsAlone:
      'Ιανουάριος Φεβρουάριος Μάρτιος Απρίλιος Μάιος Ιούνιος Ιούλιος Αύγουστος Σεπτέμβριος Οκτώβριος Νοέμβριος Δεκέμβριος',
    date: joined,
    figures: (day, month, year) => `${day}/${month}/${year}`,
    closed: 'κλειστά',
    allDay: 'ανοιχτά όλο το 24ωρο',
    appointment: 'κατόπιν ραντεβού',
    colon,
  },
  tr: {
    days: 'Pzt Sal Çar Per Cum Cmt Paz',
    months: 'Ocak Şubat Mart Nisan Mayıs Haziran Temmuz Ağustos Eylül Ekim Kasım Aralık',
    date: joined,
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'kapalı',
    allDay: '24 saat açık',
    appointment: 'randevu ile',
    colon,
  },
  hu: {
    days: 'H K Sze Cs P Szo V',
    months:
      'január február március április május június július augusztus szeptember október november december',
    date: (day, month, year) => joined(year && `${year}.`, month, day && `${day}.`),
    figures: (day, month, year) => `${year}. ${month}. ${day}.`,
    closed: 'zárva',
    allDay: 'éjjel-nappal nyitva',
    appointment: 'előzetes bejelentkezéssel',
    colon,
  },
  ro: {
    days: 'lun. mar. mie. joi vin. sâm. dum.',
    months:
      'ianuarie februarie martie aprilie mai iunie iulie august septembrie octombrie noiembrie decembrie',
    date: joined,
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'închis',
    allDay: 'deschis non-stop',
    appointment: 'cu programare',
    colon,
  },
  ru: {
    days: 'пн вт ср чт пт сб вс',
    months: 'января февраля марта апреля мая июня июля августа сентября октября ноября декабря',
    monthsAlone: 'январь февраль март апрель май июнь июль август сентябрь октябрь ноябрь декабрь',
    date: (day, month, year) => joined(day, month, year && `${year} г.`),
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'выходной',
    allDay: 'круглосуточно',
    appointment: 'по записи',
    colon,
  },
  uk: {
    days: 'пн вт ср чт пт сб нд',
    months: 'січня лютого березня квітня травня червня липня серпня вересня жовтня листопада грудня',
    monthsAlone:
      'січень лютий березень квітень травень червень липень серпень вересень жовтень листопад грудень',
    date: (day, month, year) => joined(day, month, year && `${year} р.`),
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'вихідний',
    allDay: 'цілодобово',
    appointment: 'за записом',
    colon,
  },
  zh: {
    days: '周一 周二 周三 周四 周五 周六 周日',
    months: '1月 2月 3月 4月 5月 6月 7月 8月 9月 10月 11月 12月',
    date: (day, month, year) => `${year && `${year}年`}${month}${day && `${day}日`}`,
    figures: (day, month, year) => `${year}/${month}/${day}`,
    closed: '休息',
    allDay: '24小时营业',
    appointment: '需预约',
    colon: '：',
  },
} as const satisfies Readonly<Record<string, Words>>;
