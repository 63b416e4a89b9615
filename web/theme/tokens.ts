/** Colours of both schemes. Paper, ink and thread; ochre for a look, sea for what is met. */
export const tokens = {
  light: { ground: '#F5F1E8', desk: '#EDE6D9', sheet: '#FFFDF8', ink: '#1C2530', soft: '#5B6470', rule: '#D8CFBF', hair: '#E7DFD1', thread: '#9A3A2A', wash: '#F6ECE4', ochre: '#8F5D0C', sea: '#2B6A66', onInk: '#FFFDF8' },
  dark: { ground: '#15191E', desk: '#101318', sheet: '#1D232A', ink: '#EDE7DB', soft: '#A9B0B9', rule: '#3B444E', hair: '#2B323A', thread: '#E08A74', wash: '#33241F', ochre: '#DDA64E', sea: '#78BDB6', onInk: '#15191E' },
} as const;
export const families = { serif: "'Source Serif 4 Variable', Georgia, serif", sans: "'Source Sans 3 Variable', 'Segoe UI', sans-serif", mono: "'IBM Plex Mono', monospace" };
