import { escapeXml } from '../../core/engines/xml.ts';
import { showInstant } from '../../core/index.ts';
import type { DeskStore } from './store.ts';

/** The desk's own plain page: what it takes, and what has arrived. */
export function deskPage(store: DeskStore): string {
  const places = [...store.places.values()].map((p) => `<tr><td>${escapeXml(p.title)}</td><td>${p.due ? escapeXml(showInstant(p.due, null)) : 'open'}</td><td>${p.documents.map((d) => escapeXml(`${d.label ?? 'document'}: ${d.types.join(', ') || 'any kind'}`)).join('<br>')}</td></tr>`).join('');
  const arrived = store.submissions.map((s) => `<tr><td>${escapeXml(s.id)}</td><td>${escapeXml(s.receivedAt)}</td><td>${escapeXml(s.place.title)}</td><td>${s.files.map((f) => escapeXml(f.name)).join('<br>')}</td><td><a href="/desk/submissions/${encodeURIComponent(s.id)}/receipt.pdf">receipt</a></td></tr>`).reverse().join('');
  return `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Practice desk</title><style>body{font:16px/1.5 Georgia,serif;max-width:60rem;margin:2rem auto;padding:0 1rem;color:#222;background:#eef1ef}table{border-collapse:collapse;width:100%}td,th{border-bottom:1px solid #b7c0bb;padding:.35rem .5rem;text-align:left;vertical-align:top}h1{font-weight:400}</style><h1>Practice desk</h1><p>A receiver to rehearse with. It runs on this machine and forgets everything when it is closed. Its clock says ${escapeXml(store.now().toISOString().slice(0, 16).replace('T', ' '))} UTC.</p><h2>Places</h2><table><tr><th>Place</th><th>Closes</th><th>Takes</th></tr>${places || '<tr><td colspan="3">None yet: a place is set up when a paper is sent.</td></tr>'}</table><h2>Arrived</h2><table><tr><th>Receipt</th><th>Time</th><th>Place</th><th>Files</th><th></th></tr>${arrived || '<tr><td colspan="5">Nothing yet.</td></tr>'}</table></html>`;
}
