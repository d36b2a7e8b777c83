import type { Conventions } from '@lotus-steady/core/sheets';
import { SelectField } from '../../parts/SelectField.js';
import { setConventions, useConventions } from '../../theme/conventions.js';
import { t } from '../../words/t.js';

/** How lengths and weeks are written on this device. */
export function ConventionFields() {
  const conventions = useConventions();
  const choose = (part: Partial<Conventions>) => setConventions({ ...conventions, ...part });
  return (
    <section className="mt-6 max-w-3xl rounded border border-rule bg-sheet p-4">
      <h2 className="text-lg">{t('Lengths and weeks')}</h2>
      <p className="mb-3 text-soft">
        {t('How they are written on this device and on what is printed from it. Dates follow the language.')}
      </p>
      <div className="flex flex-wrap items-end gap-4">
        <SelectField
          label={t('Lengths')}
          value={conventions.lengths}
          onChange={(value) => choose({ lengths: value as Conventions['lengths'] })}
        >
          <option value="cm">{t('centimetres')}</option>
          <option value="in">{t('inches')}</option>
        </SelectField>
        <SelectField
          label={t('First day of the week')}
          value={conventions.weekBegins}
          onChange={(value) => choose({ weekBegins: value as Conventions['weekBegins'] })}
        >
          <option value="monday">{t('Monday')}</option>
          <option value="sunday">{t('Sunday')}</option>
        </SelectField>
      </div>
    </section>
  );
}
