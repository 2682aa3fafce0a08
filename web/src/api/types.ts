import type { components } from './schema.gen';

type Schemas = components['schemas'];

export type StepDocument = Schemas['StepDocument'];
export type PassageDocument = Schemas['PassageDocument'];
export type ScoreDocument = Schemas['ScoreDocument'];
export type PulseDocument = Schemas['PulseDocument'];
export type ClicksDocument = Schemas['ClicksDocument'];
export type Fix = Schemas['FixPart'];
export type Ladder = Schemas['LadderForm'];
export type LadderAnswer = Schemas['LadderAnswer'];
export type Step = Schemas['StepView'];
export type Student = Schemas['StudentView'];
export type Assignment = Schemas['AssignmentView'];
export type DeskLine = Schemas['DeskLine'];
export type KeyPath = Schemas['KeyPathView'];
export type KeyStone = Schemas['StoneView'];
export type Today = Schemas['Today'];
export type TodayItem = Schemas['TodayItem'];
export type TakeForm = Schemas['TakeForm'];
export type Catalogue = Schemas['Catalogue'];
export type Session = Schemas['SessionView'];
export type Slip = Schemas['SlipPart'];
