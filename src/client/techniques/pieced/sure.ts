/** How sure a cut length has to be, in words. */
export const sure = [
  { name: '0.5', label: 'even chance' },
  { name: '0.75', label: 'two in three' },
  { name: '0.9', label: 'nine in ten' },
  { name: '0.95', label: 'nineteen in twenty' },
];
