import type { DocketStanding } from '../../core/index.ts';

export const standingWords: Record<DocketStanding, string> = { met: 'met', notMet: 'not met', look: 'look', unread: 'unread', notAsked: 'not asked' };

/** A standing told by shape first, then colour, and always by its word: filled knot, broken ring, half-filled ring, dotted ring, dash. */
export function Mark({ standing, word }: { standing: DocketStanding; word?: string }) {
  return <span className={`mark is-${standing}`}><Shape standing={standing} />{word ?? standingWords[standing]}</span>;
}
function Shape({ standing }: { standing: DocketStanding }) {
  const ring = { cx: 7, cy: 7, r: 4.8, fill: 'none', stroke: 'currentColor', strokeWidth: 2 };
  return (
    <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
      {standing === 'met' && <circle cx="7" cy="7" r="5.5" fill="currentColor" />}
      {standing === 'notMet' && <circle {...ring} strokeDasharray="21 10" transform="rotate(20 7 7)" />}
      {standing === 'look' && <><circle {...ring} strokeWidth={1.6} /><path d="M7 1.5a5.5 5.5 0 0 1 0 11z" fill="currentColor" /></>}
      {standing === 'unread' && <circle {...ring} strokeWidth={1.8} strokeDasharray="1.6 2.2" />}
      {standing === 'notAsked' && <path d="M2.5 7h9" stroke="currentColor" strokeWidth="1.6" />}
    </svg>
  );
}
