import { findConditions, type Condition } from '@lotus-steady/core';
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Label, Field } from '@headlessui/react';
import { useState } from 'react';
import { INPUT } from '../../parts/button-styles.js';
import { t } from '../../words/t.js';

/** Finds a condition by its name or the plain words people use for it. */
export function AddCondition({ present, onAdd }: { present: readonly string[]; onAdd: (condition: Condition) => void }) {
  const [wanted, setWanted] = useState('');
  const open = findConditions(wanted).filter(({ id }) => !present.includes(id));
  return (
    <Field className="relative max-w-md">
      <Label className="mb-1 block text-sm font-semibold">{t('Add a condition or stage of life')}</Label>
      <Combobox<Condition | null>
        immediate
        value={null}
        onChange={(condition) => {
          if (condition) onAdd(condition);
          setWanted('');
        }}
        onClose={() => setWanted('')}
      >
        <ComboboxInput
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
          placeholder={t('high BP, slipped disc, expecting …')}
          className={INPUT}
          autoComplete="off"
        />
        <ComboboxOptions className="absolute z-10 mt-1 max-h-80 w-full overflow-y-auto rounded border border-soft bg-sheet shadow-lg">
          {open.map((condition) => (
            <ComboboxOption key={condition.id} value={condition} className="px-3 py-2 data-focus:bg-shade">
              <span className="font-semibold">{t(condition.name)}</span>
              <span className="block text-sm text-soft">{condition.words.slice(0, 4).join(', ')}</span>
            </ComboboxOption>
          ))}
          {open.length === 0 && (
            <p className="px-3 py-2 text-sm text-soft">{t('No condition here goes by that name. If in doubt, refer.')}</p>
          )}
        </ComboboxOptions>
      </Combobox>
    </Field>
  );
}
