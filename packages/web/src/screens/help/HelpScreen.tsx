import { Link } from 'react-router';
import { KeyList } from '../../parts/KeysDialog.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';

interface Part {
  readonly title: string;
  /** The screen that it is about, from the invented hall. */
  readonly picture: { readonly src: string; readonly alt: string };
  readonly says: readonly string[];
  readonly to: string;
  readonly go: string;
}

const PARTS: readonly Part[] = [
  {
    title: t('1. Write down who comes'),
    picture: {
      src: new URL('../../../../../docs/screenshots/intake.png', import.meta.url).href,
      alt: t('A person’s page: the questions that decide, each with why it is asked, and beside them what the answers mean today.'),
    },
    says: [
      t('A name is enough to begin. What you know of their health, in plain words, finds its questions: “bad knees”, “expecting”.'),
      t('Beside it stands what it means today: may practise, a doctor’s letter first, or not today.'),
    ],
    to: '/people/new',
    go: t('Add a person'),
  },
  {
    title: t('2. Write your class as you always do'),
    picture: {
      src: new URL('../../../../../docs/screenshots/sequence.png', import.meta.url).href,
      alt: t('Notes on the left as they were typed; on the right each line with its figure, side and dose.'),
    },
    says: [
      t('One step a line, in your own words. The right side shows how each line was read; an unsure line asks, and is never guessed.'),
      t('What you settle once is your word from then on.'),
    ],
    to: '/sequences/new',
    go: t('Paste your notes'),
  },
  {
    title: t('3. See what everybody does'),
    picture: {
      src: new URL('../../../../../docs/screenshots/class.png', import.meta.url).href,
      alt: t('A class as a score: a line for each person, a figure wherever somebody does something else.'),
    },
    says: [
      t(
        'The score runs from left to right. A line that runs on is as given; a figure on it is what somebody does instead, with the reason one tap away.',
      ),
      t('You can take another way for anybody, move steps, make them longer or shorter, and undo it all.'),
    ],
    to: '/',
    go: t('Open a score from the desk'),
  },
  {
    title: t('4. Teach it, and note how it was'),
    picture: {
      src: new URL('../../../../../docs/screenshots/teach.png', import.meta.url).href,
      alt: t('Teaching: the figure, the words to say, the breath and the time in large letters, and who does what.'),
    },
    says: [
      t(
        'At the door: who is here, and how they are today. Then the words to say, the time, the breath and who does what, to be read from two metres.',
      ),
      t(
        'One tap on a name marks who stopped or was in pain. Afterwards the log takes a minute, and proposes what the next plan could take up.',
      ),
    ],
    to: '/register',
    go: t('The register of classes'),
  },
];

/** How it all goes, in four steps, and the keys. */
export function HelpScreen() {
  return (
    <div className="max-w-3xl">
      <PageTitle>{t('Help')}</PageTitle>
      <h1 className="mb-4 text-2xl">{t('How it goes')}</h1>
      <ol className="space-y-5">
        {PARTS.map(({ title, picture: { src, alt }, says, to, go }) => (
          <li key={title} className="rounded border border-rule bg-sheet p-4">
            <h2 className="text-lg">{title}</h2>
            {says.map((text) => (
              <p key={text} className="mt-1">
                {text}
              </p>
            ))}
            <Link to={to} className="mt-2 inline-block underline">
              {go}
            </Link>
            <img src={src} alt={alt} width={1280} height={800} loading="lazy" className="mt-3 h-auto w-full rounded border border-rule" />
          </li>
        ))}
      </ol>
      <h2 className="mt-8 text-lg">{t('What it does not do')}</h2>
      <p className="mt-1">
        {t(
          'It shows cautions and their sources, and says when somebody should see a doctor first. It does not diagnose or treat, and where it and a doctor, midwife or physiotherapist differ, they are right.',
        )}
      </p>
      <h2 className="mt-8 text-lg">{t('Keys')}</h2>
      <KeyList />
    </div>
  );
}
