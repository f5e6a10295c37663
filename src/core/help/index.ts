/** Help in place: what each measure means and rests on, and the words of the trade. */
export * from './measures';
export * from './terms';
