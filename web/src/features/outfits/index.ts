export { Changes } from './Changes';
export { OutfitCard } from './OutfitCard';
export { Reasons } from './Reasons';
export { useOutfits, useVerdict } from './queries';
