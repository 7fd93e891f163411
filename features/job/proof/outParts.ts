'use client';

/** What a car is sent out with and taken back with: in one piece, so that a line cut in between takes neither away. */
export { Away } from './Away';
export { SendOut } from './SendOut';
