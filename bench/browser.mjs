import { chromium } from '@playwright/test';
import { chromiumOptions } from '../e2e/chromium.mjs';

/** A browser as the tests start it. */
export const launch = () => chromium.launch(chromiumOptions);
