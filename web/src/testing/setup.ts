import { configure } from '@testing-library/react';

// How long something may take to appear is no business of these tests: on a busy machine a second is soon over.
configure({ asyncUtilTimeout: 20_000 });
