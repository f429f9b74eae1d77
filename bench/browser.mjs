import { chromium } from '@playwright/test';
import { chromiumOptions } from '../e2e/chromium.mjs';

/** A browser as the tests start it. */
export const launch = () => chromium.launch(chromiumOptions);

/**
 * The longest task while an element, or what it lies in, is scrolled in steps of so many px down and across, ms. It stands at its
 * beginning again afterwards.
 */
export const longestTask = (page, selector, [down, across]) =>
  page.evaluate(
    async ([wanted, y, x]) => {
      let element = document.querySelector(wanted);
      while (element.scrollHeight <= element.clientHeight) element = element.parentElement;
      let most = 0;
      const observer = new PerformanceObserver((list) => {
        for (const { duration } of list.getEntries()) most = Math.max(most, duration);
      });
      observer.observe({ type: 'longtask' });
      for (let step = 0; step <= 120; step++) {
        element.scrollTop = step * y;
        element.scrollLeft = step * x;
        await new Promise(requestAnimationFrame);
      }
      await new Promise((done) => setTimeout(done, 300));
      observer.disconnect();
      element.scrollTo(0, 0);
      return most;
    },
    [selector, down, across],
  );
