import { MEASURES, NORMAL_RANGE, roundMeasure, type Measure, type NormalMeasure } from '@lotus-steady/core';
import { amount } from '../../parts/amounts.js';
import type { VariationPage } from '../../worker/asana-page.js';
import { t } from '../../words/t.js';

/** What a page shows first: the measures that limits ask for most. */
const MAIN: readonly Measure[] = ['headBelowHeart', 'pelvisAboveHeart', 'trunkPitch', 'lumbarFlexion', 'spineRotation', 'spineLateral', 'cervicalFlexion', 'hipFlexion', 'hipAbduction', 'kneeFlexionLoaded', 'shoulderElevation', 'handLoad', 'kneeLoad', 'headLoad', 'neckLoad', 'discLoad', 'bellyClosure', 'balanceMargin', 'feetDown', 'support']; // prettier-ignore

function show(measure: Measure, value: number): string {
  const { unit } = MEASURES[measure];
  if (unit === 'cm') return amount(roundMeasure(measure, value), unit);
  if (unit === 'body weight') return `${Math.round(value * 100)} %`;
  return `${roundMeasure(measure, value)}${unit === '1' || unit === 'ratio' ? '' : ` ${unit}`}`;
}

function norm(measure: Measure): string {
  const range = (NORMAL_RANGE as Partial<Record<Measure, readonly [number, number]>>)[measure as NormalMeasure];
  return range ? t('{from} to {to}°', { from: range[0], to: range[1] }) : '';
}

/** The measures of every variation side by side; where one differs from the first it stands out. */
export function MeasureTable({ variations, all }: { variations: readonly VariationPage[]; all: boolean }) {
  const valuesOf = ({ ends }: VariationPage) => {
    // Of a movement's two ends the larger value counts.
    const worst = new Map<Measure, number>();
    for (const { measures } of ends)
      for (const { measure, value } of measures) {
        const known = worst.get(measure);
        if (known === undefined || Math.abs(value) > Math.abs(known)) worst.set(measure, value);
      }
    return worst;
  };
  const columns = variations.map(valuesOf);
  const rows = all ? (Object.keys(MEASURES) as Measure[]).filter((measure) => columns.some((column) => column.has(measure))) : MAIN;
  return (
    <div className="relative overflow-x-auto" tabIndex={0} role="region" aria-label={t('Measures of the variations')}>
      <table className="w-max min-w-full border-collapse text-sm">
        <thead>
          <tr className="border-b border-ink text-left align-bottom">
            <th scope="col" className="sticky left-0 bg-paper py-1.5 pr-4">
              {t('Measure')}
            </th>
            {variations.map(({ id, name }) => (
              <th key={id} scope="col" className="max-w-36 px-3 py-1.5 leading-tight">
                {name}
              </th>
            ))}
            <th scope="col" className="px-3 py-1.5">
              {t('Ordinary range')}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((measure) => (
            <tr key={measure} className="border-b border-rule">
              <th scope="row" className="sticky left-0 bg-paper py-1 pr-4 text-left font-normal">
                {t(MEASURES[measure].label)}
              </th>
              {columns.map((column, i) => {
                const value = column.get(measure);
                const first = columns[0]!.get(measure);
                const differs = i > 0 && value !== undefined && first !== undefined && show(measure, value) !== show(measure, first);
                return (
                  <td key={variations[i]!.id} className={`px-3 py-1 tabular-nums ${differs ? 'font-bold' : ''}`}>
                    {value === undefined ? t('not known') : show(measure, value)}
                  </td>
                );
              })}
              <td className="px-3 py-1 text-soft">{norm(measure)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
