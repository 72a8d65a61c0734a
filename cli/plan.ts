import { type OpenedStand } from '@/files';
import { workings } from '@/words';
import { openFile, refusal, type Result } from './open-file';
import { planStand, type SolvedStand } from './plan-report';
import { explainText, planText } from './plan-text';

const USAGE = `usage: npm run --silent plan -- FILE... [--json] [--explain]
Solves stand files (.paleseam.json, or .paleseam.zip with their pictures); "-" reads one from standard input. --explain prints the working of every figure.`;

const OPTIONS = ['--json', '--explain'];

/** Solves a stand; what breaks on one file keeps none of the others from being answered. */
function solve({ stand, bag }: OpenedStand): Result<SolvedStand> {
  try {
    return { ok: true, value: planStand(stand, bag) };
  } catch (error) {
    return refusal('failed', `could not be worked out: ${(error as Error).message}`);
  }
}

interface Solved {
  readonly file: string;
  readonly solved: SolvedStand;
}

/** Runs the command; the exit status is 0, or 2 when any file or the call itself was refused. */
async function main(args: readonly string[]): Promise<number> {
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
    const opened = await openFile(file);
    const result = opened.ok ? solve(opened.value) : opened;
    if (!result.ok) {
      status = 2;
      const { path, message } = result.error;
      process.stderr.write(`${file}: ${path ? `${path}: ` : ''}${message}\n`);
      if (json && several) process.stdout.write(`${JSON.stringify({ file, error: result.error })}\n`);
      continue;
    }
    const solved = { file, solved: result.value };
    process.stdout.write(json ? jsonText(solved) : wordsText(solved));
  }
  return status;
}

process.exitCode = await main(process.argv.slice(2));
