import { firstStamp, type StampSettings } from '#core/photo';
import { findBranch, findClient } from './branches.ts';
import { branchStampJson, clientJson, type BranchRow } from './models.ts';

/** What the next photos of a branch are stamped with: what somebody chose, or what a set begins with. */
export const stampOfBranch = ({ stamp }: Pick<BranchRow, 'stamp'>): StampSettings =>
  stamp === null ? firstStamp : branchStampJson.read(stamp);

export async function saveBranchStamp(id: number, stamp: StampSettings): Promise<void> {
  await (await findBranch(id)).update({ stamp: branchStampJson.write(stamp) });
}

export const stampsOf = async (clientId: number): Promise<StampSettings[]> =>
  clientJson.stamps.read((await findClient(clientId)).stamps);

export async function saveStamps(clientId: number, stamps: readonly StampSettings[]): Promise<void> {
  await (await findClient(clientId)).update({ stamps: clientJson.stamps.write(stamps) });
}
