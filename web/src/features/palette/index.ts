export { PaletteStage } from './PaletteStage';
