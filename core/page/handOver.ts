import { isScript, type OutputForm } from '#core/markup';
import { refusalOfAddresses, type BusinessRecord } from '#core/record';
import { escapeHtml, ownPage, shortDigest } from '#core/text';
import { markedMarkup } from './placing.ts';
import { markupOf } from './verifying.ts';

/** What is handed to whoever looks after a site that we cannot write to. */
export interface HandOver {
  readonly client: string;
  /** As people of the client read dates. */
  readonly date: string;
  readonly branches: readonly { readonly label: string; readonly record: BusinessRecord }[];
}

/** What is pasted, and where. */
const PIECES: readonly { readonly form: OutputForm; readonly title: string; readonly where: string }[] = [
  {
    form: 'jsonld',
    title: 'For search engines: nobody sees it',
    where: 'Into the head of this page alone, not of every page of the site.',
  },
  {
    form: 'block',
    title: 'For visitors: name, address, telephone and hours',
    where: 'Where visitors look for it: at the foot of the page, or beside the contact form.',
  },
];

/** The common shapes of editors, and where code goes in each. */
const EDITORS: readonly (readonly [shape: string, how: string])[] = [
  [
    'A field for code in the head',
    'Often among the settings of the page, called “head”, “header code” or “custom code”. Paste the piece for search engines there.',
  ],
  [
    'A block for raw HTML',
    'Add a block for code, HTML or embedding to the page, and paste into it. Never paste into a block for text: it curls the quotes and shows the code to visitors.',
  ],
  [
    'A container for tags',
    'Add a tag of custom HTML that fires on this page only, and paste the piece for search engines. Search engines read it more slowly there than in the page itself.',
  ],
  [
    'A template file',
    'Paste the piece for search engines before </head>, and the block for visitors where it is to be seen, in the template of this page alone.',
  ],
];

/** The sheet as one HTML page without anything outside it: what to paste, where, and how to see that it worked. */
export function handOverSheet({ client, date, branches }: HandOver): string {
  const several = branches.length > 1 ? `<ol>${branches.map(contents).join('')}</ol>` : '';
  const body = `<h1>${escapeHtml(client)}: what to paste, and where</h1>
<p>Made ${escapeHtml(date)}. Paste each piece as it is, without changing a character; a newer sheet replaces this one.</p>
${several}
${branches.map(section).join('\n')}
<h2>Where code goes</h2>
<dl>${EDITORS.map(([shape, how]) => `<dt>${escapeHtml(shape)}</dt><dd>${escapeHtml(how)}</dd>`).join('')}</dl>
<h2>How to see that it worked</h2>
<ol>
<li>Publish the page, and open it in a window where nobody is signed in.</li>
<li>Look at its source (Ctrl+U, or “View source”) and search for <code>zinc-post</code>. It stands there once for each piece, with straight quotes.</li>
<li>If the code can be read on the page itself, it was pasted into a field for text: take it out and use a field for code.</li>
<li>Tell whoever sent you this sheet: the live page is then read and compared, fact by fact.</li>
</ol>
<script>${SCRIPT}</script>`;
  return ownPage({
    title: `${client}: what to paste`,
    style: STYLE,
    body,
    allows: "script-src 'unsafe-inline'",
  });
}

/** What a branch is handed over, as a short digest: by it an older sheet is known. */
export const handOverDigest = (record: BusinessRecord): string =>
  refusalOfAddresses(record)
    ? ''
    : shortDigest(PIECES.map(({ form }) => markedMarkup(form, markupOf(form, record, [record]))).join('\n'));

const contents = ({ label }: HandOver['branches'][number], at: number): string =>
  `<li><a href="#branch-${String(at)}">${escapeHtml(label)}</a></li>`;

function section({ label, record }: HandOver['branches'][number], at: number): string {
  const page = record.url.trim();
  const refused = refusalOfAddresses(record);
  const pieces = refused
    ? `<p>Nothing can be pasted for this branch yet: ${escapeHtml(refused)}</p>`
    : PIECES.map((piece, number) => pieceOf(piece, record, `piece-${String(at)}-${String(number)}`)).join('');
  return `<section id="branch-${String(at)}">
<h2>${escapeHtml(label)}</h2>
<p>${page ? `Page: <b>${escapeHtml(page)}</b>` : 'The page of this branch is not known yet; ask which one it is.'}</p>
${pieces}
</section>`;
}

function pieceOf(
  { form, title, where }: (typeof PIECES)[number],
  record: BusinessRecord,
  id: string,
): string {
  const code = markedMarkup(form, markupOf(form, record, [record]));
  const rows = Math.min(14, code.split('\n').length);
  return `<h3>${escapeHtml(title)}</h3>
<p>${escapeHtml(where)} ${isScript(form) ? '' : 'It may be styled; its words stay as they are.'}</p>
<textarea id="${id}" readonly rows="${String(rows)}" aria-label="${escapeHtml(title)}">
${escapeHtml(code)}</textarea>
<button type="button" data-copies="${id}">Copy</button>
`;
}

const STYLE = `body{font:15px/1.5 system-ui,sans-serif;color:#1f2529;background:#fafaf8;max-width:60em;margin:2em auto;padding:0 1em}
h1{font-size:1.5em}h2{font-size:1.2em;border-top:1px solid #b9c1c6;padding-top:1em}h3{font-size:1em;margin-bottom:0}
textarea{width:100%;font:13px/1.4 ui-monospace,monospace;border:1px solid #b9c1c6;background:#fff;box-sizing:border-box}
button{font:inherit;padding:.3em 1em;border:1px solid #6b2d5c;color:#6b2d5c;background:#fff;border-radius:3px}
dt{font-weight:600}dd{margin:0 0 .7em}@media print{button{display:none}}`;

const SCRIPT = `document.querySelectorAll('[data-copies]').forEach(function(button){button.addEventListener('click',function(){
var field=document.getElementById(button.dataset.copies);field.select();
var done=function(){button.textContent='Copied'};
if(navigator.clipboard)navigator.clipboard.writeText(field.value).then(done,function(){document.execCommand('copy');done()});
else{document.execCommand('copy');done()}})});`;
