import { type Much, type Remedy, type SightOf, type Told } from '@/model';

/** The one question that tells causes apart that are no matter of the exposure, and what follows from each answer. */
export interface CauseQuestion {
  readonly question: string;
  readonly answers: readonly { readonly text: string; readonly then: string }[];
}

/** How one thing that a shot can show is worded. */
export interface SightWords {
  /** What it is called on its button. */
  readonly name: string;
  /** What of it is asked first; absent where there is nothing to ask. */
  readonly question?: string;
  /** What shows it, and how much of it, where that is not called as everywhere. */
  readonly ofs?: Readonly<Partial<Record<SightOf, string>>>;
  readonly muches?: Readonly<Partial<Record<Much, string>>>;
  /** Its remedies, where they are not called as everywhere. */
  readonly remedies?: Readonly<Partial<Record<Remedy['by'], string>>>;
  /** What else is to be said of it: what it may come from, what helps, what that costs. */
  readonly advice: string | ((told: Told) => string);
  readonly cause?: CauseQuestion;
  /** What must be told to show it, for its cause to be asked; absent: it is asked always. */
  readonly causeOf?: SightOf;
}
