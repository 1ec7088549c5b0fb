import { table } from '#core/text';

/**
 * Where the first characters of a postal code name a region, as "from-through REGION" (Universal Postal Union,
 * postal addressing systems, and the posts of the countries). Codes for regions that addresses write as codes, else
 * the names they are written by, several where a code is of a province and of the region above it.
 */
const rows = table<string>({
  US: '005-005 NY;006-009 PR|VI;010-027 MA;028-029 RI;030-038 NH;039-049 ME;050-054 VT;055-055 MA;056-059 VT;060-062 CT;063-063 CT|NY;064-069 CT;070-089 NJ;100-149 NY;150-196 PA;197-199 DE;200-200 DC;201-201 VA;202-205 DC;206-219 MD;220-246 VA;247-268 WV;270-289 NC;290-299 SC;300-319 GA;320-349 FL;350-369 AL;370-385 TN;386-397 MS;398-399 GA;400-427 KY;430-459 OH;460-479 IN;480-499 MI;500-528 IA;530-549 WI;550-567 MN;569-569 DC;570-577 SD;580-588 ND;590-599 MT;600-629 IL;630-658 MO;660-679 KS;680-693 NE;700-714 LA;716-729 AR;730-732 OK;733-733 TX;734-749 OK;750-799 TX;800-816 CO;820-831 WY;832-838 ID;840-847 UT;850-865 AZ;870-884 NM;885-885 TX;889-898 NV;900-966 CA;967-968 HI|AS;969-969 GU|MP;970-979 OR;980-994 WA;995-999 AK',
  CA: 'A-A NL;B-B NS;C-C PE;E-E NB;G-J QC;K-P ON;R-R MB;S-S SK;T-T AB;V-V BC;X-X NT|NU;Y-Y YT',
  AU: '02-02 ACT|NT|NSW;08-09 NT;10-25 NSW;26-26 NSW|ACT;27-28 NSW;29-29 ACT|NSW;30-39 VIC;40-49 QLD;50-58 SA;60-68 WA;70-78 TAS;80-89 VIC;90-99 QLD',
  ES: '01-01 Álava|Araba|País Vasco|Euskadi;02-02 Albacete|Castilla-La Mancha;03-03 Alicante|Alacant|Comunidad Valenciana|Comunitat Valenciana;04-04 Almería|Andalucía;05-05 Ávila|Castilla y León;06-06 Badajoz|Extremadura;07-07 Islas Baleares|Illes Balears|Baleares|Mallorca|Ibiza|Menorca;08-08 Barcelona|Cataluña|Catalunya;09-09 Burgos|Castilla y León;10-10 Cáceres|Extremadura;11-11 Cádiz|Andalucía;12-12 Castellón|Castelló|Comunidad Valenciana|Comunitat Valenciana;13-13 Ciudad Real|Castilla-La Mancha;14-14 Córdoba|Andalucía;15-15 A Coruña|La Coruña|Galicia;16-16 Cuenca|Castilla-La Mancha;17-17 Girona|Gerona|Cataluña|Catalunya;18-18 Granada|Andalucía;19-19 Guadalajara|Castilla-La Mancha;20-20 Gipuzkoa|Guipúzcoa|País Vasco|Euskadi;21-21 Huelva|Andalucía;22-22 Huesca|Aragón;23-23 Jaén|Andalucía;24-24 León|Castilla y León;25-25 Lleida|Lérida|Cataluña|Catalunya;26-26 La Rioja;27-27 Lugo|Galicia;28-28 Madrid|Comunidad de Madrid;29-29 Málaga|Andalucía;30-30 Murcia|Región de Murcia;31-31 Navarra|Comunidad Foral de Navarra|Nafarroa;32-32 Ourense|Orense|Galicia;33-33 Asturias|Principado de Asturias;34-34 Palencia|Castilla y León;35-35 Las Palmas|Canarias|Islas Canarias|Gran Canaria|Lanzarote|Fuerteventura;36-36 Pontevedra|Galicia;37-37 Salamanca|Castilla y León;38-38 Santa Cruz de Tenerife|Tenerife|Canarias|Islas Canarias|La Palma;39-39 Cantabria;40-40 Segovia|Castilla y León;41-41 Sevilla|Andalucía;42-42 Soria|Castilla y León;43-43 Tarragona|Cataluña|Catalunya;44-44 Teruel|Aragón;45-45 Toledo|Castilla-La Mancha;46-46 Valencia|València|Comunidad Valenciana|Comunitat Valenciana;47-47 Valladolid|Castilla y León;48-48 Bizkaia|Vizcaya|País Vasco|Euskadi;49-49 Zamora|Castilla y León;50-50 Zaragoza|Aragón;51-51 Ceuta;52-52 Melilla',
  FR: '01-01 Auvergne-Rhône-Alpes;02-02 Hauts-de-France;03-03 Auvergne-Rhône-Alpes;04-06 Provence-Alpes-Côte d’Azur;07-07 Auvergne-Rhône-Alpes;08-08 Grand Est;09-09 Occitanie;10-10 Grand Est;11-12 Occitanie;13-13 Provence-Alpes-Côte d’Azur;14-14 Normandie;15-15 Auvergne-Rhône-Alpes;16-17 Nouvelle-Aquitaine;18-18 Centre-Val de Loire;19-19 Nouvelle-Aquitaine;20-20 Corse;21-21 Bourgogne-Franche-Comté;22-22 Bretagne;23-24 Nouvelle-Aquitaine;25-25 Bourgogne-Franche-Comté;26-26 Auvergne-Rhône-Alpes;27-27 Normandie;28-28 Centre-Val de Loire;29-29 Bretagne;30-32 Occitanie;33-33 Nouvelle-Aquitaine;34-34 Occitanie;35-35 Bretagne;36-37 Centre-Val de Loire;38-38 Auvergne-Rhône-Alpes;39-39 Bourgogne-Franche-Comté;40-40 Nouvelle-Aquitaine;41-41 Centre-Val de Loire;42-43 Auvergne-Rhône-Alpes;44-44 Pays de la Loire;45-45 Centre-Val de Loire;46-46 Occitanie;47-47 Nouvelle-Aquitaine;48-48 Occitanie;49-49 Pays de la Loire;50-50 Normandie;51-52 Grand Est;53-53 Pays de la Loire;54-55 Grand Est;56-56 Bretagne;57-57 Grand Est;58-58 Bourgogne-Franche-Comté;59-60 Hauts-de-France;61-61 Normandie;62-62 Hauts-de-France;63-63 Auvergne-Rhône-Alpes;64-64 Nouvelle-Aquitaine;65-66 Occitanie;67-68 Grand Est;69-69 Auvergne-Rhône-Alpes;70-71 Bourgogne-Franche-Comté;72-72 Pays de la Loire;73-74 Auvergne-Rhône-Alpes;75-75 Île-de-France;76-76 Normandie;77-78 Île-de-France;79-79 Nouvelle-Aquitaine;80-80 Hauts-de-France;81-82 Occitanie;83-84 Provence-Alpes-Côte d’Azur;85-85 Pays de la Loire;86-87 Nouvelle-Aquitaine;88-88 Grand Est;89-90 Bourgogne-Franche-Comté;91-95 Île-de-France',
  BR: '01-19 SP|São Paulo;20-28 RJ|Rio de Janeiro;29-29 ES|Espírito Santo;30-39 MG|Minas Gerais;40-48 BA|Bahia;49-49 SE|Sergipe;50-56 PE|Pernambuco;57-57 AL|Alagoas;58-58 PB|Paraíba;59-59 RN|Rio Grande do Norte;60-63 CE|Ceará;64-64 PI|Piauí;65-65 MA|Maranhão;66-67 PA|Pará;68-68 PA|Pará|AP|Amapá;69-69 AM|Amazonas|RR|Roraima|AC|Acre;70-71 DF|Distrito Federal;72-73 DF|Distrito Federal|GO|Goiás;74-75 GO|Goiás;76-76 GO|Goiás|RO|Rondônia;77-77 TO|Tocantins;78-78 MT|Mato Grosso|RO|Rondônia;79-79 MS|Mato Grosso do Sul;80-87 PR|Paraná;88-89 SC|Santa Catarina;90-99 RS|Rio Grande do Sul',
});

interface Range {
  readonly from: string;
  readonly through: string;
  readonly regions: readonly string[];
}

const ranges = new Map<string, readonly Range[]>();

function rangesOf(country: string): readonly Range[] {
  const known = ranges.get(country);
  if (known) return known;
  const read = (rows[country] ?? '').split(';').flatMap((row): Range[] => {
    const [, from = '', through = '', regions = ''] = /^(\w+)-(\w+) (.+)$/.exec(row) ?? [];
    return from ? [{ from, through, regions: regions.split('|') }] : [];
  });
  ranges.set(country, read);
  return read;
}

/** The regions that a postal code can be of; none where its country's codes name none. */
export function regionsOfPostalCode(code: string, country: string): readonly string[] {
  const written = code.trim().toUpperCase();
  const range = rangesOf(country).find(({ from, through }) => {
    const start = written.slice(0, from.length);
    return start.length === from.length && from <= start && start <= through;
  });
  return range?.regions ?? [];
}

/** All regions that the postal codes of a country name. */
export const regionsOfPostalCodes = (country: string): readonly string[] => [
  ...new Set(rangesOf(country).flatMap(({ regions }) => regions)),
];
