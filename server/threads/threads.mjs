// The server runs from its TypeScript sources, and so do its threads, whoever starts them.
import { register } from 'tsx/esm/api';

register();
const { default: work } = await import('./work.ts');

export default work;
