import { defineCheck, atName, look, stops } from '../define.ts';

/** Names that one widespread system reserves for devices. Common practice, no published source. */
const devices = /^(con|prn|aux|nul|com\d|lpt\d)(\.|$)/i;

export const nameCharacters = defineCheck({
  id: 'name.characters', needs: [], mend: 'rename', reference: 'common practice, no published source',
  asked: () => 'characters that every system takes',
  found: ({ file }) => file.name,
  evaluate: ({ file }) => {
    const refused = [...new Set(file.name.match(/[<>:"/\\|?*]|\p{Cc}/gu) ?? [])];
    if (refused.length > 0) return [stops('refused', { characters: refused.map((c) => (c < ' ' ? `control character ${c.charCodeAt(0)}` : c)).join(' ') }, atName)];
    if (/^[\s]|[\s.]$|\s\.[^.]+$/.test(file.name)) return [stops('edges', {}, atName)];
    if (devices.test(file.name)) return [stops('device', { name: file.name }, atName)];
    return /[^\x20-\x7e]/.test(file.name) ? [look('beyondAscii', { characters: [...new Set(file.name.match(/[^\x20-\x7e]/gu))].join(' ') }, atName)] : [];
  },
});
