/** For every test of the interface: what is waited for may take long on a machine that others use too. */
import { configure } from '@testing-library/react';

configure({ asyncUtilTimeout: 60_000 });
