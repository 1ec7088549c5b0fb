import { countryName } from '#core/address';
import {
  itemsOf,
  linkValue,
  property,
  textOf,
  textsOf,
  type MarkupProperty,
  type ReadItem,
  type Said,
} from '#core/item';
import { readTelephone } from '#core/phone';
import { plainText, remembered, percentDecoded } from '#core/text';
import {
  contactPoints,
  email,
  gradeTelephone,
  gradeFolded,
  messageAddress,
  messaging,
  messagingService,
  pageOf,
  telephone,
  telephoneText,
  textKind,
  url,
  type Entry,
} from '#core/value';
import { fact } from '../descriptor.ts';

/** What our own contact points are for: they are facts of their own, and visitors need not read it. */
const PURPOSE = { mobile: 'mobile', messaging: 'messaging', page: 'contact page' } as const;

/** A contact point of ours. */
function point(purpose: string, said: readonly Said[], facts: readonly string[]): readonly MarkupProperty[] {
  const inner = said.flatMap(([name, values]) => property(name, values, facts) ?? []);
  if (inner.length === 0) return [];
  const kind = {
    name: 'contactType',
    facts,
    values: [{ kind: 'text' as const, text: purpose }],
    silent: true,
  };
  const item = { types: ['ContactPoint'], id: '', properties: [kind, ...inner] };
  return [{ name: 'contactPoint', facts, values: [{ kind: 'item', item }] }];
}

type Point = Entry<'contactType' | 'telephone' | 'email' | 'url'>;

/** The contact points of an item: those of our own purposes are facts, others stay contact points. */
const pointsOf = remembered((item: ReadItem) => {
  const found = {
    mobile: '',
    messaging: '',
    messagingText: '',
    messagingService: '',
    contactPage: '',
    others: [] as Point[],
  };
  for (const one of itemsOf(item, 'contactPoint')) {
    const [contactType = '', number = '', mail = '', page = ''] = [
      'contactType',
      'telephone',
      'email',
      'url',
    ].map((name) => textOf(one, name).trim());
    if (contactType === PURPOSE.mobile && !found.mobile && !mail && !page) found.mobile = number;
    else if (contactType === PURPOSE.messaging && !found.messaging && !mail) {
      found.messaging = number;
      const pages = textsOf(one, 'url');
      found.messagingText = messageOf(pages.find((address) => /^sms:/i.test(address)) ?? '');
      found.messagingService = pages.find((address) => /^https?:/i.test(address)) ?? '';
    } else if (contactType === PURPOSE.page && !found.contactPage && !number && !mail)
      found.contactPage = page;
    else if (contactType || number || mail || page)
      found.others.push({ contactType, telephone: number, email: mail, url: page });
  }
  return found;
});

/** The text in an `sms:` address (RFC 5724). */
function messageOf(address: string): string {
  const body = /^sms:[^?]*\?(?:.*&)?body=([^&]*)/i.exec(address)?.[1] ?? '';
  return percentDecoded(body).trim();
}

/** The national form where the number can be read. */
const national = (typed: string, country: string): string =>
  readTelephone(typed, country).telephone?.national ?? typed;

