import { useToday } from '../session';
import { Link, useLocation } from 'react-router';
import { useState } from 'react';
import { day, words } from '../../language/format';
import { sentence } from '../../api/problem';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { Field, TextArea, TextInput } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { Tick } from '../../ui/Tick';
import { ofClient, useRules } from '../rules';
import { ColourPicker, useDesk } from '../desk';
import { Effect } from './effects';
import { say } from './messages';
import type { Brief, BriefSaver } from './queries';

interface Props {
  brief: Brief;
  saver: BriefSaver;
}

interface NumberProps {
  label: string;
  value?: number;
  least: number;
  most: number;
  whole?: boolean;
  hint?: string;
  onSave: (value: number | undefined) => void;
}

/** A number that may be left out, saved when it is left and within its range. */
function NumberField({ label, value, least, most, whole, hint, onSave }: NumberProps) {
  const [error, setError] = useState('');
  return (
    <Field label={label} hint={hint} error={error}>
      {(id) => (
        <TextInput
          key={value ?? ''}
          id={id}
          inputMode="decimal"
          className="max-w-28"
          defaultValue={value ?? ''}
          onBlur={(event) => {
            const typed = event.target.value.trim();
            const number = typed === '' ? undefined : Number(typed);
            const fits =
              number === undefined ||
              (number >= least && number <= most && (!whole || Number.isInteger(number)));
            setError(fits ? '' : `${least} to ${most}`);
            if (fits && number !== value) {
              onSave(number);
            }
          }}
        />
      )}
    </Field>
  );
}

const landmarks: [string, string][] = [
  ['shoulderCm', 'shoulder'],
  ['naturalWaistCm', 'natural waist'],
  ['hipCm', 'hip'],
  ['kneeCm', 'knee'],
  ['ankleCm', 'ankle'],
];

/** Measurements and wishes about proportion; all of it optional. */
export function ProportionSection({ brief, saver }: Props) {
  const { heights, lengthenLeg, pmvOffset } = brief.brief;
  const put = (name: string, value: number | undefined) =>
    saver.save({ heights: { ...heights, [name]: value } });
  return (
    <div>
      <p className="mb-2 text-xs text-soft">{say('optional')}</p>
      <div className="grid gap-3 @md:grid-cols-2 @xl:grid-cols-3">
        <NumberField
          label={say('stature')}
          value={heights.statureCm}
          least={50}
          most={250}
          onSave={(value) => put('statureCm', value)}
        />
        {landmarks.map(([name, label]) => (
          <NumberField
            key={name}
            label={`${label}, cm`}
            value={heights[name]}
            least={0}
            most={250}
            onSave={(value) => put(name, value)}
          />
        ))}
      </div>
      <div className="mt-3 flex flex-wrap items-end gap-6">
        <div>
          <Tick
            label={say('lengthenLeg')}
            checked={lengthenLeg}
            onChange={(on) => saver.save({ lengthenLeg: on })}
          />
          <Effect pointer="/lengthenLeg" />
        </div>
        <Field label={say('feels')}>
          {(id) => (
            <Select
              id={id}
              value={pmvOffset < 0 ? '-0.5' : pmvOffset > 0 ? '0.5' : '0'}
              options={[
                ['-0.5', say('warmer')],
                ['0', say('asAverage')],
                ['0.5', say('cooler')],
              ]}
              onChange={(value) => saver.save({ pmvOffset: Number(value) })}
            />
          )}
        </Field>
        <Effect pointer="/pmvOffset" />
      </div>
    </div>
  );
}

const palettes = ['base', 'accents', 'avoid'] as const;
const mostColours = 24;

