// The server runs from its TypeScript sources, and so do its workers, whoever starts them.
import { register } from 'tsx/esm/api';

register();
const { default: judge } = await import('./checkWorker.ts');

export default judge;
