<script setup lang="ts">
import { currentDay } from '#shared/lesson/currentDay'
import { mdiArrowRight, mdiFileUploadOutline, mdiFlaskOutline } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { ages } from '~/words/planChoices'
import { emblemIds, type AgeBand } from '#core/class'
import { investigationLetters } from '#core/format'
import type { InvestigationDto } from '#shared/types/api'
import { request } from '~/api/request'
import { useNotices } from '~/stores/notices'
import { useSchool, type LessonStart } from '~/stores/school'
import { firstClass } from './firstClass'
import { starterPictures } from './starterPictures'

/** A new lesson from a question, a starter or a saved investigation: one press. */
const school = useSchool()
const notices = useNotices()
const router = useRouter()
const classId = ref<string | null>(null)
const date = ref(currentDay())
const question = ref('')
const busy = ref(false)
/** Who has no class yet says how many groups there are; the class is made on the way. */
const isFirst = computed(() => school.classes.length === 0)
const groups = ref<number | null>(6)
const age = ref<AgeBand>('7-9')
const mostGroups = emblemIds.length
const file = ref<HTMLInputElement | null>(null)
/** A whole lesson that was chosen to be restored. */
const archive = ref<File | null>(null)
const classNames = computed(() => school.classes.map((one) => ({ title: one.name, value: one.id })))

watch(
  () => school.classes,
  (all) => {
    if (!all.some((one) => one.id === classId.value)) classId.value = all[0]?.id ?? null
  },
  { immediate: true },
)

async function makeFirstClass(): Promise<string> {
  const { ways } = await request('GET', '/api/school')
  return (await school.createClass(firstClass(groups.value, age.value, ways.vocabulary))).id
}

async function start(from: LessonStart) {
  if (busy.value) return
  busy.value = true
  const id = await notices.attempt(async () => {
    const own = classId.value ?? (await makeFirstClass())
    return school.createLesson(own, date.value, from)
  })
  busy.value = false
  if (id) await router.push(`/lessons/${id}/${from.kind === 'question' ? 'wonder' : 'plan'}`)
}

const startOf = ({ kind, id }: InvestigationDto): LessonStart =>
  kind === 'file' ? { kind, name: id } : { kind, id }

async function open(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (!chosen) return
  if (/\.zip$/i.test(chosen.name) || chosen.type.includes('zip')) return void (archive.value = chosen)
  await notices.attempt(async () => {
    if (chosen.size > investigationLetters) throw new Error('This file is too large for an investigation.')
    await school.importInvestigation(await chosen.text())
    notices.tell('The investigation is in the list. Press it to start a lesson.')
  })
}
</script>

<template>
  <section class="panel stack start" aria-label="Start a lesson">
    <h2>Start a lesson</h2>
    <template v-if="isFirst">
      <div class="groups">
        <span>How many groups do you have?</span>
        <QuantityField
          v-model="groups"
          whole
          :least="2"
          :greatest="mostGroups"
          aria-label="How many groups do you have?"
        />
      </div>
      <VSelect v-model="age" :items="ages" label="How old are the children?" />
      <p class="small soft">
        Names can follow, or <NuxtLink to="/classes/new">make a class</NuxtLink> with them first.
      </p>
    </template>
    <div v-else class="when">
      <VSelect v-model="classId" :items="classNames" label="Class" />
      <VTextField v-model="date" type="date" label="Day" class="day" />
    </div>
    <form class="own" @submit.prevent="start({ kind: 'question', question })">
      <VTextField
        v-model="question"
        label="From a question of your own"
        placeholder="What happens to … when …?"
        :maxlength="300"
      />
      <VBtn
        type="submit"
        color="primary"
        :icon="mdiArrowRight"
        rounded="lg"
        size="40"
        aria-label="Start from this question"
        :disabled="busy"
      />
    </form>
    <h3>or from one that is ready</h3>
    <ul>
      <li v-for="one in school.investigations" :key="one.id">
        <p v-if="one.isBroken" class="broken small">
          <b>{{ one.id }}</b> in your folder can’t be used. {{ one.about }}
        </p>
        <button v-else type="button" :disabled="busy" @click="start(startOf(one))">
          <img
            v-if="one.kind === 'starter'"
            :src="starterPictures.get(one.id)"
            alt=""
            width="38"
            height="38"
          />
          <VIcon v-else :icon="mdiFlaskOutline" size="38" />
          <span
            ><b>{{ one.title || one.question }}</b
            ><span class="small soft">{{ one.about || one.question }}</span></span
          >
        </button>
      </li>
    </ul>
    <VBtn variant="text" color="primary" :prepend-icon="mdiFileUploadOutline" @click="file?.click()"
      >Open a saved investigation or lesson</VBtn
    >
    <input
      ref="file"
      type="file"
      accept=".json,.zip,application/json,application/zip"
      class="visually-hidden"
      aria-label="Investigation or lesson file"
      tabindex="-1"
      @change="open"
    />
    <RestoreLesson v-model="archive" />
  </section>
</template>

<style scoped>
.day :deep(input) {
  padding-inline: 10px 8px;
}

.groups {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
}

.when {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.broken {
  padding: 8px;
  overflow-wrap: anywhere;
}

li b {
  font-family: var(--heading);
  font-weight: 500;
}

.own {
  display: flex;
  gap: 8px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: max(300px, calc(100vh - 330px));
  overflow-y: auto;
}

@media (max-width: 960px) {
  ul {
    max-height: 300px;
  }
}

li button {
  all: unset;
  box-sizing: border-box;
  width: 100%;
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 8px;
  border-radius: 8px;
  cursor: pointer;
}

li button > span {
  display: flex;
  flex-direction: column;
  line-height: 1.3;
}

li button:hover,
li button:focus-visible {
  background: var(--teal-wash);
}

li button:focus-visible {
  outline: 3px solid var(--marigold);
}
</style>
