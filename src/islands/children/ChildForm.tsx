import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../../core/records'
import { Button, Group, Stack, TextInput } from '@mantine/core'
import { Dialog } from '../../ui/Dialog'
import { useForm } from '@mantine/form'
import type { PictureId } from '../../core/days'
import type { Child } from '../../core/records'
import { PictureField } from '../../ui/pictures/PictureField'
import { adultsWording } from '../../words/adult'
import { api } from '../../ui/api'
import { NotSaved, useDraft } from '../../ui/draft'
import { useChange } from './usePeople'
import { NumberField } from '../../ui/NumberField'
import { IN_PLACE } from '../../ui/inPlace'
import { fieldOf, markRefused } from '../../ui/form'

type ChildFields = { readonly name: string; readonly age: number | string; readonly picture: PictureId | null }

/** A child's name, age and picture. */
export function ChildForm({ child, onClose }: { child: Child; onClose: () => void }) {
  const form = useForm<ChildFields>({
    initialValues: { name: child.name, age: child.age ?? '', picture: child.picture },
  })
  const draft = useDraft(form, `child ${child.id}`)
  const save = useChange(
    ({ name, age, picture }: ChildFields) =>
      api.put(`/api/children/${child.id}`, { version: child.version, name, age: age === '' ? null : age, picture }),
    () => {
      draft.forget()
      onClose()
    },
    IN_PLACE,
  )
  const refused = (error: Error) => {
    markRefused(form, error)
    draft.failed(error)
  }
  const send = (fields: ChildFields) => save.mutate(fields, { onError: refused })
  return (
    <Dialog onClose={onClose} title={t`Edit the child`}>
      <form onSubmit={form.onSubmit(send)}>
        <Stack>
          <TextInput
            label={t`Name`}
            description={t`A nickname will do`}
            required
            maxLength={LONGEST_NAME}
            {...form.getInputProps('name')}
            data-autofocus
          />
          <NumberField
            label={t`Age`}
            description={t`Left empty when not told`}
            {...fieldOf(form, 'age')}
            keepsOutside
          />
          <PictureField
            label={t`Picture beside the name`}
            help={t`On paper, for those who cannot read their name yet`}
            value={form.values.picture ?? undefined}
            language={adultsWording().language}
            onChange={(picture) => form.setFieldValue('picture', picture ?? null)}
          />
          <NotSaved draft={draft} error={save.error} />
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>{t`Cancel`}</Button>
            <Button type="submit" loading={save.isPending} disabled={form.values.name.trim() === ''}>{t`Save`}</Button>
          </Group>
        </Stack>
      </form>
    </Dialog>
  )
}
