<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { defined } from '#core/defined'
import { emblemIds, emblemWord } from '#core/class'
import { newId } from '#core/plan'
import type { ClassDto, ClassInput } from '#shared/types/api'
import { request, RequestProblem } from '~/api/request'
import { useAutosave } from '~/composables/useAutosave'
import { useSaveOnLeave } from '~/composables/useSaveOnLeave'
import { vFocus } from '~/composables/vFocus'
import { useNotices } from '~/stores/notices'
import { useSchool } from '~/stores/school'
import { ages, vocabularies } from '~/words/planChoices'

const route = useRoute()
const router = useRouter()
const school = useSchool()
const notices = useNotices()
const isNew = computed(() => route.params.id === 'new')
const id = computed(() => String(route.params.id))
/** A class that is being made: it is there once somebody presses so. */
const made = ref<ClassInput | null>(null)
const autosave = useAutosave<ClassInput>((input) => school.saveClass(id.value, withoutLostGroups(input)))
const { value: kept } = autosave
const draft = computed(() => (isNew.value ? made.value : kept.value))
useSaveOnLeave(autosave)
const missing = ref<string | null>(null)
const rosterShown = ref(false)
const noName = ref<string | null>(null)
const nameProblem = computed(
  () => noName.value ?? autosave.fields.value.find((field) => field.path === 'name')?.message,
)

/** Children of a group that was taken out are in none, until the group is put back. */
function withoutLostGroups(input: ClassInput): ClassInput {
  const known = new Set(input.groups.map((group) => group.id))
  const pupils = input.pupils.map((pupil) => ({
    ...pupil,
    groupId: pupil.groupId !== null && known.has(pupil.groupId) ? pupil.groupId : null,
  }))
  return { ...input, pupils }
}

const take = ({ id: _id, ...input }: ClassDto) => autosave.take(input)

async function beginNew() {
  const groups = emblemIds.slice(0, 6).map((emblem) => ({ id: newId(), emblem, name: emblemWord(emblem) }))
  const begun: ClassInput = {
    name: '',
    ageBand: '7-9',
    vocabulary: 'plain',
    groups,
    pupils: [],
    allergies: [],
  }
  made.value = begun
  // The school's own words, unless the teacher was quicker.
  const { ways } = await request('GET', '/api/school')
  if (made.value.vocabulary === begun.vocabulary) made.value.vocabulary = ways.vocabulary
}

watch(
  id,
  async () => {
    if (isNew.value) return notices.attempt(beginNew)
    try {
      take(await request('GET', '/api/classes/:id', { params: { id: id.value } }))
    } catch (error) {
      missing.value = error instanceof Error ? error.message : String(error)
    }
  },
  { immediate: true },
)

async function make() {
  const input = defined(made.value)
  noName.value = input.name.trim() ? null : 'Give the class a name.'
  if (noName.value) return
  try {
    const done = await school.createClass(withoutLostGroups(input))
    notices.tell(`${done.name} is made.`)
    await router.replace(`/classes/${done.id}`)
  } catch (error) {
    if (error instanceof RequestProblem)
      noName.value = error.problem.fields.find((field) => field.path === 'name')?.message ?? null
    notices.warn(error)
  }
}

/** A list is added to the class as the server has it. */
async function readInList() {
  rosterShown.value = await autosave.saveNow()
}

async function remove() {
  await notices.attempt(async () => {
    await autosave.saveNow()
    await school.removeClass(id.value)
    notices.tell('The class is off the list.', () => school.restoreClass(id.value))
    await router.push('/classes')
  })
}
useHead({ title: () => `${draft.value?.name || 'New class'} · Jolly Beaker` })
</script>

<template>
  <VMain>
    <SchoolBar />
    <div v-if="draft" class="page stack">
      <div class="spread">
        <div class="row">
          <h1>{{ isNew ? 'Make a class' : draft.name }}</h1>
          <SavedStatus v-if="!isNew" :of="[autosave]" />
        </div>
        <div class="row">
          <VBtn v-if="!isNew" variant="text" @click="remove">Take off the list</VBtn>
          <VBtn v-if="isNew" color="primary" @click="make">Make this class</VBtn>
          <VBtn v-else variant="tonal" color="secondary" to="/">Start a lesson</VBtn>
        </div>
      </div>
      <div class="panel fields">
        <VTextField
          v-model="draft.name"
          v-focus="isNew"
          label="Name of the class"
          :maxlength="60"
          :error-messages="nameProblem"
          @update:model-value="noName = null"
        />
        <VSelect v-model="draft.ageBand" :items="ages" label="Age" />
        <VSelect v-model="draft.vocabulary" :items="vocabularies" label="Our words" />
      </div>
      <section class="panel stack">
        <h2>Groups</h2>
        <GroupsEditor v-model="draft.groups" :pupils="draft.pupils" />
      </section>
      <section class="panel stack">
        <div class="spread">
          <h2>
            Children <span class="soft small">({{ draft.pupils.length || 'not needed' }})</span>
          </h2>
          <div class="row">
            <TakeOutNames v-if="draft.pupils.length" v-model="draft.pupils" :class-name="draft.name" />
            <VBtn variant="outlined" color="primary" :disabled="isNew" @click="readInList"
              >Import a list</VBtn
            >
          </div>
        </div>
        <p class="small soft">
          First names or initials only. They stay on this machine: Sheets and paper use them to say who does
          what; the Board never shows them.
          <template v-if="isNew">Make the class before you import a list.</template>
          <template v-else
            ><a :href="`/api/classes/${id}/export.json`" download>Save all we hold about this class</a> as one
            file.</template
          >
        </p>
        <PupilsEditor v-model="draft.pupils" :groups="draft.groups" />
      </section>
      <section class="panel stack">
        <h2>Allergies</h2>
        <p class="small soft">
          Only how many children, never who. Lessons warn you about a material that matters; none of this
          appears on trays, the Board or a Sheet.
        </p>
        <AllergiesEditor v-model="draft.allergies" />
      </section>
      <ClassShares v-if="!isNew" :class-id="id" :class-name="draft.name" />
      <RosterImport v-if="!isNew" v-model="rosterShown" :class-id="id" @imported="take" />
    </div>
    <LessonLoading v-else-if="missing" :problem="missing" />
  </VMain>
</template>

<style scoped>
.page {
  max-width: 980px;
  margin: 0 auto;
  padding: 20px 28px 40px;
  gap: 16px;
}

@media (max-width: 760px) {
  .page {
    padding-inline: 12px;
  }

  .page .fields {
    grid-template-columns: 1fr;
  }
}

.fields {
  display: grid;
  grid-template-columns: 1.4fr 0.8fr 1.4fr;
  gap: 14px;
}
</style>
