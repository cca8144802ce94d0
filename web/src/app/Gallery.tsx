import { type ReactNode, useState } from 'react';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Delta } from '../ui/Delta';
import { Disclosure } from '../ui/Disclosure';
import { DrawnHere } from '../ui/Drawing';
import { Explained } from '../ui/Explained';
import { Field, TextArea, TextInput } from '../ui/Field';
import { Finder } from '../ui/Finder';
import { Mark } from '../ui/Mark';
import { Menu, MenuItem } from '../ui/Menu';
import { Modal } from '../ui/Modal';
import { Months } from '../ui/Months';
import { NameDialog } from '../ui/NameDialog';
import { useSay } from '../ui/Notices';
import { OneOf } from '../ui/OneOf';
import { Progress } from '../ui/Progress';
import { Select } from '../ui/Select';
import { Several } from '../ui/Several';
import { Spoken } from '../ui/Spoken';
import { Tick } from '../ui/Tick';
import { usePageTitle } from '../language/pageTitle';

const seasons = [
  ['', 'no weather'],
  ['spring', 'spring'],
  ['summer', 'summer'],
] as const;

const pieces = ['navy wool blazer', 'white poplin shirt', 'grey flannel trousers'].map((name) => ({
  id: name,
  name,
}));

const square = '<svg viewBox="0 0 10 10"><path d="M1 1h8v8H1z" fill="none" stroke="#17181a"/></svg>';

/** Every part of the kit in each of its states, for developers; only served by the development server. */
export function Gallery() {
  usePageTitle('Kit');
  return (
    <main className="mx-auto max-w-5xl p-6">
      <h1 className="font-serif text-2xl font-semibold">The kit</h1>
      <div className="mt-4 columns-[18rem] gap-8">
        <Actions />
        <Text />
        <Choices />
        <Many />
        <Figures />
        <Over />
      </div>
    </main>
  );
}

function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <section className="mb-6 break-inside-avoid border-t border-line pt-2">
      <h2 className="mb-2 font-medium">{name}</h2>
      <div className="flex flex-wrap items-center gap-3">{children}</div>
    </section>
  );
}

function Actions() {
  const tell = useSay();
  return (
    <>
      <Part name="Button">
        <Button look="ink">Save</Button>
        <Button>Cancel</Button>
        <Button look="link">Show more</Button>
        <Button look="ink" disabled>
          Saving
        </Button>
        <Button disabled>Not now</Button>
      </Part>
      <Part name="Menu">
        <Menu label="More to do">
          <MenuItem onSelect={() => tell('Printed')}>Print</MenuItem>
          <MenuItem onSelect={() => tell('Deleted')}>Delete</MenuItem>
        </Menu>
      </Part>
      <Part name="Notices">
        <Button onClick={() => tell('Undone: navy wool blazer')}>Tell</Button>
        <Button onClick={() => tell('Deleted', { label: 'Undo', run: () => tell('Undone') })}>
          Tell, with a way back
        </Button>
      </Part>
    </>
  );
}

function Text() {
  return (
    <>
      <Part name="Field">
        <Field label="Name" className="w-full">
          {(id) => <TextInput id={id} defaultValue="Winter, 24 pieces" />}
        </Field>
        <Field label="Price" hint="In the currency of the studio." className="w-full">
          {(id) => <TextInput id={id} placeholder="49" />}
        </Field>
        <Field label="Heel" error="At most 15 cm." className="w-full">
          {(id) => <TextInput id={id} defaultValue="150" />}
        </Field>
        <Field label="Size" className="w-full">
          {(id) => <TextInput id={id} disabled defaultValue="42" />}
        </Field>
        <Field label="Notes" className="w-full">
          {(id) => <TextArea id={id} rows={2} defaultValue="Sleeves to be shortened." />}
        </Field>
      </Part>
      <Part name="Explained">
        <Explained says="What a rule says of two pieces worn together.">pair</Explained>
      </Part>
      <Part name="Disclosure">
        <Disclosure title="Closed at first">Out of sight until it is asked for.</Disclosure>
        <Disclosure title="Open at first" open>
          In sight from the first.
        </Disclosure>
      </Part>
    </>
  );
}

