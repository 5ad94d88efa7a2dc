import type { components } from './schema.gen';

type Schemas = components['schemas'];

export type Spec = Schemas['SpecPart'];
export type Foot = Schemas['FootPart'];
export type Reading = Schemas['ReadingPart'];
export type Yarn = Schemas['YarnPart'];
export type Choices = Schemas['ChoicesPart'];
export type Plan = Schemas['PlanView'];
export type Figure = Schemas['FigureView'];
export type Step = Schemas['StepView'];
export type Rule = Schemas['RuleView'];
export type Unit = Figure['unit'];
export type Shaping = Schemas['ShapingView'];
export type ShapingRound = Schemas['RoundView'];
export type Outline = Schemas['Outline'];
export type AxisRound = Schemas['AxisRound'];
export type Section = AxisRound['section'];
export type Pair = Schemas['PairView'];
export type PairWrite = Schemas['PairWrite'];
export type KeptFoot = Schemas['FootView'];
export type KeptSwatch = Schemas['SwatchView'];
export type KeptYarn = Schemas['YarnView'];
