/** For every test of the interface: what is waited for may take long on a machine that others use too. */
import { TextEncoder } from 'node:util';
import { configure } from '@testing-library/react';

configure({ asyncUtilTimeout: 60_000 });

// jsdom has none, and the router's module asks for it as it is loaded.
globalThis.TextEncoder = TextEncoder;
