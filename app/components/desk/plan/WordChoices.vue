<script setup lang="ts">
import { mdiCheck } from '@mdi/js'
import { computed, nextTick, onMounted, ref } from 'vue'
import { defined } from '#core/defined'
import type { WordChoice, WordEdit } from '#core/method'
import { useMethod } from '~/composables/useMethod'
import { useLesson } from '~/stores/lesson'

/** What a word can become, each with what it would do to the checks. */
const props = defineProps<{ edit: Extract<WordEdit, { kind: 'choice' }>; label: string; seed: string }>()
const emit = defineEmits<{ done: [] }>()
const store = useLesson()
const { effectsOf } = useMethod()
const list = ref<HTMLElement | null>(null)
const marksShown = ref(false)

const lines = computed(() =>
  props.edit.choices.map((choice) => ({
    choice,
    effects: choice.current ? [] : effectsOf(choice.apply(store.plan)).slice(0, 2),
  })),
)

function choose({ apply }: WordChoice) {
  store.editPlan(apply)
  emit('done')
}

const options = () => [...(list.value?.querySelectorAll<HTMLElement>('[role="option"]') ?? [])]

function focusOn(index: number) {
  const all = options()
  all[Math.max(0, Math.min(all.length - 1, index))]?.focus()
}

/** The first choice that begins with what is typed, or holds it as its number. */
function jumpTo(typed: string) {
  const wanted = typed.toLowerCase()
  const at = props.edit.choices.findIndex(({ text }) =>
    text.split(' ').some((part) => part.toLowerCase().startsWith(wanted)),
  )
  if (at >= 0) focusOn(at)
}

function roam(event: KeyboardEvent) {
  const at = options().findIndex((one) => one === document.activeElement)
  const to: Record<string, number> = {
    ArrowDown: at + 1,
    ArrowUp: at - 1,
    Home: 0,
    End: options().length - 1,
  }
  if (event.key in to) {
    event.preventDefault()
    event.stopPropagation()
    focusOn(defined(to[event.key]))
  } else if (/^[\p{L}\d]$/u.test(event.key)) jumpTo(event.key)
}

onMounted(async () => {
  await nextTick()
  focusOn(props.edit.choices.findIndex((choice) => choice.current))
  if (props.seed) jumpTo(props.seed)
})
</script>

<template>
  <div>
    <div ref="list" role="listbox" :aria-label="label" class="choices" @keydown="roam">
      <button
        v-for="{ choice, effects } in lines"
        :key="choice.text"
        type="button"
        role="option"
        :aria-selected="choice.current"
        class="choice"
        @click="choose(choice)"
      >
        <VIcon :icon="mdiCheck" size="16" :class="{ hidden: !choice.current }" />
        <span>
          {{ choice.text }}
          <small v-for="effect in effects" :key="effect.text" :class="effect.kind">{{ effect.text }}</small>
        </span>
      </button>
    </div>
    <template v-if="edit.panel === 'marks'">
      <VBtn
        variant="text"
        color="primary"
        size="small"
        :aria-expanded="marksShown"
        @click="marksShown = !marksShown"
        >{{ marksShown ? 'Hide its marks' : 'Change its marks' }}</VBtn
      >
      <InstrumentMarks v-if="marksShown" />
    </template>
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-direction: column;
}

.choice {
  display: flex;
  gap: 6px;
  align-items: flex-start;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-radius: 6px;
  padding: 5px 8px 5px 4px;
  min-height: 32px;
  cursor: pointer;
}

.choice:hover,
.choice:focus-visible,
.choice[aria-selected='true'] {
  background: var(--teal-wash);
}

.choice:focus-visible {
  outline: 2px solid var(--teal);
}

.hidden {
  visibility: hidden;
}

small {
  display: block;
  color: var(--ink-soft);
  font-size: var(--text-caption);
  line-height: 1.3;
}

small.settles {
  color: var(--teal);
}

small.asks {
  color: var(--coral);
}
</style>
