import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Button, Input, Modal } from 'antd'
import { useState } from 'react'
import { api } from '../api/client'
import { keys } from '../api/keys'
import { useRates } from '../api/queries'
import type { Rate } from '../api/types'
import { Words } from '../typeset/Words'
import { useWorksheetStore } from '../worksheet/store'
import styles from './Panel.module.css'
import { asTable, faultOf, type RateDraft } from './rates'
import { usePanel } from '../worksheet/usePanel'

const NEW: RateDraft = { code: '', name: '', plural: '', euros: '', isNew: true }

/** What one of each currency is worth in euros, for all worksheets; the samples that ship with the program are marked. */
export function RatesPanel() {
  const { close } = usePanel()
  const { data: rates, error } = useRates()
  return (
    <Modal open title="Rates between currencies" footer={null} onCancel={close} width={520}>
      {rates ? (
        <RatesForm rates={rates} onDone={close} />
      ) : (
        error && (
          <p role="alert" className={styles.wrong}>
            {error.message}
          </p>
        )
      )}
    </Modal>
  )
}

function RatesForm({ rates, onDone }: { readonly rates: readonly Rate[]; readonly onDone: () => void }) {
  const client = useQueryClient()
  const [drafts, setDrafts] = useState<readonly RateDraft[] | null>(null)
  const follow = useMutation({
    mutationFn: (table: readonly RateDraft[] | null) =>
      table === null ? api.forgetRates() : api.exchange(asTable(table)),
    onSuccess: (kept) => {
      client.setQueryData(keys.rates, kept)
      setDrafts(null)
      useWorksheetStore.setState({ echo: null, changed: new Set() })
      // Everything that was worked out may have another value now.
      void client.invalidateQueries()
      // Somebody may have opened another panel meanwhile.
      if (useWorksheetStore.getState().panel?.kind === 'rates') onDone()
    },
  })

  const shown = drafts ?? rates.map((rate) => ({ ...rate, isNew: false }))
  const samples = new Map(rates.map((rate) => [rate.code, rate]))
  const write = (index: number, part: Partial<RateDraft>) => {
    follow.reset()
    setDrafts(shown.map((draft, i) => (i === index ? { ...draft, ...part } : draft)))
  }
  const fault = shown.map((draft) => faultOf(draft, shown)).find((each) => each !== null) ?? null

  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        if (drafts !== null && fault === null) follow.mutate(drafts)
      }}
    >
      <p className={styles.says}>
        How many euros one of each is worth. The rates marked as samples are made up, for trying things out: write those
        you want to calculate with. All worksheets follow.
      </p>
      <div className={styles.tall}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Code</th>
              <th scope="col">Currency</th>
              <th scope="col">In euros</th>
              <th scope="col">
                <span className="spoken">Where it comes from</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {shown.map((draft, index) => (
              <Line
                key={draft.isNew ? `new ${index}` : draft.code}
                draft={draft}
                kept={samples.get(draft.code)}
                onWrite={(part) => write(index, part)}
              />
            ))}
          </tbody>
        </table>
      </div>
      {(fault ?? follow.error) && (
        <p role="alert" className={styles.wrong}>
          <Words text={fault ?? follow.error?.message ?? ''} />
        </p>
      )}
      <div className={styles.acts}>
        <Button onClick={() => setDrafts([...shown, NEW])}>Add a currency</Button>
        <Button onClick={() => follow.mutate(null)} loading={follow.isPending}>
          Back to the samples
        </Button>
        <Button
          htmlType="submit"
          type="primary"
          disabled={drafts === null || fault !== null}
          loading={follow.isPending}
        >
          Use these rates
        </Button>
      </div>
    </form>
  )
}

interface LineProps {
  readonly draft: RateDraft
  /** The rate as it is kept. */
  readonly kept: Rate | undefined
  readonly onWrite: (part: Partial<RateDraft>) => void
}

function Line({ draft, kept, onWrite }: LineProps) {
  const isSample = kept?.sample === true && kept.euros === draft.euros
  return (
    <tr>
      <td>
        {draft.isNew ? (
          <Input
            autoFocus
            aria-label="Code of the new currency"
            value={draft.code}
            maxLength={3}
            style={{ width: 66 }}
            onChange={(event) => onWrite({ code: event.target.value.toUpperCase() })}
          />
        ) : (
          <code className={styles.mono}>{draft.code}</code>
        )}
      </td>
      <td>
        {draft.isNew ? (
          <Input
            aria-label="Name of the new currency"
            value={draft.name}
            maxLength={40}
            onChange={(event) => onWrite({ name: event.target.value })}
          />
        ) : (
          draft.name
        )}
      </td>
      <td>
        {draft.code === 'EUR' && !draft.isNew ? (
          '1'
        ) : (
          <Input
            aria-label={`Euros for one ${draft.isNew ? 'of the new currency' : draft.name}`}
            value={draft.euros}
            inputMode="decimal"
            maxLength={32}
            style={{ width: 110 }}
            onChange={(event) => onWrite({ euros: event.target.value })}
          />
        )}
      </td>
      <td className={styles.says}>{isSample ? 'sample' : draft.code === 'EUR' ? '' : 'yours'}</td>
    </tr>
  )
}
