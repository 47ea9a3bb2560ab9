<script setup lang="ts">
import { mdiMonitor } from '@mdi/js'
import { computed, ref } from 'vue'
import { defined } from '#core/defined'
import { observationLimits, type Observation } from '#core/observation'
import { wayOf } from '#core/recording'
import { useLesson } from '~/stores/lesson'
import { useObservations } from '~/stores/observations'
import { momentWords, withinLesson } from '~/words/dates'
import { noteWords } from '~/words/noteWords'

/** One observation: what it is, whose, when and about what; the teacher sorts it, words it anew, and decides who sees it. */
const props = defineProps<{ one: Observation }>()
const store = useLesson()
const observations = useObservations()
const group = computed(() => store.groups.find((group) => group.id === props.one.groupId) ?? null)
const place = computed(() =>
  props.one.about && props.one.groupId
    ? wayOf(store.plan).slotName(store.plan, { ...props.one.about, groupId: props.one.groupId })
    : '',
)
const other = computed(() => (props.one.kind === 'noticed' ? 'guessed' : 'noticed'))
const draft = ref<string | null>(null)
const large = ref(false)
const showing = ref(false)
const deleting = ref(false)

async function reword() {
  const text = defined(draft.value).trim()
  if (text === props.one.text || (await observations.change(props.one, { text }))) draft.value = null
}
</script>

<template>
  <li class="observation" :class="one.kind">
    <div class="head">
      <GroupEmblem v-if="group" :emblem="group.emblem" named :name="group.name" :size="16" />
      <span v-else>the class</span>
      <time :datetime="one.seenAt" :title="momentWords(one.seenAt)">{{
        withinLesson(one.seenAt, store.open.date)
      }}</time>
      <DotsMenu :label="`What to do with: ${one.text || 'the picture'}`">
        <template v-if="!one.removed">
          <VListItem
            :title="one.onBoard ? 'Off the Board' : 'On the Board…'"
            @click="one.onBoard ? observations.change(one, { onBoard: false }) : (showing = true)"
          />
          <VListItem
            :title="other === 'guessed' ? 'It is a guess' : 'It was noticed'"
            @click="observations.change(one, { kind: other })"
          />
          <VListItem title="Change the words" @click="draft = one.text" />
          <VListItem title="Take it off" @click="observations.takeOff(one)" />
        </template>
        <VListItem v-else title="Put it back" @click="observations.change(one, { removed: false })" />
        <VListItem v-if="one.picture" title="Delete the picture for good…" @click="deleting = true" />
      </DotsMenu>
    </div>
    <button v-if="one.picture" type="button" class="seen" aria-label="Look at it large" @click="large = true">
      <img
        loading="lazy"
        :src="`/api/pictures/${one.picture}`"
        :alt="one.text || 'A picture without words'"
      />
    </button>
    <p v-else-if="one.pictureDeleted" class="small soft">The picture was deleted.</p>
    <form v-if="draft !== null" @submit.prevent="reword">
      <VTextarea
        v-model="draft"
        label="In words"
        :rows="2"
        :maxlength="observationLimits.letters"
        density="compact"
        autofocus
        hide-details
        @keydown.esc="draft = null"
      />
      <VBtn type="submit" size="small" variant="text" color="primary">Keep the words</VBtn>
    </form>
    <!-- Long words are scrolled within the card, by keyboard too. -->
    <p v-else-if="one.text" class="words" tabindex="0"><MarkedText :text="one.text" /></p>
    <div class="foot">
      <span class="kind">{{ noteWords[one.kind].name }}</span>
      <span v-if="place" class="soft">{{ place }}</span>
      <span v-if="one.onBoard" class="on"><VIcon :icon="mdiMonitor" size="14" /> on the Board</span>
    </div>
    <VDialog v-model="large" max-width="900" aria-label="The picture large">
      <img class="whole" :src="`/api/pictures/${one.picture}`" :alt="one.text || 'A picture without words'" />
    </VDialog>
    <BoardReminder v-model="showing" :one="one" />
    <DeletePicture v-model="deleting" :one="one" />
  </li>
</template>

<style scoped>
.observation {
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 0;
  padding: 4px 10px 8px;
  background: var(--surface);
  border: 2px solid var(--line);
  border-radius: var(--radius);
  font-size: var(--text-body-small);
  line-height: 1.3;
}

.observation.guessed {
  border-style: dashed;
  border-color: var(--ink-soft);
}

.head {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: var(--text-caption);
}

time {
  margin-left: auto;
  color: var(--ink-soft);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}

.seen {
  all: unset;
  cursor: zoom-in;
}

.seen:focus-visible {
  outline: 3px solid var(--marigold);
}

.seen img {
  display: block;
  width: 100%;
  height: 96px;
  object-fit: cover;
  border-radius: 6px;
}

.words {
  overflow-wrap: anywhere;
  white-space: pre-line;
  max-height: 7.8em;
  overflow-y: auto;
}

.foot {
  margin-top: auto;
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  font-size: var(--text-caption);
}

.kind {
  font-weight: 700;
}

.on {
  color: var(--teal);
}

.whole {
  width: 100%;
  max-height: 88vh;
  object-fit: contain;
  background: var(--surface);
  border-radius: var(--radius);
}
</style>
