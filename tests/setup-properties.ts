import fc from 'fast-check';

// A property that fails is shrunk by running it again and again, and one that takes a second would do so for hours.
fc.configureGlobal({ interruptAfterTimeLimit: 120_000 });
