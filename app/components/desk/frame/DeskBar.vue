<script setup lang="ts">
import { ref } from 'vue'
import { mdiMonitor, mdiTabletCellphone, mdiKeyboardOutline, mdiCloudOffOutline } from '@mdi/js'
import type { Stage } from '#core/lesson'
import { dayWords } from '~/words/dates'
import { useVisitor } from '~/composables/useVisitor'
import { useSavedWords } from '~/composables/useSavedWords'
import { useStages } from '~/composables/useStages'
import { lazyComponent } from '~/loading/lazy'
import { useLesson } from '~/stores/lesson'

defineProps<{ stage: Stage; lost: boolean }>()
defineEmits<{ keys: [] }>()
const store = useLesson()
const stages = useStages()
const saved = useSavedWords()
/** Where teachers sign in, tablets join a lesson; else Sheets open on this computer. */
const access = useVisitor()
const joiningShown = ref(false)
const JoiningDialog = lazyComponent(() => import('../people/JoiningDialog.vue'))
</script>

<template>
  <header class="bar no-print">
    <NuxtLink to="/" class="home" title="Logbook"
      ><img src="/favicon.svg" alt="Logbook" width="30" height="30"
    /></NuxtLink>
    <div class="which">
      <p class="title">{{ store.plan.title || store.plan.question || 'New lesson' }}</p>
      <p class="soft small">
        <span v-if="lost" class="cut"><VIcon :icon="mdiCloudOffOutline" size="14" /> connecting again</span>
        <template v-else>{{ store.open.class.name }} · {{ dayWords(store.open.date) }}</template>
        · <span role="status">{{ saved }}</span>
      </p>
    </div>
    <nav aria-label="Stages of the lesson" class="path">
      <NuxtLink
        v-for="one in stages"
        :key="one.stage"
        :to="`/lessons/${store.open.id}/${one.stage}`"
        class="stage"
        :class="{ here: one.stage === stage, ready: one.ready }"
        :aria-current="one.stage === stage ? 'page' : undefined"
      >
        <span class="dot" aria-hidden="true">{{ one.ready ? '✓' : one.key }}</span>
        <span class="words"
          ><b>{{ one.name }}</b
          ><small>{{ one.note }}</small></span
        >
      </NuxtLink>
    </nav>
    <div class="faces">
      <VBtn
        :prepend-icon="mdiMonitor"
        variant="tonal"
        color="secondary"
        size="small"
        :href="`/board/${store.open.id}`"
        target="_blank"
        aria-label="Board"
        >Board</VBtn
      >
      <VBtn
        :prepend-icon="mdiTabletCellphone"
        variant="tonal"
        color="secondary"
        size="small"
        :href="access.teacher ? undefined : `/sheet/${store.open.id}`"
        :target="access.teacher ? undefined : '_blank'"
        aria-label="Sheets"
        @click="joiningShown = access.teacher !== null"
        >Sheets</VBtn
      >
      <VBtn
        :icon="mdiKeyboardOutline"
        variant="text"
        size="small"
        aria-label="Keys"
        title="Keys (?)"
        class="keys"
        @click="$emit('keys')"
      />
    </div>
    <JoiningDialog v-if="joiningShown" v-model="joiningShown" />
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 6px 16px;
  height: 58px;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
}

.home {
  flex: none;
  display: flex;
}

.which {
  flex: 0 1 246px;
  min-width: 150px;
  line-height: 1.2;
}

.title {
  font-family: var(--heading);
  font-weight: 600;
}

.which p {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.cut {
  color: var(--coral);
}

.path {
  flex: 0 1 auto;
  margin-inline: auto;
  display: flex;
  justify-content: center;
  gap: 4px;
  min-width: 0;
}

.stage {
  min-width: 0;
  display: flex;
  align-items: center;
  gap: 7px;
  padding: 4px 9px;
  border-radius: var(--radius);
  color: var(--ink);
  text-decoration: none;
}

.stage:hover {
  background: var(--surface-sunk);
}

.stage.here {
  background: var(--ink);
  color: #fff;
}

.dot {
  width: 22px;
  height: 22px;
  border-radius: 50%;
  border: 1.5px solid currentColor;
  display: grid;
  place-content: center;
  font: 500 var(--text-tiny) var(--heading);
  flex: none;
}

.ready .dot {
  background: var(--teal);
  border-color: var(--teal);
  color: #fff;
}

.words {
  display: flex;
  flex-direction: column;
  line-height: 1.1;
  white-space: nowrap;
  min-width: 0;
}

.words > * {
  overflow: hidden;
  text-overflow: ellipsis;
}

.words b {
  font-family: var(--heading);
  font-weight: 500;
  font-size: var(--text-body-small);
}

.words small {
  font-size: var(--text-tiny);
  opacity: 0.85;
}

.faces {
  display: flex;
  align-items: center;
  gap: 6px;
  flex: none;
}

@media (max-width: 1400px) {
  .bar {
    gap: 10px;
  }

  .path {
    gap: 1px;
  }

  .stage {
    padding-inline: 6px;
  }
}

@media (max-width: 1150px) {
  .stage:not(.here) small {
    display: none;
  }
}

/* The path folds to its numbers; only the stage that is open keeps its name. */
@media (max-width: 960px) {
  .stage:not(.here) .words {
    display: none;
  }

  .stage {
    padding: 11px;
  }

  .stage.here {
    padding-block: 6px;
  }

  .keys {
    display: none;
  }
}

@media (max-width: 760px) {
  .bar {
    flex-wrap: wrap;
    height: auto;
    gap: 4px 10px;
    padding: 6px 10px;
  }

  .which {
    flex: 1;
    min-width: 0;
  }

  .path {
    order: 1;
    flex: 1 0 100%;
    margin: 0;
    justify-content: space-between;
  }

  .faces :deep(.v-btn__content) {
    display: none;
  }

  .faces :deep(.v-btn__prepend) {
    margin: 0;
  }
}
</style>
