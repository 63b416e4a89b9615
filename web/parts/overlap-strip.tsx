import type { SharedPassage } from '../../core/index.ts';

/** The paper from its first word to its last; shared passages stand where they are and as long as they are. Height and hatching tell, not colour alone:
 * full height is neither quoted nor cited, half is one of the two, a thin line both. */
export function OverlapStrip({ words, passages, chosen, choose }: { words: number; passages: SharedPassage[]; chosen: number; choose: (i: number) => void }) {
  const at = (word: number): number => (word / Math.max(1, words)) * 1000;
  return (
    <svg viewBox="0 0 1000 56" preserveAspectRatio="none" role="group" aria-label="The paper from first to last word with its shared passages" style={{ width: '100%', height: 56, display: 'block' }}>
      <line x1="0" x2="1000" y1="44" y2="44" stroke="var(--rule)" strokeWidth="2" />
      {passages.map((p, i) => {
        const aside = p.references || p.template, height = aside ? 4 : p.quoted && p.cited ? 8 : p.quoted || p.cited ? 20 : 36, x = at(p.paper.start), width = Math.max(3, at(p.paper.end) - x);
        return <rect key={i} x={x} y={44 - height} width={width} height={height} fill={aside ? 'var(--soft)' : p.quoted && p.cited ? 'var(--sea)' : p.cited ? 'var(--ochre)' : 'var(--thread)'} stroke={i === chosen ? 'var(--ink)' : 'none'} strokeWidth="2" vectorEffect="non-scaling-stroke" role="button" tabIndex={0} aria-label={`${p.words} words from ${p.source.file}`} onClick={() => choose(i)} onKeyDown={(e) => { if (e.key === 'Enter' || e.key === ' ') choose(i); }} style={{ cursor: 'pointer' }} />;
      })}
    </svg>
  );
}
