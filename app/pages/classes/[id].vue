<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { ageBands, emblemIds, emblemWord } from '#core/class'
import { newId } from '#core/plan'
import type { ClassDto, ClassInput } from '#shared/types/api'
import { request, RequestProblem } from '../../api/request'
import { useNotices } from '../../stores/notices'
import { useSchool } from '../../stores/school'
import { vocabularies } from '../../words/planChoices'

const route = useRoute()
const router = useRouter()
const school = useSchool()
const notices = useNotices()
const isNew = computed(() => route.params.id === 'new')
const id = computed(() => String(route.params.id))
const draft = ref<ClassInput | null>(null)
const saved = ref('')
const missing = ref<string | null>(null)
const rosterShown = ref(false)
const nameProblem = ref<string | null>(null)
const changed = computed(() => JSON.stringify(draft.value) !== saved.value)
const ages = ageBands.map((band) => ({ title: `${band.replace('-', ' to ')} years`, value: band }))

function take({ id: _id, ...input }: ClassDto | (ClassInput & { id?: string })) {
  draft.value = input
  saved.value = JSON.stringify(input)
}

watch(
  id,
  async () => {
    if (isNew.value) {
      const groups = emblemIds
        .slice(0, 6)
        .map((emblem) => ({ id: newId(), emblem, name: emblemWord(emblem) }))
      take({ name: '', ageBand: '7-9', vocabulary: 'plain', groups, pupils: [], allergies: [] })
      // The school's own words, unless the teacher was quicker.
      const { ways } = await request('GET', '/api/school')
      if (draft.value && !changed.value) take({ ...draft.value, vocabulary: ways.vocabulary })
      return
    }
    try {
      take(await request('GET', '/api/classes/:id', { params: { id: id.value } }))
    } catch (error) {
      missing.value = error instanceof Error ? error.message : String(error)
    }
  },
  { immediate: true },
)

async function save() {
  if (!draft.value) return
  nameProblem.value = draft.value.name.trim() ? null : 'Give the class a name.'
  if (nameProblem.value) return
  try {
    const done = isNew.value
      ? await school.createClass(draft.value)
      : await school.saveClass(id.value, draft.value)
    take(done)
    notices.tell(isNew.value ? `${done.name} is made.` : 'Saved.')
    if (isNew.value) await router.replace(`/classes/${done.id}`)
  } catch (error) {
    if (error instanceof RequestProblem)
      nameProblem.value = error.problem.fields.find((field) => field.path === 'name')?.message ?? null
    notices.warn(error)
  }
}

async function remove() {
  await notices.attempt(async () => {
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
        <h1>{{ isNew ? 'Make a class' : draft.name }}</h1>
        <div class="row">
          <VBtn v-if="!isNew" variant="text" @click="remove">Take off the list</VBtn>
          <VBtn v-if="!isNew && !changed" variant="tonal" color="secondary" to="/">Start a lesson</VBtn>
          <VBtn color="primary" :disabled="!changed && !isNew" @click="save">{{
            isNew ? 'Make this class' : changed ? 'Save' : 'Saved'
          }}</VBtn>
        </div>
      </div>
      <div class="panel fields">
        <VTextField
          v-model="draft.name"
          label="Name of the class"
          :maxlength="60"
          :error-messages="nameProblem ?? undefined"
          :autofocus="isNew"
          @update:model-value="nameProblem = null"
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
          <VBtn variant="outlined" color="primary" :disabled="isNew || changed" @click="rosterShown = true"
            >Read in a list</VBtn
          >
        </div>
        <p class="small soft">
          First names or initials only. They stay on this machine: Sheets and paper say by them who does what,
          the Board never does.<template v-if="isNew || changed">
            Save the class before reading in a list.</template
          >
        </p>
        <PupilsEditor v-model="draft.pupils" :groups="draft.groups" />
      </section>
      <section class="panel stack">
        <h2>Allergies</h2>
        <p class="small soft">
          How many children, never who. Lessons warn where a material touches one; nothing of it appears on
          trays, the Board or a Sheet.
        </p>
        <AllergiesEditor v-model="draft.allergies" />
      </section>
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

.fields {
  display: grid;
  grid-template-columns: 1.4fr 0.8fr 1.4fr;
  gap: 14px;
}
</style>
