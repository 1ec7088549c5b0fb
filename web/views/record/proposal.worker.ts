import { expose } from 'comlink';
import { propose, type Proposal } from '#core/proposal';
import { readSource } from '#core/reading';

const worker = {
  /** What a source says of a business. */
  propose: (source: string, url: string): readonly Proposal[] => propose(readSource(source, url), url),
};
export type ProposalWorker = typeof worker;

expose(worker);
