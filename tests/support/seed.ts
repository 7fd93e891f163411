import fc from 'fast-check';

/** Property tests draw the same examples on every run, so that a failure is one of the change and not of the day. */
fc.configureGlobal({ seed: 20261124 });
