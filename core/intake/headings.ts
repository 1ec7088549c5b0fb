import type { Column } from './column.ts';

/**
 * Headings of columns, folded, beside the names of the facts: as spreadsheets of branches have them in English,
 * German, French, Spanish, Italian, Dutch, Portuguese, Swedish and Polish.
 */
const words: readonly (readonly [Column, string])[] = [
  [
    'label',
    'outlet;outlet name;shop;shop name;office name;filiale;filialname;standort;standortname;succursale;magasin;etablissement;sucursal;tienda;sede;negozio;punto vendita;filiaal;vestiging;loja;filial;butik;oddzial;sklep;location label;internal name;nickname',
  ],
  [
    'name',
    'listing name;display name;trading name;trade name;dba;doing business as;account name;organisation;organization;organisation name;organization name;firma;firmenname;name des unternehmens;unternehmen;nom;nom de l entreprise;entreprise;raison sociale;nombre;nombre del negocio;empresa;nome;nome azienda;ragione sociale;naam;bedrijfsnaam;nome da empresa;namn;foretagsnamn;nazwa;nazwa firmy',
  ],
  [
    'branchCode',
    'store number;store no;shop code;shop number;outlet code;location id;location code;location number;branch id;branch number;branch no;site id;site code;ref;reference;external id;kundennummer;filialnummer;filialnr;code magasin;codigo;codigo de tienda;codice;codice negozio;filiaalnummer;kod;numer',
  ],
  [
    'types',
    'categories;main category;business category;industry;sector;trade;schema type;kategorie;branche;categorie;categoria;kategori;kategoria',
  ],
  [
    'url',
    'website url;landing page;landing page url;store page;store url;location page;branch page;site web;page web;sitio web;pagina web;sito;sito web;webseite;internetseite;webbplats;strona;strona www;www',
  ],
  [
    'description',
    'short description;business description;text;beschreibung;descripcion;descrizione;beschrijving;descricao;beskrivning;opis',
  ],
  [
    'wholeAddress',
    'postal address;mailing address;complete address;adresse;adresse complete;anschrift;direccion;direccion completa;indirizzo;indirizzo completo;adres;volledig adres;endereco;adress;formatted address',
  ],
  [
    'address.streetAddress',
    'address street;street name;street and number;road;addr;addr1;adresszeile 1;strasse;strasse und hausnummer;strasse hausnummer;rue;voie;adresse 1;calle;via;straat;straat en huisnummer;rua;logradouro;gata;gatuadress;ulica',
  ],
  [
    'address.addressLocality',
    'municipality;village;place;ort;stadt;wohnort;gemeinde;ville;commune;ciudad;localidad;poblacion;municipio;citta;comune;localita;plaats;woonplaats;stad;gemeente;cidade;postort;miasto;miejscowosc',
  ],
  [
    'address.addressRegion',
    'state province;state region;prov;prefecture;departement;bundesland;land kanton;kanton;provincia;comunidad;estado;regione;provincie;lan;wojewodztwo;st',
  ],
  [
    'address.postalCode',
    'post zip;zip postal code;zip postcode;pin code;pincode;plz;postleitzahl;code postal;cp;codigo postal;cap;codice postale;cep;postnummer;postnr;kod pocztowy',
  ],
  [
    'address.addressCountry',
    'nation;iso country;country iso;country name;pays;pais;paese;nazione;staat;kraj',
  ],
  ['pin.latitude', 'breitengrad;breite;latitud;latitudine;breedtegraad;szerokosc;y;geo lat;gps lat'],
  [
    'pin.longitude',
    'langengrad;laengengrad;lange;longitud;longitudine;lengtegraad;dlugosc;x;geo lng;geo long;gps lng;gps lon;gps long',
  ],
  [
    'coordinates',
    'geo coordinates;gps;gps coordinates;latitude longitude;lat lon;lat and long;location coordinates;koordinaten;coordonnees;coordenadas;coordinate;coordinaten',
  ],
  [
    'telephone',
    'phone 1;phone no;phone nr;telephone number;tel no;business phone;contact number;contact phone;landline;main number;call;telefon;telefonnummer;tel nr;rufnummer;numero de telephone;telephone fixe;telefono;numero de telefono;numero di telefono;telefoon;telefoonnummer;telefone;fone',
  ],
  [
    'mobile',
    'mobile phone;mobile number;cell phone;cellphone;mobile no;handy;mobil;mobiltelefon;portable;telephone portable;movil;celular;cellulare;mobiel;telemovel;komorka',
  ],
  ['faxNumber', 'fax no;fax number;telefax;faxnummer;numero de fax;telecopie'],
  [
    'email',
    'e mail address;mail;contact email;mailadresse;e mail adresse;courriel;correo;correo electronico;posta elettronica;e postadress;epost',
  ],
  ['messaging', 'text number;text messages;text;sms number'],
  [
    'week',
    'open hours;hours of operation;store hours;trading hours;working hours;office hours;open times;opening times;regular hours;schedule;offnungszeiten;oeffnungszeiten;horaires;horaires d ouverture;horario;horarios;horario de apertura;orari;orari di apertura;orario;openingstijden;horario de funcionamento;oppettider;godziny otwarcia',
  ],
  [
    'specialHours',
    'holiday hours;exceptional hours;closures;sonderoffnungszeiten;feiertage;horaires exceptionnels',
  ],
  ['timeZone', 'time zone;tz;iana time zone;zeitzone'],
  ['priceRange', 'price level;prices;preis;preise;preisklasse;gamme de prix;precio;prezzo;prijs'],
  [
    'paymentAccepted',
    'payments;payments accepted;accepted payments;payment types;zahlungsarten;zahlungsmittel;moyens de paiement;formas de pago;metodi di pagamento;betaalmethoden',
  ],
  ['currenciesAccepted', 'currency;currencies;wahrung;devise;moneda;valuta'],
  [
    'makesOffer',
    'service;products;products and services;offers;leistungen;dienstleistungen;prestations;servicios;servizi;diensten',
  ],
  [
    'areaServed',
    'service area;service areas;areas served;delivery area;einzugsgebiet;liefergebiet;zone desservie;zona de servicio',
  ],
  [
    'sameAs',
    'social links;social media;links;social media links;profile urls;profile links;soziale medien;reseaux sociaux;redes sociales',
  ],
  [
    'image',
    'image url;image urls;photo url;picture url;cover photo;bild;bilder;foto;fotos;imagen;immagine;afbeelding',
  ],
  ['logo', 'logo url;logo photo;logo image'],
  ['hasMap', 'map link;maps url;maps link;map profile;place url;karte;kartenlink;lien carte'],
  ['hasMenu', 'menu;menu url;menu link;speisekarte;carte;carta'],
  ['acceptsReservations', 'reservations;reservation url;booking;reservierung'],
  [
    'reserveAction',
    'booking url;booking link;appointment url;appointment link;appointments;buchungslink;termin',
  ],
  ['orderAction', 'order url;order link;order ahead url;order online;bestelllink'],
  ['servesCuisine', 'cuisines;kuche;cucina;cocina'],
  ['legalName', 'registered name;company legal name;legal business name;juristischer name;nom legal'],
  [
    'vatID',
    'vat number;vat no;vat id;ust id;ustid;ust idnr;numero tva;tva;cif;nif;partita iva;p iva;btw nummer;moms nr',
  ],
  ['taxID', 'tax number;company number;registration number;ein;steuernummer;siret;siren'],
  ['contactPage', 'contact url;contact page url;kontaktseite'],
  ['slogan', 'tagline;claim;motto'],
  ['alternateName', 'alternate names;alias;aliases;also known as;aka;other name'],
  ['founder', 'owner;founded by;inhaber;grunder'],
];

/** The column of each heading. */
export const headingWords: Readonly<Record<string, Column>> = Object.fromEntries(
  words.flatMap(([column, headings]) => headings.split(';').map((heading) => [heading, column])),
);