/** The ways to reach it. */
export const contact = {
  telephone: fact(
    'contact',
    {
      ...telephone,
      show: (value, { country }) => national(value, country),
      grade: ({ read, typed }, { country }) =>
        gradeTelephone(typed, read, country, [telephoneText(typed, country)]),
    },
    {
      label: 'Telephone',
      about: 'The main number',
      wanted: 'recommended',
      hint: 'With area code',
      headings:
        'main phone;primary phone;tel;phone number;telephone;phone;phone 1;phone no;phone nr;telephone number;tel no;business phone;contact number;contact phone;landline;main number;call;telefon;telefonnummer;tel nr;rufnummer;numero de telephone;telephone fixe;telefono;numero de telefono;numero di telefono;telefoon;telefoonnummer;telefone;fone',
      usual: true,
      ask: { at: 10, question: 'Which number should customers ring?', how: 'With the area code' },
      look: 'telephone',
      sameWords: true,
      identifying: true,
      visible: true,
      property: 'telephone',
      guideline: { why: 'Give it with country and area code.' },
      compared: { core: true, first: 2, as: 'typed' },
      block: { label: 'Telephone', at: 4, card: true },
    },
    {
      understood: {
        '': (value, around, record) => {
          const country = around.country || (record?.around.country ?? '');
          const { telephone: number } = readTelephone(value, country);
          if (!number) return 'no number that can be dialled';
          const assumed = value.trim().startsWith('+') || !country ? '' : `, read in ${countryName(country)}`;
          return `dials ${number.e164}${assumed}`;
        },
      },
    },
  ),
  email: fact(
    'contact',
    { ...email, grade: ({ told, read }) => gradeFolded(told, read, (text) => text.toLowerCase()) },
    {
      label: 'Email',
      about: 'Address for enquiries',
      shown: 'always',
      hint: 'desk@…',
      headings:
        'email address;email;e mail;e mail address;mail;contact email;mailadresse;e mail adresse;courriel;correo;correo electronico;posta elettronica;e postadress;epost',
      usual: true,
      ask: { at: 13, question: 'Which email address do customers write to?', how: 'desk@yourdomain' },
      look: 'email',
      visible: true,
      property: 'email',
      after: 'faxNumber',
      compared: { core: true, first: 6 },
      block: { label: 'Email', at: 7, card: true },
    },
  ),
  mobile: fact(
    'contact',
    telephone,
    {
      label: 'Mobile',
      about: 'Mobile number',
      headings:
        'mobile;cell;mobile phone;mobile number;cell phone;cellphone;mobile no;handy;mobil;mobiltelefon;portable;telephone portable;movil;celular;cellulare;mobiel;telemovel;komorka',
      ask: { at: 12, question: 'A mobile number for customers?', how: 'Leave blank if there is none' },
      property: 'contactPoint',
      block: { label: 'Mobile', at: 5, card: true },
    },
    {
      write: (value, around) =>
        point(PURPOSE.mobile, [['telephone', telephone.write(value, around, '')]], ['mobile']),
      read: (item) => pointsOf(item).mobile,
    },
  ),
  messaging: fact(
    'contact',
    messaging,
    {
      label: 'Messaging',
      about: 'Number that takes text messages',
      headings: 'sms;text number;text messages;text;sms number',
      property: 'contactPoint',
      block: { label: 'Text messages', at: 5, card: true },
    },
    {
      write: (value, around) =>
        point(
          PURPOSE.messaging,
          [
            ['telephone', telephone.write(value, around, '')],
            [
              'url',
              [
                linkValue(messageAddress(value, around.country, around.text('messagingText'))),
                linkValue(messagingService.told(around.text('messagingService'), around)),
              ],
            ],
          ],
          ['messaging', 'messagingText', 'messagingService'],
        ),
      read: (item) => pointsOf(item).messaging,
    },
  ),
  messagingText: fact(
    'contact',
    textKind('text'),
    {
      label: 'Message text',
      about: 'What a visitor’s text message begins with',
      property: 'contactPoint',
      goesWith: 'messaging',
      block: { card: true },
    },
    {
      write: () => [],
      read: (item) => pointsOf(item).messagingText,
      told: (value, { country, text }) =>
        messageAddress(text('messaging'), country, '') ? plainText(value) : '',
    },
  ),
  messagingService: fact(
    'contact',
    messagingService,
    {
      label: 'Messaging address',
      about: 'Address of a messaging service, with {number} and {text}',
      hint: 'https://chat.example/{number}?text={text}',
      headings: 'messaging url;messaging link;chat link;chat url;messenger link',
      property: 'contactPoint',
      goesWith: 'messaging',
      block: { card: true },
    },
    { write: () => [], read: (item) => pointsOf(item).messagingService },
  ),
  faxNumber: fact('contact', telephone, {
    label: 'Fax',
    about: 'Fax number',
    headings: 'fax;fax no;fax number;telefax;faxnummer;numero de fax;telecopie',
    sameWords: true,
    look: 'fax',
    visible: true,
    property: 'faxNumber',
    after: 'telephone',
    block: { label: 'Fax', at: 6, card: true, undialled: true },
  }),
  contactPage: fact(
    'contact',
    url,
    {
      label: 'Contact page',
      about: 'Address of the contact page',
      headings: 'contact url;contact page url;kontaktseite',
      property: 'contactPoint',
      block: { label: 'Contact', at: 5, card: true },
    },
    {
      write: (value) => point(PURPOSE.page, [['url', [linkValue(value)]]], ['contactPage']),
      read: (item) => pointsOf(item).contactPage,
    },
  ),
  contactPoint: fact(
    'contact',
    contactPoints,
    {
      label: 'Contact points',
      about: 'Bookings, emergencies, accounts: each with its number or address',
      property: 'contactPoint',
      block: { at: 5 },
    },
    { read: (item) => pointsOf(item).others },
  ),
  aboutPage: fact('contact', pageOf('AboutPage'), {
    label: 'About page',
    about: 'Address of the page that tells about the business',
    headings: 'about url;about page;about page url;about us;ueber uns;uber uns;a propos;chi siamo;over ons',
    property: 'subjectOf',
    block: { forMachines: true },
  }),
};
