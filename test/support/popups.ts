import { preloadPopups } from '../../src/islands/parts/latePopups';

// A test waits for nothing that comes late: the popups are there from the start.
await preloadPopups();
