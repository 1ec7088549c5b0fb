import { expose } from 'comlink';
import { propose, type Proposal } from '#core/proposal';
import { readSource } from '#core/reading';
import { loadTypeOfWord } from '#core/vocabulary';

const worker = {
  /** What a source says of a business. */
  propose: async (source: string, url: string): Promise<readonly Proposal[]> =>
    propose(readSource(source, url), url, await loadTypeOfWord()),
};
export type ProposalWorker = typeof worker;

expose(worker);
