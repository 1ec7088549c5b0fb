import {
  dateOrYear,
  gradeText,
  organization,
  pagePattern,
  id,
  listOf,
  prose,
  shortPlain,
  types,
  url,
  words,
  vatId,
} from '#core/value';
import { textOf } from '#core/item';
import { fact, partedFact } from '../descriptor.ts';

/** What the business is and what it is called. */
export const identity = {
  name: fact(
    'identity',
    {
      ...words,
      read: (item, property) => textOf(item, property).trim(),
      grade: ({ typed, read }) => gradeText(typed, read),
    },
    {
      label: 'Name',
      about: 'As it stands over the door',
      wanted: 'required',
      hint: 'As it stands over the door',
      headings:
        'title;insegna;enseigne;nombre comercial;nome fantasia;nom commercial;company;business name;business;listing name;display name;trading name;trade name;dba;doing business as;account name;organisation;organization;organisation name;organization name;firma;firmenname;name des unternehmens;unternehmen;nom;nom de l entreprise;entreprise;nombre;nombre del negocio;empresa;nome;nome azienda;naam;bedrijfsnaam;nome da empresa;namn;foretagsnamn;nazwa;nazwa firmy',
      usual: true,
      ask: {
        at: 1,
        question: 'What is the name over the door?',
        how: 'Exactly as it is written there, every capital and bracket',
      },
      look: 'name',
      sameWords: true,
      identifying: true,
      visible: true,
      property: 'name',
      required: 'A business needs its name.',
      guideline: {
        why: 'Without its name a machine cannot tell which business this is.',
      },
      compared: { core: true, first: 1 },
      block: { at: 1, card: true },
    },
  ),
  types: fact('identity', types, {
    label: 'Type',
    about: 'The most specific type of schema.org that fits',
    wanted: 'required',
    headings:
      'business type;primary category;type;category;categories;main category;business category;industry;sector;trade;schema type;kategorie;branche;categorie;categoria;kategori;kategoria',
    usual: true,
    property: '@type',
    required: 'Choose the type that fits best; without one a machine knows only that it is some business.',
    block: { card: true },
  }),
  url: fact('identity', url, {
    label: 'Page address',
    about: 'This branch’s own page',
    wanted: 'recommended',
    hint: 'https://…, this branch’s own page',
    headings:
      'page url;page;link;homepage;url;web;web site;website;website url;landing page;landing page url;store page;store url;location page;branch page;site web;page web;sitio web;pagina web;sito;sito web;webseite;internetseite;webbplats;strona;strona www;www',
    usual: true,
    ask: {
      at: 14,
      question: 'Which page of your site is about this branch?',
      how: 'The whole address, beginning with https://',
    },
    property: 'url',
    after: 'additionalType',
    guideline: { why: 'Give the address of this branch’s own page.' },
    compared: { core: true },
    block: { card: true },
  }),
  pagePattern: fact('identity', pagePattern, {
    label: 'Page-address pattern',
    about: 'How the page addresses of branches are made: {name} {code} {street} {town} {region} {postcode}',
    hint: 'https://example.com/{region}/{town}/',
    property: '',
  }),
  description: fact('identity', prose, {
    label: 'Description',
    about: 'What it does, in a few sentences',
    shown: 'always',
    headings:
      'long description;about;short description;business description;text;beschreibung;descripcion;descrizione;beschrijving;descricao;beskrivning;opis',
    ask: {
      at: 2,
      question: 'What do you do, in two or three sentences?',
      how: 'As you would tell a new customer',
    },
    property: 'description',
    after: 'slogan',
  }),
  id: fact('identity', id, {
    label: '@id',
    about: 'The name machines know the branch by, the same everywhere',
    hint: 'https://…#branch, the same on every page',
    property: '@id',
  }),
  alternateName: fact('identity', listOf(words), {
    label: 'Other names',
    about: 'Names people also use, one a line',
    headings: 'alternate names;alias;aliases;also known as;aka;other name',
    property: 'alternateName',
    block: { label: 'Also known as' },
  }),
  legalName: fact('identity', words, {
    label: 'Legal name',
    about: 'As registered',
    headings:
      'registered name;company legal name;legal business name;legal entity;legal entity name;juristischer name;handelsregistername;nom legal;raison sociale;denomination sociale;razon social;razao social;denominacao social;ragione sociale;denominazione sociale;rao social;statutaire naam;denumire firma;firmanavn',
    ask: {
      at: 27,
      question: 'The registered name of the business',
      how: 'If it differs from the name over the door',
    },
    property: 'legalName',
    block: { label: 'Legal name' },
  }),
  additionalType: fact('identity', listOf(url), {
    label: 'More about the type',
    about: 'Address of a page that describes the trade more closely',
    property: 'additionalType',
    block: { forMachines: true },
  }),
  foundingDate: fact('identity', dateOrYear, {
    label: 'Founded',
    about: 'The year, or the very date',
    hint: '1987, or 1987-04-30',
    headings:
      'founding date;founded;date founded;established;opening date;gegrundet;grundungsdatum;date de creation;fondation;fundacion;fecha de fundacion;fondazione;opgericht;grundad;zalozono',
    ask: {
      at: 28,
      question: 'When was the business founded?',
      how: 'The year, or year, month and day: 1987-04-30',
    },
    property: 'foundingDate',
    look: 'founded',
    block: { label: 'Founded' },
  }),
  slogan: fact('identity', words, {
    label: 'Slogan',
    about: 'The line under the name',
    headings: 'tagline;claim;motto',
    ask: { at: 26, question: 'Do you have a slogan?', how: 'Leave blank if there is none' },
    property: 'slogan',
    block: { at: 2 },
  }),
  branchCode: fact('identity', shortPlain, {
    label: 'Branch code',
    about: 'The client’s own number of the branch, as in directories',
    headings:
      'store id;branch code;code;store code;store number;store no;shop code;shop number;outlet code;location id;location code;location number;branch id;branch number;branch no;site id;site code;ref;reference;external id;kundennummer;filialnummer;filialnr;code magasin;codigo;codigo de tienda;codice;codice negozio;filiaalnummer;kod;numer',
    usual: true,
    property: 'branchCode',
    block: { label: 'Branch' },
  }),
  vatID: fact('identity', vatId, {
    label: 'VAT number',
    about: 'Value added tax identifier',
    headings:
      'vat;vat number;vat no;vat id;ust id;ustid;ust idnr;numero tva;tva;cif;nif;partita iva;p iva;btw nummer;moms nr',
    property: 'vatID',
    look: 'vat',
    block: { label: 'VAT number' },
  }),
  taxID: fact('identity', shortPlain, {
    label: 'Tax number',
    about: 'Tax or company identifier',
    headings:
      'tax id;tax number;company number;registration number;ein;abn;gstin;cuit;rut;rfc;nit;cnpj;steuernummer;siret;siren',
    property: 'taxID',
    block: { label: 'Tax number' },
  }),
  parentOrganization: partedFact(
    'identity',
    organization,
    {
      name: { label: 'Organisation', about: 'The organisation the branch belongs to' },
      url: { label: 'Organisation’s site', about: 'Home page of the organisation' },
      id: { label: 'Organisation’s @id', about: 'The name machines know the organisation by' },
      logo: { label: 'Organisation’s logo', about: 'Address of its logo' },
    },
    {
      whole: 'Organisation',
      property: 'parentOrganization',
      facts: ['parentOrganization.name', 'parentOrganization.id'],
      changedByPart: true,
      block: { label: 'Part of' },
    },
  ),
};
