import { useState } from 'react';
import { SelectField } from '../../parts/SelectField.js';
import { Thumb } from '../../parts/Thumb.js';
import { currentLook, FIGURE_LOOKS, setLook, type FigureLook, type LookPart } from '../../theme/figure-look.js';
import { t } from '../../words/t.js';

const LABELS: Readonly<Record<LookPart, string>> = { skin: t('Skin'), hair: t('Hair'), clothes: t('Clothes') };

/** What all figures look like on this device. */
export function FigureLooks() {
  const [look, set] = useState<FigureLook>(currentLook);
  const choose = (part: LookPart, value: string) => {
    const chosen = { ...look, [part]: value } as FigureLook;
    setLook(chosen);
    set(chosen);
  };
  return (
    <section className="mt-6 max-w-3xl rounded border border-rule bg-sheet p-4">
      <h2 className="text-lg">{t('Figures')}</h2>
      <p className="mb-3 text-soft">{t('How they look on this device. Paper keeps its own.')}</p>
      <div className="flex flex-wrap items-end gap-4">
        {(Object.keys(FIGURE_LOOKS) as LookPart[]).map((part) => (
          <SelectField key={part} label={LABELS[part]} value={look[part]} onChange={(value) => choose(part, value)}>
            {FIGURE_LOOKS[part].map((one) => (
              <option key={one} value={one}>
                {one}
              </option>
            ))}
          </SelectField>
        ))}
        <Thumb id="virabhadrasana-2" className="h-32 w-44" />
        <Thumb id="paschimottanasana" className="h-32 w-44" />
      </div>
    </section>
  );
}
