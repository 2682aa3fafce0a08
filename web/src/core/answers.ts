import { Problem } from '../api/client';
import type { components } from '../api/schema.gen';
import { ask } from './core';

type Schemas = components['schemas'];

/** What can be asked, by its name, and what it is answered with. */
export interface Questions {
  passage: { asked: Schemas['PassageAsked']; answer: Schemas['PassageDocument'] };
  edit: { asked: Schemas['EditAsked']; answer: Schemas['EditAnswer'] };
  choices: { asked: Schemas['ChoicesAsked']; answer: Schemas['ChoicesAnswer'] };
  readings: { asked: Schemas['ReadingsAsked']; answer: Schemas['ReadingsAnswer'] };
  said: { asked: Schemas['SaidAsked']; answer: Schemas['SaidAnswer'] };
  with: { asked: Schemas['WithAsked']; answer: Schemas['WithAnswer'] };
  fingers: { asked: Schemas['FingersAsked']; answer: Schemas['FingersDocument'] };
  'walk-options': { asked: Schemas['WalkOptionsQuery']; answer: Schemas['WalkOptions'] };
  tour: { asked: Schemas['TourAsked']; answer: Schemas['TourAnswer'] };
  climb: { asked: Schemas['ClimbAsked']; answer: Schemas['ClimbAnswer'] };
  'climb-edit': { asked: Schemas['ClimbEditAsked']; answer: Schemas['ClimbEditAnswer'] };
  growth: { asked: Schemas['GrowthAsked']; answer: Schemas['GrowthAnswer'] };
  fit: { asked: Schemas['FitAsked']; answer: Schemas['FitAnswer'] };
  pattern: { asked: Schemas['PatternAsked']; answer: Schemas['PatternAnswer'] };
  today: { asked: Schemas['TodayAsked']; answer: Schemas['Today'] };
  rung: { asked: Schemas['RungAsked']; answer: Schemas['PassageDocument'] };
  run: { asked: Schemas['RunAsked']; answer: Schemas['RunAnswer'] };
  ran: { asked: Schemas['RanAsked']; answer: Schemas['RanAnswer'] };
  takes: { asked: Schemas['TakesAsked']; answer: Schemas['TakesAnswer'] };
  caution: { asked: Schemas['CautionAsked']; answer: Schemas['CautionAnswer'] };
  taps: { asked: Schemas['TapsAsked']; answer: Schemas['TapsAnswer'] };
  sound: { asked: Schemas['SoundAsked']; answer: Schemas['SoundAnswer'] };
  latency: { asked: Schemas['LatencyAsked']; answer: Schemas['LatencyAnswer'] };
  plan: { asked: Schemas['PlanAsked']; answer: Schemas['PlanAnswer'] };
  forecast: { asked: Schemas['ForecastAsked']; answer: Schemas['StepForecast'] };
  catalogue: { asked: Record<string, never>; answer: Schemas['Catalogue'] };
}

/** Stands before a problem, where no document begins. */
const REFUSED = '!';
const UNPROCESSABLE = 422;

/** The document that an answer says; throws the problem where it is refused. */
export function read<T>(text: string): T {
  if (!text.startsWith(REFUSED)) return JSON.parse(text) as T;
  const problem = JSON.parse(text.slice(REFUSED.length)) as Schemas['ProblemDocument'];
  throw new Problem(UNPROCESSABLE, problem.detail, problem.pointer, problem.fits, problem.position);
}

/** The answer to a question, at once; throws a problem where it is refused. */
export function answer<Q extends keyof Questions>(
  what: Q,
  asked: Questions[Q]['asked'],
): Questions[Q]['answer'] {
  return read(ask(what, JSON.stringify(asked)));
}

/** What came of a question: an answer, or why there is none. */
export type Outcome<T> = { answer: T; refused?: undefined } | { answer?: undefined; refused: Error };

/** The answer, or the problem as a value. */
export function tried<Q extends keyof Questions>(
  what: Q,
  asked: Questions[Q]['asked'],
): Outcome<Questions[Q]['answer']> {
  try {
    return { answer: answer(what, asked) };
  } catch (error) {
    return { refused: error as Error };
  }
}
