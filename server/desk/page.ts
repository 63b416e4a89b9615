import { escapeXml } from '../../core/engines/xml.ts';
import { showBytes, showInstant } from '../../core/index.ts';
import { faults } from './faults.ts';
import type { DeskPlace, DeskStore } from './store.ts';

/** The desk's own plain page: what it takes, and what has arrived. */
export function deskPage(store: DeskStore): string {
  const places = [...store.places.values()].map((p) => `<tr><td>${escapeXml(p.title)}</td><td>${p.due ? escapeXml(showInstant(p.due, null)) : 'open'}</td><td>${p.documents.map((d) => escapeXml(`${d.label ?? 'document'}: ${d.types.join(', ') || 'any kind'}`)).join('<br>')}</td><td>${rulesOf(p).map(escapeXml).join('<br>')}</td></tr>`).join('');
  const arrived = store.submissions.map((s) => `<tr><td>${escapeXml(s.id)}</td><td>${escapeXml(s.receivedAt)}</td><td>${escapeXml(s.place.title)}</td><td>${s.files.map((f) => escapeXml(f.name)).join('<br>')}</td><td><a href="/desk/submissions/${encodeURIComponent(s.id)}/receipt.pdf">receipt</a></td></tr>`).reverse().join('');
  const chosen = store.fault, options = faults.map((f) => `<option value="${f.id}"${f.id === chosen.fault ? ' selected' : ''}>${f.word}</option>`).join('');
  const mails = store.submissions.filter((m) => m.byMail).map((m) => `<li><a href="/desk/mail/${encodeURIComponent(m.id)}.eml">Receipt ${escapeXml(m.id)}</a></li>`).join('');
  const rehearse = `<h2>Rehearse</h2><form method="post" action="/desk/set"><p><label>With the next sending <select name="fault">${options}</select></label> <label>after <input name="percent" type="number" min="0" max="100" value="${chosen.percent}"> % of the bytes</label> <label><input type="checkbox" name="once" value="1" checked> only once</label> <button>Set it</button></p></form><form method="post" action="/desk/set"><p><label>The clock goes <input name="minutes" type="number" value="${store.clockMinutes}"> minutes ahead</label> <button>Set the clock</button></p></form><h2>Mailbox</h2><ul>${mails || '<li>No mail.</li>'}</ul>`;
  return `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Practice desk</title><style>body{font:16px/1.5 Georgia,serif;max-width:60rem;margin:2rem auto;padding:0 1rem;color:#222;background:#eef1ef}table{border-collapse:collapse;width:100%}td,th{border-bottom:1px solid #b7c0bb;padding:.35rem .5rem;text-align:left;vertical-align:top}h1{font-weight:400}input[type=number]{width:6em}input,select,button{font:inherit}</style><h1>Practice desk</h1><p>A receiver to rehearse with. It runs on this machine and forgets everything when it is closed. Its clock says ${escapeXml(store.now().toISOString().slice(0, 16).replace('T', ' '))} UTC.</p>${rehearse}<h2>Places</h2><table><tr><th>Place</th><th>Closes</th><th>Takes</th><th>Rules</th></tr>${places || '<tr><td colspan="4">None yet: a place is set up when a paper is sent.</td></tr>'}</table><h2>Arrived</h2><table><tr><th>Receipt</th><th>Time</th><th>Place</th><th>Files</th><th></th></tr>${arrived || '<tr><td colspan="5">Nothing yet.</td></tr>'}</table></html>`;
}

/** What a place asks for beside kinds, in plain words. */
function rulesOf(p: DeskPlace): string[] {
  return [
    ...p.parts.map((part) => `${part.label}: ${part.opens ? `from ${showInstant(part.opens, null)} ` : ''}${part.due ? `until ${showInstant(part.due, null)}` : 'open end'}`), ...(p.opens ? [`opens ${showInstant(p.opens, null)}`] : []), ...(p.maxBytes !== null ? [`at most ${showBytes(p.maxBytes)} a file`] : []), ...(p.minWords !== null ? [`at least ${p.minWords} words`] : []),
    ...(p.maxPages !== null ? [`at most ${p.maxPages} pages`] : []), ...(p.attempts !== null ? [p.attempts === 'unlimited' ? 'any number of attempts' : `${p.attempts} ${p.attempts === 1 ? 'attempt' : 'attempts'}`] : []), ...(p.keeps ? [p.keeps === 'latest' ? 'the newest counts' : 'all are kept'] : []), ...(p.anonymous ? ['marked anonymously'] : []), ...(p.declaration ? ['own work declared'] : []),
  ];
}