function Choices() {
  const [season, setSeason] = useState('');
  const [verdict, setVerdict] = useState('works');
  const [ticked, setTicked] = useState(true);
  return (
    <>
      <Part name="Select">
        <Select label="Season" value={season} options={seasons} onChange={setSeason} />
        <Select
          label="Nothing chosen"
          value=""
          placeholder="choose one"
          options={seasons.slice(1)}
          onChange={setSeason}
        />
      </Part>
      <Part name="Choice">
        <Choice label="in" value={season} options={seasons} onChange={setSeason} />
        <Choice
          label=""
          name="Cut short"
          narrow
          value="long"
          options={[['long', 'council evening in the old hall']]}
          onChange={() => {}}
        />
      </Part>
      <Part name="OneOf">
        <OneOf
          label="Verdict"
          value={verdict}
          options={[
            ['works', 'what works'],
            ['daring', 'daring as well'],
          ]}
          onChange={setVerdict}
        />
      </Part>
      <Part name="Tick">
        <Tick label="Favourite" checked={ticked} onChange={setTicked} />
        <Tick label="Unticked" checked={false} />
        <Tick label="Disabled" checked disabled />
        <Tick label="Bare, for a row" bare checked={ticked} onChange={setTicked} />
      </Part>
    </>
  );
}

function Many() {
  const [months, setMonths] = useState([12, 1, 2]);
  const [tags, setTags] = useState(['work']);
  const [found, setFound] = useState('');
  return (
    <>
      <Part name="Months">
        <Months label="Worn in" value={months} onChange={setMonths} />
      </Part>
      <Part name="Several">
        <Several label="Tags" options={['work', 'travel', 'evening']} value={tags} onChange={setTags} />
      </Part>
      <Part name="Finder">
        <Finder
          label="Find a piece"
          items={pieces}
          placeholder="part of its name …"
          none="No piece is called that."
          className="min-h-8 border border-line px-3"
          onPick={({ name }) => setFound(name)}
        >
          {found || 'Find a piece'}
        </Finder>
      </Part>
    </>
  );
}

function Figures() {
  return (
    <>
      <Part name="Mark">
        {['works', 'daring', 'no', 'credit', 'note', 'minor', 'major', 'stop'].map((kind) => (
          <span key={kind} className="flex items-center gap-1.5">
            <Mark kind={kind} /> {kind}
          </span>
        ))}
      </Part>
      <Part name="Spoken, Delta">
        <Spoken of={187} />
        <Spoken of="357372669" />
        <span>
          187
          <Delta change={12} />
        </span>
        <span>
          187
          <Delta change={-40} />
        </span>
      </Part>
      <Part name="Progress">
        <Progress label="Not known how far" value={0} className="w-full" />
        <Progress label="A third" value={1 / 3} className="w-full" />
        <Progress label="Done" value={1} className="w-full" />
      </Part>
      <Part name="Drawing">
        <DrawnHere svg={square} name="a square" className="h-12 w-12" />
      </Part>
    </>
  );
}

function Over() {
  const [open, setOpen] = useState<'dialog' | 'name' | null>(null);
  const change = (isOpen: boolean) => !isOpen && setOpen(null);
  return (
    <Part name="Modal, NameDialog">
      <Button onClick={() => setOpen('dialog')}>Open a dialog</Button>
      <Button onClick={() => setOpen('name')}>Ask for a name</Button>
      <Modal title="Two people changed this" open={open === 'dialog'} onOpenChange={change}>
        <p>Which of the two is to stay?</p>
      </Modal>
      <NameDialog
        title="Save the capsule"
        open={open === 'name'}
        name="Winter, 24 pieces"
        notes=""
        onOpenChange={change}
        onSave={() => setOpen(null)}
      />
    </Part>
  );
}
