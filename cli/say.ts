/** One line on the error stream. */
export function say(line: string): void { process.stderr.write(`handover: ${line.replace(/\s*\n\s*/g, ' ')}\n`); }
