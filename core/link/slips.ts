/** Ends of a host that no registry has (IANA, Root Zone Database), and what fingers meant. */
const SLIPPED_END: readonly (readonly [RegExp, string])[] = [
  [/\.(?:con|cmo|ocm|comm|coom|cim|vom|xom|cpm|c0m)$/, '.com'],
  [/\.(?:ogr|rog|orgg|0rg)$/, '.org'],
  [/\.(?:nte|nett|ner)$/, '.net'],
];

/** Hosts where people all over the world have their mail. */
const MAIL_HOSTS = ['gmail', 'googlemail', 'hotmail', 'outlook', 'yahoo', 'icloud'];
/** Names of their own that a slip would make too. */
const OTHERS = new Set(['mail', 'gail', 'hotmails', 'yahoos']);

/** A name with two letters exchanged, one left out, one twice, or the neighbour of an m: what fingers make of it. */
function slipsOf(name: string): readonly string[] {
  return Array.from(name, (letter, at) => {
    const [before, behind] = [name.slice(0, at), name.slice(at + 1)];
    return [
      before + behind,
      before + letter + letter + behind,
      before + behind.slice(0, 1) + letter + behind.slice(1),
      ...(letter === 'm' ? [`${before}n${behind}`] : []),
    ];
  }).flat();
}

let meant: ReadonlyMap<string, string> | undefined;

/** A host whose end no registry has, "larch.con" as "larch.com"; '' for none. */
export function endMeant(host: string): string {
  const lower = host.toLowerCase();
  const [slip, end] = SLIPPED_END.find(([pattern]) => pattern.test(lower)) ?? [];
  return slip && end ? lower.replace(slip, end) : '';
}

/** The host of an email address with a slip of the fingers as it was meant, "gmial.com" as "gmail.com"; '' for none. */
export function mailHostMeant(host: string): string {
  meant ??= new Map(
    MAIL_HOSTS.flatMap((name) =>
      slipsOf(name)
        .filter((one) => one !== name && !OTHERS.has(one))
        .map((one): [string, string] => [one, name]),
    ),
  );
  const lower = host.toLowerCase();
  const [, name = '', rest = ''] = /^([^.]+)(\..+)$/.exec(endMeant(lower) || lower) ?? [];
  // Their mail is at ".com" alone.
  const whole = `${meant.get(name) ?? name}${rest}`.replace(/^(gmail|googlemail|icloud)\.c[om]?$/, '$1.com');
  return whole === lower || !name ? '' : whole;
}

/** Shorter names are a letter apart from others'. */
const SHORTEST_NAME = 5;

/** Whether a host is another with a slip of the fingers in its name: "gros.example" for "gross.example". */
export function isSlipOfHost(host: string, own: string): boolean {
  const [name = '', ...rest] = host.toLowerCase().split('.');
  const [ownName = '', ...ownRest] = own.toLowerCase().split('.');
  return (
    ownName.length >= SHORTEST_NAME &&
    name !== ownName &&
    rest.join('.') === ownRest.join('.') &&
    slipsOf(ownName).includes(name)
  );
}
