import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from '@headlessui/react';
import { CONDITIONS } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { peopleQuery, sequencesQuery } from '../api/queries.js';
import { useAsanaNames } from './use-asana-names.js';
import { INPUT } from './button-styles.js';
import { holds } from './FindField.js';
import { t } from '../words/t.js';

interface Place {
  readonly name: string;
  readonly kind: string;
  readonly to: string;
}

const SCREENS: readonly Place[] = [
  { name: 'Desk', kind: 'screen', to: '/' },
  { name: 'Paste your notes', kind: 'action', to: '/sequences/new' },
  { name: 'Build a class from nothing', kind: 'action', to: '/sequences/build' },
  { name: 'A lesson for children', kind: 'action', to: '/lesson' },
  { name: 'Practise judging', kind: 'action', to: '/practice' },
  { name: 'Add people from a file', kind: 'action', to: '/people/import' },
  { name: 'Add a person', kind: 'action', to: '/people/new' },
  { name: 'People', kind: 'screen', to: '/people' },
  { name: 'Sequences', kind: 'screen', to: '/sequences' },
  { name: 'Asanas', kind: 'screen', to: '/asanas' },
  { name: 'Limits', kind: 'screen', to: '/limits' },
  { name: 'Register of classes', kind: 'screen', to: '/register' },
  { name: 'The studio', kind: 'screen', to: '/studio' },
  { name: 'Your words', kind: 'screen', to: '/words' },
  { name: 'Account', kind: 'screen', to: '/account' },
  { name: 'The trail', kind: 'screen', to: '/account/trail' },
  { name: 'Help', kind: 'screen', to: '/help' },
];
const MOST_FOUND = 12;

/** As if the letters were typed: the list opens by that alone. */
function typeInto(field: HTMLInputElement, letters: string): void {
  const value = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value');
  value?.set?.call(field, field.value + letters);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

/** Any person, sequence, asana, condition, screen or action by a few letters of its name; `takeEarly` tells once which were typed before its field was there. */
export default function FindAnything({ takeEarly, onClose }: { takeEarly: () => string; onClose: () => void }) {
  const [wanted, setWanted] = useState('');
  const field = useRef<HTMLInputElement>(null);
  const people = useQuery(peopleQuery);
  const sequences = useQuery(sequencesQuery);
  const asanas = useAsanaNames();
  const navigate = useNavigate();
  const all: readonly Place[] = [
    ...SCREENS,
    ...(people.data ?? []).map(({ id, name }) => ({ name, kind: 'person', to: `/people/${id}` })),
    ...(sequences.data ?? []).map(({ id, title }) => ({ name: title, kind: 'sequence', to: `/sequences/${id}` })),
    ...CONDITIONS.map(({ id, name }) => ({ name, kind: 'condition', to: `/limits/${id}` })),
    ...[...(asanas ?? [])].map(([id, name]) => ({ name, kind: 'asana', to: `/asanas/${id}` })),
  ];
  const first = wanted.trim().toLowerCase();
  const found = all
    .filter(({ name }) => holds(name, wanted))
    // What begins with the letters comes first.
    .sort((one, other) => Number(other.name.toLowerCase().startsWith(first)) - Number(one.name.toLowerCase().startsWith(first)))
    .slice(0, MOST_FOUND);
  return (
    <Dialog open onClose={onClose} initialFocus={field} className="relative z-50">
      <div className="fixed inset-0 bg-ink/40" aria-hidden />
      <div className="fixed inset-x-0 top-[10vh] flex justify-center p-4">
        <DialogPanel className="w-full max-w-xl rounded-lg border border-ink bg-sheet p-4">
          <Combobox<Place | null>
            value={null}
            onChange={(place) => {
              if (!place) return;
              onClose();
              void navigate(place.to);
            }}
          >
            <ComboboxInput
              ref={field}
              aria-label={t('Find anything')}
              placeholder={t('A person, sequence, asana, condition, screen …')}
              autoComplete="off"
              className={INPUT}
              value={wanted}
              onChange={({ target }) => setWanted(target.value)}
              onFocus={({ currentTarget }) => {
                const early = takeEarly();
                if (early !== '') typeInto(currentTarget, early);
              }}
            />
            <ComboboxOptions static className="mt-2 max-h-[50vh] overflow-auto">
              {found.map((place) => (
                <ComboboxOption key={place.to} value={place} className="flex justify-between gap-4 rounded px-3 py-2 data-focus:bg-shade">
                  <span className="font-semibold">{place.name}</span>
                  <span className="text-sm text-soft">{place.kind}</span>
                </ComboboxOption>
              ))}
              {found.length === 0 && <p className="px-3 py-2 text-soft">{t('Nothing here goes by that name.')}</p>}
            </ComboboxOptions>
          </Combobox>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
