export { RulesStage } from './RulesStage';
export { RulingMaker } from './RulingMaker';
export { type HouseRules, ofClient, useOverrides, useRules, useTitles } from './queries';
