import type { Plan } from '#core/plan'
import type { LessonDto } from '#shared/types/api'
import { confirmCautions, lessonFrom } from './browser'

/** A lesson as the server has it. */
export const lessonAt = async (url: string, id: string): Promise<LessonDto> =>
  (await (await fetch(`${url}/api/lessons/${id}`)).json()) as LessonDto

export const send = (url: string, method: string, path: string, body: object) =>
  fetch(url + path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })

/** A small class of a starter: two levels, one try, nothing left to predict, to confirm or to practise first. */
export async function smallLesson(
  url: string,
  starter: string,
  date: string,
  changes: (plan: Plan) => Partial<Plan>,
): Promise<string> {
  const id = await lessonFrom(url, starter, date)
  const { plan: whole, planVersion, class: own } = await lessonAt(url, id)
  const small = { ...whole, levels: whole.levels.slice(0, 2), tries: 1, practiceTries: 0 }
  const plan = { ...small, ...changes(small) }
  const saved = await send(url, 'PUT', `/api/lessons/${id}/plan`, { plan, version: planVersion })
  if (!saved.ok) throw new Error(await saved.text())
  await confirmCautions(url, id)
  const levelIds = plan.levels.map((level) => level.id)
  for (const group of own.groups)
    await send(url, 'PUT', `/api/lessons/${id}/predictions/${group.id}`, {
      answer:
        plan.prediction.format === 'order'
          ? { format: 'order', levelIds }
          : { format: 'choice', levelId: levelIds[0]! },
      because: 'so',
    })
  return id
}
