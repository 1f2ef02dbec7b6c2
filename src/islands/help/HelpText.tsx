import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { LEVEL_NAMES } from '../../core/knowing'
import { rungs } from '../../core/teaching'
import { VIEW_IDS, views } from '../../core/views'
import { said, saidEach } from '../../words/i18n'

/** Views about one child, group or session are reached from others. */
const isReachedAlone = (path: string) => !path.includes(':')

/** The help, which is read and never used: its page needs no script for it. */
export default function HelpText() {
  return (
    <article className="help">
      <h1>{t`Help`}</h1>
      <ShortestWay />
      <EachView />
      <Steps />
      <section className="sheet">
        <h2>{t`Three kinds of doing`}</h2>
        <p>
          <Trans>
            Things first, then pictures, then words: a clock that is made and turned, a clock that is drawn, a time that
            is said or written. A session moves in that order, and each activity says which kind it is.
          </Trans>
        </p>
      </section>
    </article>
  )
}

function ShortestWay() {
  return (
    <section className="sheet">
      <h2>{t`The shortest way`}</h2>
      <ol>
        <li>
          <Trans>
            On <a href="/">Today</a>, add a group with its children. Nicknames will do.
          </Trans>
        </li>
        <li>{t`Choose how many minutes you have, and build a session. Print it with one button.`}</li>
        <li>
          <Trans>Start the session. The table shows the clock and the activity, and takes the answers at a tap.</Trans>
        </li>
        <li>{t`End it. The log says what each child showed, and builds the next session from there.`}</li>
      </ol>
      <p>
        <Trans>
          Whatever you remove can be undone for a while, in <a href="/settings?part=data">Your data</a>. Press{' '}
          <kbd>?</kbd> for the shortcuts of a view, and <kbd>Ctrl</kbd> <kbd>K</kbd> to find anything by its name.
        </Trans>
      </p>
    </section>
  )
}

function EachView() {
  return (
    <section className="sheet">
      <h2>{t`What each view is for`}</h2>
      <dl>
        {VIEW_IDS.map((id) => {
          const { name, about, path } = views[id]
          return (
            <div key={id} style={{ display: 'contents' }}>
              <dt>{isReachedAlone(path) ? <a href={path}>{said(name)}</a> : said(name)}</dt>
              <dd>{said(about)}</dd>
            </div>
          )
        })}
      </dl>
    </section>
  )
}

function Steps() {
  const levels = Object.values(saidEach(LEVEL_NAMES)).join(' · ')
  return (
    <section className="sheet">
      <h2>{t`What a step is`}</h2>
      <p>
        <Trans>
          Telling the time is learnt in steps, such as o’clock or half past. Each child stands on one of them, and every
          activity, sheet and question is made for a step. A child on a step learns to do this:
        </Trans>
      </p>
      <dl>
        {rungs.map(({ id, name, can }) => (
          <div key={id} style={{ display: 'contents' }}>
            <dt>{said(name)}</dt>
            <dd>{said(can)}</dd>
          </div>
        ))}
      </dl>
      <p>
        <Trans>
          Where a child stands on a step is said in one of these words: {levels}. It follows from the answers alone, and
          you can overrule it on the child’s page.
        </Trans>
      </p>
    </section>
  )
}
