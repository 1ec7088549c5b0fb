import { archiveProgressSchema, type ArchiveProgress } from '#contract';
import { fileBody, stream } from './request.ts';

type Made = Extract<ArchiveProgress, { clientId: number }>;

/** Sends the zip of a client and tells how far it has come; what was made, or an error with what was kept. */
export async function takeClientArchive(
  file: File,
  signal: AbortSignal,
  told: (done: number, total: number) => void,
): Promise<Made> {
  const response = await stream('takeArchive', {}, { files: fileBody(file, file.name), signal });
  const reader = response.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    const lines = (rest + (value ?? '')).split('\n');
    rest = done ? '' : (lines.pop() ?? '');
    for (const line of lines.filter(Boolean)) {
      const step = archiveProgressSchema.parse(JSON.parse(line));
      if ('problem' in step) throw new Error(step.problem);
      if ('clientId' in step) return step;
      told(step.done, step.total);
    }
    if (done) throw new Error('The application stopped before the end. Nothing of the archive was taken in.');
  }
}
