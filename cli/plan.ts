import { readFileSync } from 'node:fs';
import { type FileError, type FileResult, type OpenedStand, readStandFile } from '@/files';
import { isBundle, readBundle } from '@/files/bundle';
import { workings } from '@/words';
import { planStand, type SolvedStand } from './plan-report';
import { explainText, planText } from './plan-text';

const USAGE = `usage: npm run --silent plan -- FILE... [--json] [--explain]
Solves stand files (.paleseam.json, or .paleseam.zip with their pictures); "-" reads one from standard input. --explain prints the working of every figure.`;

const OPTIONS = ['--json', '--explain'];

/** A file that could not even be read is refused like one whose contents are at fault. */
type Refusal = Omit<FileError, 'code'> & { readonly code: FileError['code'] | 'unreadable' };

function open(file: string): FileResult<OpenedStand> | { ok: false; error: Refusal } {
  try {
    const bytes = new Uint8Array(readFileSync(file === '-' ? 0 : file));
    if (!isBundle(bytes)) return readStandFile(new TextDecoder().decode(bytes));
    const bundle = readBundle(bytes);
    return bundle.ok ? readStandFile(bundle.value.text) : bundle;
  } catch (error) {
    return { ok: false, error: { code: 'unreadable', path: '', message: (error as Error).message } };
  }
}

interface Solved {
  readonly file: string;
  readonly solved: SolvedStand;
}

/** Runs the command; the exit status is 0, or 2 when any file or the call itself was refused. */
function main(args: readonly string[]): number {
  const json = args.includes('--json');
  const explain = args.includes('--explain');
  const files = args.filter((a) => a === '-' || !a.startsWith('-'));
  const unknown = args.find((a) => a !== '-' && a.startsWith('-') && !OPTIONS.includes(a));
  if (unknown || !files.length) {
    process.stderr.write(unknown ? `plan: ${unknown} is not an option\n${USAGE}\n` : `${USAGE}\n`);
    return 2;
  }
  const several = files.length > 1;
  const jsonText = ({ file, solved }: Solved) => {
    const { report } = solved;
    const whole = explain ? { ...report, workings: workings(solved) } : report;
    return several ? `${JSON.stringify({ file, ...whole })}\n` : `${JSON.stringify(whole, null, 2)}\n`;
  };
  const wordsText = ({ file, solved }: Solved) =>
    [several && `${file}: `, planText(solved), explain && explainText(solved), several && '\n']
      .filter(Boolean)
      .join('');
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
    const solved = { file, solved: planStand(opened.value.stand, opened.value.bag) };
    process.stdout.write(json ? jsonText(solved) : wordsText(solved));
  }
  return status;
}

process.exitCode = main(process.argv.slice(2));
