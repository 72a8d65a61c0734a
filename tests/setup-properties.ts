import fc from 'fast-check';

// A property ends by its runs, never by the clock. One that fails is told with its seed and path at once: to shrink it means to
// run it again and again, and one that takes a second would do so for hours. SHRINK=1 does it all the same.
fc.configureGlobal({ endOnFailure: process.env.SHRINK !== '1' });
