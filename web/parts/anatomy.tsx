import { TreemapChart } from 'echarts/charts';
import { AriaComponent } from 'echarts/components';
import { use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { anatomyGroups, showBytes, type Anatomy, type Failure } from '../../core/index.ts';
import type { FileRow } from '../store/db.ts';
import { deskPool } from '../workers/client.ts';
import { FailureNote } from './failure.tsx';
import { useChart } from './use-chart.ts';

register([TreemapChart, AriaComponent, SVGRenderer]);

/** Tones from the house's own palette, one a group; the words stand in the field and in the table beside it. */
const tones = ['ink', 'sea', 'soft', 'ochre', 'thread'] as const;

/** What is inside a file and how many bytes each part takes: a picture, and the same as a table. */
export function AnatomyView({ file, mendTo }: { file: FileRow; mendTo: string }) {
  const [anatomy, setAnatomy] = useState<Anatomy | null>(null), [failure, setFailure] = useState<Failure | null>(null);
  useEffect(() => {
    setAnatomy(null); setFailure(null);
    const job = deskPool.run((api) => api.anatomy({ name: file.name, blob: file.blob }));
    void job.outcome.then((o) => { if (o.ok) setAnatomy(o.value); else if (o.code !== 'stopped') setFailure(o); });
    return () => job.withdraw();
  }, [file.id, file.name, file.blob]);
  const groups = useMemo(() => anatomyGroups.map((g) => ({ ...g, parts: (anatomy?.parts ?? []).filter((p) => p.group === g.group) })).map((g) => ({ ...g, bytes: g.parts.reduce((n, p) => n + p.bytes, 0) })).filter((g) => g.bytes > 0).sort((a, b) => b.bytes - a.bytes), [anatomy]);
  if (failure) return <FailureNote failure={failure} />;
  if (!anatomy) return <p className="soft" role="status">Taking the file apart…</p>;
  const largest = groups[0];
  return (
    <div>
      <p style={{ marginTop: 0 }}><strong className="mono">{file.name}</strong> has {showBytes(anatomy.total)}. {largest ? <>{largest.line} take {Math.round((100 * largest.bytes) / anatomy.total)} % of it. </> : null}{groups.some((g) => ['pictures', 'earlier', 'unreachable', 'metadata'].includes(g.group)) ? <Link className="act" to={mendTo}>Make it smaller or clear it in Mend</Link> : null}</p>
      <Treemap groups={groups} total={anatomy.total} />
      <table className="ledger" style={{ marginTop: 10 }}>
        <thead><tr><th>Part</th><th style={{ textAlign: 'right' }}>Bytes</th><th style={{ textAlign: 'right' }}>Share</th></tr></thead>
        <tbody>{groups.map((g) => [
          <tr key={g.group} style={{ fontWeight: 600 }}><td>{g.line}</td><td style={{ textAlign: 'right' }}>{g.bytes.toLocaleString('en')}</td><td style={{ textAlign: 'right' }}>{share(g.bytes, anatomy.total)}</td></tr>,
          ...g.parts.slice(0, 8).map((p, i) => <tr key={`${g.group}${i}`}><td className="mono tiny" style={{ paddingLeft: 18 }}>{p.label}</td><td style={{ textAlign: 'right' }} className="tiny">{p.bytes.toLocaleString('en')}</td><td style={{ textAlign: 'right' }} className="tiny soft">{share(p.bytes, anatomy.total)}</td></tr>),
          g.parts.length > 8 ? <tr key={`${g.group}more`}><td className="tiny soft" style={{ paddingLeft: 18 }}>and {g.parts.length - 8} more</td><td /><td /></tr> : null,
        ])}</tbody>
      </table>
    </div>
  );
}
const share = (n: number, total: number): string => { const s = (100 * n) / Math.max(1, total); return s < 0.1 ? 'under 0.1 %' : `${s.toFixed(1)} %`; };

function Treemap({ groups, total }: { groups: { line: string; bytes: number; parts: { label: string; bytes: number }[] }[]; total: number }) {
  const box = useChart(useCallback((chart, colour) => {
    chart.setOption({
      animation: false, aria: { enabled: true, label: { description: `What the file is made of, by bytes: ${groups.map((g) => `${g.line} ${share(g.bytes, total)}`).join(', ')}` } },
      series: [{
        type: 'treemap', left: 0, right: 0, top: 0, bottom: 0, roam: false, nodeClick: false, breadcrumb: { show: false }, visibleMin: 20,
        label: { show: true, fontFamily: 'Source Sans 3 Variable, sans-serif', fontSize: 12, lineHeight: 16, color: colour('sheet'), overflow: 'truncate', formatter: (p: { name: string; value: number }) => `${p.name}\n${showBytes(p.value)}` },
        upperLabel: { show: true, height: 20, fontFamily: 'Source Sans 3 Variable, sans-serif', fontSize: 12, color: colour('sheet'), formatter: (p: { name: string }) => p.name },
        itemStyle: { borderColor: colour('ground'), borderWidth: 1, gapWidth: 1, borderRadius: 0 },
        levels: [{ upperLabel: { show: false }, itemStyle: { borderWidth: 0, gapWidth: 2 } }, {}, {}],
        data: groups.map((g, i) => ({ name: g.line, value: g.bytes, itemStyle: { color: colour(tones[i % tones.length]!), borderColor: colour(tones[i % tones.length]!) }, children: g.parts.map((p) => ({ name: p.label, value: p.bytes, itemStyle: { color: colour(tones[i % tones.length]!), borderColor: colour('ground') } })) })),
      }],
    } as never, true);
  }, [groups, total]));
  return <div ref={box} style={{ height: 300, width: '100%' }} />;
}