/** The client's colours, picked on neutral grey, and metal. */
export function ColourSection({ brief, saver }: Props) {
  const { pieces } = useDesk();
  const { palette, metals } = brief.brief;
  const worn = [
    ...new Set(
      pieces.flatMap((piece) =>
        ((piece.resolved.colours as { hex: string }[] | undefined) ?? []).map((colour) => colour.hex),
      ),
    ),
  ];
  const put = (role: (typeof palettes)[number], colours: string[]) =>
    saver.save({ palette: { ...palette, [role]: colours } });
  return (
    <div className="flex flex-col gap-4">
      {palettes.map((role) => (
        <div key={role}>
          <h3 className="text-xs text-soft">{say(role)}</h3>
          <ul className="flex min-h-10 flex-wrap items-center gap-1.5 bg-rail p-2">
            {palette[role].map((hex) => (
              <li key={hex}>
                <button
                  type="button"
                  aria-label={`${say('remove')} ${hex}`}
                  title={hex}
                  className="h-8 w-8 border border-line"
                  style={{ background: hex }}
                  onClick={() =>
                    put(
                      role,
                      palette[role].filter((one) => one !== hex),
                    )
                  }
                />
              </li>
            ))}
            {palette[role].length < mostColours && (
              <li>
                <ColourPicker
                  many
                  worn={worn}
                  label={say(role)}
                  onPick={(hex) => !palette[role].includes(hex) && put(role, [...palette[role], hex])}
                >
                  {say('addColour')}
                </ColourPicker>
              </li>
            )}
          </ul>
          {role === 'avoid' ? (
            palette.avoid.map((hex, i) => (
              <div key={hex} className="mt-1 flex items-center gap-2">
                <span aria-hidden="true" className="h-3 w-3 border border-line" style={{ background: hex }} />
                <Effect pointer={`/palette/avoid/${i}`} />
              </div>
            ))
          ) : (
            <Effect pointer={`/palette/${role}`} />
          )}
        </div>
      ))}
      <Field label={say('metals')} className="max-w-48">
        {(id) => (
          <Select
            id={id}
            value={metals ?? ''}
            options={[
              ['', say('noMetal')],
              ['silver', 'silver'],
              ['gold', 'gold'],
              ['rose-gold', 'rose gold'],
            ]}
            onChange={(value) => saver.save({ metals: value || null })}
          />
        )}
      </Field>
      <Effect pointer="/metals" />
    </div>
  );
}

/** Where the client's rules differ from the studio's. */
export function SchoolsSection({ clientId }: { clientId: string }) {
  const rules = useRules(clientId).data;
  const { search } = useLocation();
  const answers = rules ? Object.entries(ofClient(rules).schools ?? {}) : [];
  return (
    <div>
      <p className="text-soft">{answers.length === 0 ? say('schoolsNone') : say('schoolsWhat')}</p>
      <ul>
        {answers.map(([question, answer]) => (
          <li key={question}>
            {words(question)}: <strong className="font-medium">{words(String(answer))}</strong>
            <Effect pointer={`/rules/schools/${question}`} />
          </li>
        ))}
      </ul>
      <Link to={`../rules${search}`} className="font-medium text-chalk">
        {say('schoolsOpen')}
      </Link>
    </div>
  );
}

export function CareSection({ brief, saver }: Props) {
  const { laundry } = brief.brief;
  const put = (part: Partial<typeof laundry>) => saver.save({ laundry: { ...laundry, ...part } });
  return (
    <div className="grid gap-3 @md:grid-cols-2 @xl:grid-cols-3">
      <NumberField
        label={say('interval')}
        value={laundry.intervalDays}
        least={1}
        most={90}
        whole
        onSave={(intervalDays) => put({ intervalDays })}
      />
      <NumberField
        label={say('drying')}
        value={laundry.dryingDays}
        least={0}
        most={14}
        whole
        onSave={(dryingDays) => put({ dryingDays })}
      />
      <NumberField
        label={say('dryClean')}
        value={laundry.dryCleanVisitsPerMonth}
        least={0}
        most={31}
        whole
        onSave={(dryCleanVisitsPerMonth) => put({ dryCleanVisitsPerMonth })}
      />
    </div>
  );
}

export function BudgetSection({ brief, saver, currency }: Props & { currency: string }) {
  const { budget } = brief.brief;
  return (
    <NumberField
      label={`${say('amount')}, ${budget?.currency ?? currency}`}
      value={budget?.amount}
      least={0}
      most={9_999_999}
      onSave={(amount) =>
        saver.save({
          budget: amount === undefined ? null : { amount, currency: budget?.currency ?? currency },
        })
      }
    />
  );
}

export function NotesSection({ brief, saver }: Props) {
  const { notes = '', photoConsent } = brief.brief;
  const today = useToday();
  return (
    <div>
      <Tick
        label={photoConsent ? say('consentOn', { date: day(photoConsent) }) : say('consent')}
        checked={photoConsent !== undefined}
        onChange={(on) => saver.save({ photoConsent: on ? today() : null })}
      />
      <Modal
        title={say('photosTitle')}
        open={saver.undecided !== null}
        onOpenChange={(open) => !open && saver.leave()}
      >
        <p>{saver.undecided && sentence(saver.undecided)}</p>
        <div className="mt-4 flex flex-wrap gap-3">
          <Button onClick={() => saver.withdraw('keep')}>{say('photosKeep')}</Button>
          <Button onClick={() => saver.withdraw('delete')}>{say('photosDelete')}</Button>
        </div>
      </Modal>
      <Field label={say('notes')}>
        {(id) => (
          <TextArea
            key={notes}
            id={id}
            rows={4}
            maxLength={4000}
            defaultValue={notes}
            onBlur={(event) =>
              event.target.value !== notes && saver.save({ notes: event.target.value || null })
            }
          />
        )}
      </Field>
    </div>
  );
}
