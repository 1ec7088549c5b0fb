import { faultTable, isFaultCode, type FaultCode, type Grade } from '#core/fault';
import type { Place } from '#core/text';
import type { Finding } from '#core/fault';

/** The findings of one source. */
export interface SarifSource {
  /** Path or address, as the review tool knows it. */
  readonly uri: string;
  readonly source: string;
  readonly findings: readonly Finding[];
}

const LEVELS: Readonly<Record<Grade, string>> = { must: 'error', should: 'warning', note: 'note' };

/** A source that could not be read, and why. */
export interface UnreadSource {
  readonly uri: string;
  readonly message: string;
}

/**
 * A log of findings for code review tools (OASIS SARIF 2.1.0); columns are UTF-16 code units from 1. What could not be
 * read is an invocation that did not end well (§3.20.14, §3.20.21).
 */
export function sarifLog(
  sources: readonly SarifSource[],
  version: string,
  unread: readonly UnreadSource[] = [],
): object {
  const codes = [...new Set(sources.flatMap(({ findings }) => findings.map(({ code }) => code)))].sort();
  const rule = (code: FaultCode): object => ({
    id: code,
    shortDescription: { text: faultTable[code].meaning },
    help: { text: `After ${faultTable[code].source}.` },
    defaultConfiguration: { level: LEVELS[faultTable[code].grade] },
  });
  return {
    $schema: 'https://json.schemastore.org/sarif-2.1.0.json',
    version: '2.1.0',
    runs: [
      {
        tool: { driver: { name: 'zinc-post', version, rules: codes.filter(isFaultCode).map(rule) } },
        columnKind: 'utf16CodeUnits',
        ...(unread.length > 0 ? { invocations: [failed(unread)] } : {}),
        artifacts: sources.map(({ uri }) => ({ location: { uri: uriReference(uri) } })),
        results: sources.flatMap((one) => one.findings.map((finding) => result(one, finding, codes))),
      },
    ],
  };
}

/** A path as a URI reference (SARIF 2.1.0 §3.4.4); addresses stay as they are. */
const uriReference = (uri: string): string =>
  /^[a-z][a-z0-9+.-]*:/i.test(uri)
    ? uri
    : uri.replace(/\\/g, '/').split('/').map(encodeURIComponent).join('/');

const failed = (unread: readonly UnreadSource[]): object => ({
  executionSuccessful: false,
  toolExecutionNotifications: unread.map(({ uri, message }) => ({
    level: 'error',
    message: { text: message },
    locations: [{ physicalLocation: { artifactLocation: { uri: uriReference(uri) } } }],
  })),
});

function result({ uri, source }: SarifSource, finding: Finding, codes: readonly FaultCode[]): object {
  const { code, grade, message, place, related, mend } = finding;
  const location = (at: Place, page = uri): object => ({
    physicalLocation: {
      artifactLocation: { uri: uriReference(page) },
      // Another page's source is not at hand: where it begins is all there is to say.
      region: page === uri ? regionOf(source, at) : { startLine: at.line, startColumn: at.column },
    },
  });
  return {
    ruleId: code,
    ruleIndex: codes.indexOf(code),
    level: LEVELS[grade],
    message: { text: message },
    locations: [location(place)],
    ...(related.length > 0
      ? {
          relatedLocations: related.map((one) => ({
            ...location(one.place, one.page),
            message: { text: one.message },
          })),
        }
      : {}),
    ...(mend
      ? {
          fixes: [
            {
              description: { text: mend.certain ? 'Mend' : 'Proposed mend' },
              artifactChanges: [
                {
                  artifactLocation: { uri: uriReference(uri) },
                  replacements: mend.edits.map(({ start, end, text }) => ({
                    deletedRegion: { charOffset: start, charLength: end - start },
                    insertedContent: { text },
                  })),
                },
              ],
            },
          ],
        }
      : {}),
  };
}

function regionOf(source: string, { start, end, line, column }: Place): object {
  const inside = source.slice(start, end);
  const breaks = inside.split(/\r\n|\n|\r/);
  const last = breaks.at(-1) ?? '';
  const endLine = line + breaks.length - 1;
  const endColumn = breaks.length === 1 ? column + inside.length : last.length + 1;
  return {
    startLine: line,
    startColumn: column,
    endLine,
    endColumn,
    charOffset: start,
    charLength: end - start,
  };
}
