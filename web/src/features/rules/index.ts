export { RulingMaker } from './RulingMaker';
export { type HouseRules, ofClient, useOverrides, useRules, useTitles } from './queries';
