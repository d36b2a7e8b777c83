import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { useDeferredValue, useRef } from 'react';
import { peopleQuery } from '../../api/queries.js';
import type { StoredSequence } from '@lotus-steady/requests';
import { useSequenceText } from '../../drafts/use-sequence-text.js';
import { Loading } from '../../parts/Loading.js';
import { SaveBar } from '../../parts/SaveBar.js';
import { SavedElsewhere } from '../../parts/SavedElsewhere.js';
import { readTextQuery, rehearsalQuery } from '../../worker/queries.js';
import { Blocks } from './Blocks.js';
import { ReviewPanel } from './ReviewPanel.js';
import { EarlierTexts } from './EarlierTexts.js';
import { Matches } from './Matches.js';
import { useSettling } from './use-settling.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';

const EXAMPLE = `# Slow morning
minutes: 30

Mountain, 5 breaths
Cat-cow 6x
Downward dog - 5 breaths
Warrior II each side 5 breaths
Savasana 8 min`;

/** A sequence as text on one side, what it was understood as on the other. */
export function SequenceEditor({ stored }: { stored: StoredSequence | null }) {
  const navigate = useNavigate();
  const people = useQuery(peopleQuery);
  const area = useRef<HTMLTextAreaElement>(null);
  const {
    value: text,
    change,
    save,
    state,
    takeOver,
    steps,
  } = useSequenceText(stored, ({ id }) => {
    if (stored === null) void navigate(`/sequences/${id}`, { replace: true });
  });
  const settled = useDeferredValue(text);
  const read = useQuery({ ...readTextQuery(settled), enabled: settled.trim() !== '', placeholderData: (before) => before });
  const joining = (read.data?.notes ?? []).flatMap(({ line, joins: to }) => (to === null ? [] : [{ line, to }]));
  const { settle, edit, status } = useSettling(text, change, joining);
  // Whoever begins pastes or types soon; a text that is there already makes the reader ready.
  useQuery({ ...rehearsalQuery, enabled: stored === null });
  const goToLine = (line: number) => {
    const lines = text.split('\n');
    const from = lines.slice(0, line - 1).join('\n').length + (line > 1 ? 1 : 0);
    area.current?.focus();
    area.current?.setSelectionRange(from, from + (lines[line - 1]?.length ?? 0));
  };

  return (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <PageTitle>{read.data?.sequence?.title || stored?.title || t('New sequence')}</PageTitle>
        <h1 className="text-2xl">{read.data?.sequence?.title || stored?.title || t('New sequence')}</h1>
        <SaveBar state={state} onSave={save} steps={steps} />
      </div>
      <SavedElsewhere state={state} text={text} onTakeOver={takeOver} />
      <div className="grid gap-5 lg:grid-cols-[minmax(20rem,30rem)_1fr]">
        <div>
          <label htmlFor="text" className="mb-1 block font-semibold">
            {t('Your notes, one step a line')}
          </label>
          <textarea
            ref={area}
            id="text"
            value={text}
            onChange={(event) => change(event.target.value)}
            spellCheck={false}
            placeholder={EXAMPLE}
            className="h-[26rem] w-full resize-y rounded border border-soft bg-sheet p-3 leading-7 lg:h-[calc(100dvh-15rem)]"
          />
        </div>
        <div>
          <h2 className="mb-1 text-base">{t('Understood as')}</h2>
          {status}
          {text.trim() !== '' && read.isPending ? (
            <Loading what={t('Reading')} />
          ) : (
            <Matches
              read={text.trim() === '' ? undefined : read.data}
              failure={read.error}
              onGoTo={goToLine}
              onSettle={settle}
              onEdit={edit}
            />
          )}
          {(read.data?.sequence?.steps.length ?? 0) > 0 && <ReviewPanel text={text} onChange={change} onGoTo={goToLine} />}
          <Blocks own={stored?.id ?? null} text={text} onChange={change} />
          {stored && <EarlierTexts sequence={stored.id} text={text} onChange={change} />}
          {stored && people.data && people.data.length > 0 && (
            <section aria-labelledby="adapt-for" className="mt-6">
              <h2 id="adapt-for" className="mb-2 text-base">
                {t('Adapt it for')}
              </h2>
              <ul className="flex flex-wrap gap-2">
                {people.data.map(({ id, name }) => (
                  <li key={id}>
                    <Link
                      to={`/sequences/${stored.id}/for/${id}`}
                      className="inline-block rounded border border-rule bg-sheet px-3 py-1.5 hover:border-ink"
                    >
                      {name}
                    </Link>
                  </li>
                ))}
              </ul>
              {state.is !== 'saved' && <p className="mt-2 text-sm text-soft">{t('The score uses the saved text.')}</p>}
            </section>
          )}
        </div>
      </div>
    </>
  );
}
