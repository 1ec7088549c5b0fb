// The server runs from its TypeScript sources, and so do its workers, whoever starts them.
import { register } from 'tsx/esm/api';

register();
const { default: judgePage } = await import('./checkWorker.ts');

export default judgePage;
