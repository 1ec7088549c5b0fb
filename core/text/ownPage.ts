import { escapeHtml } from './escape.ts';

/** A page of ours that is handed on: its title as text, everything else as it is written. */
export interface OwnPage {
  readonly title: string;
  readonly style: string;
  readonly body: string;
  /** What it may load besides its style (Content Security Policy Level 3, 6.1), such as `img-src data:`; '' for nothing. */
  readonly allows?: string;
}

/** One HTML page without anything outside it, to send and to print. */
export function ownPage({ title, style, body, allows = '' }: OwnPage): string {
  const policy = ["default-src 'none'; style-src 'unsafe-inline'", allows].filter(Boolean).join('; ');
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<meta http-equiv="Content-Security-Policy" content="${policy}">
<title>${escapeHtml(title)}</title>
<style>${style}</style>
</head>
<body>
${body}
</body>
</html>
`;
}
