import type { FaultCode } from '#core/fault';
import { countryFaults } from './countryFaults.ts';
import { richFaults } from './richFaults.ts';
import { sortFaults } from './sortFaults.ts';
import { sorts } from './sorts.ts';

/** A page with one fault beside the clean one. */
interface FaultySort {
  readonly name: string;
  readonly clean: string;
  readonly source: string;
  readonly url: string;
  /** What tells of the fault at its line. */
  readonly code: FaultCode;
}

/** The clean pages of many sorts and countries, each with one fault. */
export const faultySorts: readonly FaultySort[] = sorts.flatMap(([file, clean, url]) =>
  (sortFaults[file] ?? countryFaults[file] ?? richFaults[file] ?? []).map(([from, to, code]) => ({
    name: `${file}: ${to}`,
    clean,
    source: clean.replace(from, () => to),
    url,
    code,
  })),
);
