import { linkSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import * as z from 'zod';
import { replaceFile } from './folder.ts';

/** Who runs on a data folder, as its file `running.json` says. */
const runningSchema = z.object({
  pid: z.number().int().positive(),
  /** When the process began, in clock ticks since the machine did (proc(5), field 22 of stat): numbers of processes are given anew. */
  begun: z.string(),
  /** Where it answers; '' while it starts. */
  address: z.string().default(''),
});
export type Running = z.infer<typeof runningSchema>;

/** When a process began; '' where there is none of that number. */
export function beginningOf(pid: number): string {
  try {
    const stat = readFileSync(`/proc/${String(pid)}/stat`, 'utf8');
    // The name in brackets may hold blanks and brackets itself: fields are counted behind its last one.
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? '';
  } catch {
    return ''; // no such process
  }
}

/** Who runs on the folder of this file now. Rubbish, and what a killed process or another machine left, is nobody. */
export function whoRuns(file: string): Running | undefined {
  try {
    const kept = runningSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
    return kept.begun === beginningOf(kept.pid) ? kept : undefined;
  } catch {
    return undefined;
  }
}

/** Takes a data folder for this process; who has it already, or undefined when it is ours from now on. */
export function takeFolder(file: string): Running | undefined {
  const mine: Running = { pid: process.pid, begun: beginningOf(process.pid), address: '' };
  const beside = `${file}.${String(process.pid)}`;
  writeFileSync(beside, JSON.stringify(mine), { mode: 0o600 });
  try {
    for (;;) {
      try {
        // Of two that start at once one makes the file, and the other finds it there.
        linkSync(beside, file);
        return undefined;
      } catch (error) {
        if (!(error instanceof Error && 'code' in error && error.code === 'EEXIST')) throw error;
      }
      const other = whoRuns(file);
      if (other) return other;
      putAside(file);
    }
  } finally {
    rmSync(beside, { force: true });
  }
}

/** Takes a file of nobody's away; when another start has done so and put its own there, it is put back. */
function putAside(file: string): void {
  const aside = `${file}.${String(process.pid)}.old`;
  try {
    renameSync(file, aside);
  } catch {
    return; // another start was quicker
  }
  if (whoRuns(aside)) renameSync(aside, file);
  else rmSync(aside, { force: true });
}

/** Says where this process answers. */
export function tellAddress(file: string, address: string): void {
  replaceFile(file, JSON.stringify({ pid: process.pid, begun: beginningOf(process.pid), address }));
}
