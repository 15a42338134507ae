import { configure } from '@testing-library/react';
import { preloadPopups } from '../../src/islands/parts/latePopups';

// What a test waits for may take long where the machine is shared; no test is about time.
configure({ asyncUtilTimeout: 15_000 });

// A test waits for nothing that comes late: the popups are there from the start.
await preloadPopups();
