import { speaker } from '../../language/intl';

export const say = speaker({
  goesWith: 'goes with {share} of the outfits',
  undone: 'Undone: {what}',
  redone: 'Redone: {what}',
  nothingToUndo: 'Nothing to undo.',
  nothingToRedo: 'Nothing to redo.',
  day: '{date, date, ::EEEdMMM}',
  dayWeather:
    '{date, date, ::EEEdMMM}: {low, number, ::.} to {high, number, ::.} °C{wet, select, true {, rain} other {}}',
  findPiece: 'part of its name …',
  noPiece: 'No piece is called that.',
  counting: 'counting {what}',
  freshDays: '{days, plural, one {day} other {days}} before a base comes again',
  step: '{total} {what}',
  weakest: 'bases in {month}, the weakest month',
  colourTyped: 'name or #rrggbb',
  colourFree: 'any colour',
  useColour: 'Use',
  fromWardrobe: 'from the wardrobe',
  named: 'by name',
  noColour: 'No colour is called “{typed}”.',
});
