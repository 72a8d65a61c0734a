import { readFileSync } from 'node:fs';
import { type FileError, type FileResult, type OpenedStand, readStandFile } from '@/files';
import { planStand } from './plan-report';
import { planText } from './plan-text';

const USAGE = `usage: npm run --silent plan -- FILE... [--json]
Solves stand files (.paleseam.json); "-" reads one from standard input.`;

/** A file that could not even be read is refused like one whose contents are at fault. */
type Refusal = Omit<FileError, 'code'> & { readonly code: FileError['code'] | 'unreadable' };

function open(file: string): FileResult<OpenedStand> | { ok: false; error: Refusal } {
  try {
    return readStandFile(readFileSync(file === '-' ? 0 : file, 'utf8'));
  } catch (error) {
    return { ok: false, error: { code: 'unreadable', path: '', message: (error as Error).message } };
  }
}

/** Runs the command; the exit status is 0, or 2 when any file or the call itself was refused. */
function main(args: readonly string[]): number {
  const json = args.includes('--json');
  const files = args.filter((a) => a === '-' || !a.startsWith('-'));
  const unknown = args.find((a) => a !== '-' && a.startsWith('-') && a !== '--json');
  if (unknown || !files.length) {
    process.stderr.write(unknown ? `plan: ${unknown} is not an option\n${USAGE}\n` : `${USAGE}\n`);
    return 2;
  }
  const several = files.length > 1;
  let status = 0;
  for (const file of files) {
    const opened = open(file);
    if (!opened.ok) {
      status = 2;
      const { path, message } = opened.error;
      process.stderr.write(`${file}: ${path ? `${path}: ` : ''}${message}\n`);
      if (json && several) process.stdout.write(`${JSON.stringify({ file, error: opened.error })}\n`);
      continue;
    }
    const solved = planStand(opened.value.stand, opened.value.bag);
    if (json)
      process.stdout.write(
        several
          ? `${JSON.stringify({ file, ...solved.report })}\n`
          : `${JSON.stringify(solved.report, null, 2)}\n`,
      );
    else process.stdout.write(`${several ? `${file}: ` : ''}${planText(solved)}${several ? '\n' : ''}`);
  }
  return status;
}

process.exitCode = main(process.argv.slice(2));
