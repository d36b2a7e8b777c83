import { answersInWords, type ConditionAnswer } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { INPUT, PRIMARY } from '../../parts/button-styles.js';
import { findConditionName } from '../../parts/condition-name.js';
import { explain } from '../../parts/Failure.js';
import { OpenFile } from '../../parts/OpenFile.js';
import { letterQuery } from '../../worker/queries.js';
import { t } from '../../words/t.js';

/** A letter is no longer than this; a whole file of papers is none. */
const MOST_LETTERS = 20_000;

/** Somebody's answers with those that were taken from a letter: what it gives goes before what stood there. */
export function answersWith(conditions: readonly ConditionAnswer[], taken: readonly ConditionAnswer[]): ConditionAnswer[] {
  const byId = new Map(conditions.map((one) => [one.id, one]));
  for (const answer of taken) byId.set(answer.id, { ...byId.get(answer.id), ...answer });
  return [...byId.values()];
}

interface Props {
  readonly conditions: readonly ConditionAnswer[];
  readonly onTake: (conditions: ConditionAnswer[]) => void;
}

/** A referral letter or report: what it names is proposed with its own sentences, and only what is ticked is taken. The text is not kept. */
export function Letter({ conditions, onTake }: Props) {
  const [text, setText] = useState('');
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [told, setTold] = useState('');
  const label = useId();
  const reading = useQuery(letterQuery(text));
  const write = (next: string) => {
    setText(next.slice(0, MOST_LETTERS));
    setTicked(new Set());
    setTold('');
  };
  const turn = (id: string) => {
    const next = new Set(ticked);
    if (!next.delete(id)) next.add(id);
    setTicked(next);
  };
  const { found = [], not = [] } = (text.trim() !== '' && reading.data) || {};
  const take = () => {
    onTake(
      answersWith(
        conditions,
        found.map(({ answer }) => answer).filter(({ id }) => ticked.has(id)),
      ),
    );
    write('');
    setTold(t('Taken in. Look through the answers below, and save.'));
  };
  return (
    <details className="max-w-2xl rounded border border-rule px-3 py-2">
      <summary className="cursor-pointer font-semibold">{t('From a letter or report')}</summary>
      <div className="space-y-3 py-2">
        <label htmlFor={label} className="block text-sm">
          {t('Paste its text. What it names is proposed below; the letter itself is not kept.')}
        </label>
        <textarea
          id={label}
          rows={5}
          className={INPUT}
          value={text}
          maxLength={MOST_LETTERS}
          onChange={({ target }) => write(target.value)}
        />
        <OpenFile
          label={t('Open a text file …')}
          name={t('File with a letter')}
          accept=".txt,.md,text/plain"
          onFile={(chosen) => void chosen.text().then(write)}
        />
        {reading.isError && text.trim() !== '' && (
          <p role="alert" className="text-sm text-accent">
            {explain(reading.error)}
          </p>
        )}
        {reading.data && text.trim() !== '' && found.length === 0 && <p>{t('No condition is named in it, as far as can be told.')}</p>}
        {found.length > 0 && (
          <fieldset>
            <legend className="text-sm font-semibold">{t('Tick what is so')}</legend>
            <ul className="mt-1 space-y-2">
              {found.map((one) => (
                <li key={one.answer.id} className="border-l-2 border-ink pl-3">
                  <label className="flex items-baseline gap-2">
                    <input
                      type="checkbox"
                      className="size-4 shrink-0 accent-ink"
                      checked={ticked.has(one.answer.id)}
                      onChange={() => turn(one.answer.id)}
                    />
                    <span>
                      <strong>{findConditionName(one.answer.id)}</strong>
                      {conditions.some(({ id }) => id === one.answer.id) && t(' (here already)')}
                      <span className="block text-sm">{answersInWords(one.answer).join('; ')}</span>
                    </span>
                  </label>
                  {one.quotes.map((quote) => (
                    <blockquote key={quote} className="pl-6 text-sm text-soft">
                      “{quote}”
                    </blockquote>
                  ))}
                </li>
              ))}
            </ul>
            <button type="button" className={`${PRIMARY} mt-3`} disabled={ticked.size === 0} onClick={take}>
              {t('Take in what is ticked')}
            </button>
          </fieldset>
        )}
        {not.length > 0 && (
          <div className="text-sm">
            <p className="font-semibold">{t('Named, and not proposed')}</p>
            <ul className="list-disc pl-5">
              {not.map(({ condition, why, quote }) => (
                <li key={condition}>
                  {findConditionName(condition)}, {why === 'family' ? t('told of the family') : t('denied')}: “{quote}”
                </li>
              ))}
            </ul>
          </div>
        )}
        <p role="status" className="text-sm">
          {told}
        </p>
      </div>
    </details>
  );
}
