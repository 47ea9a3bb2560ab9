<script setup lang="ts">
import { computed, ref } from 'vue'
import { safetyComesFirst } from '#core/safety'
import { useAccess } from '~/stores/access'
import { useLesson } from '~/stores/lesson'
import { usePack } from '~/stores/pack'
import { momentWords } from '~/words/dates'
import { problemWords } from '~/api/request'

/** The cautions for this plan at this age, and the teacher's word that the school's own assessment was checked. */
const props = defineProps<{ brief: boolean }>()
const store = useLesson()
const pack = usePack()
const access = useAccess()
const initials = ref('')
const problem = ref<string | null>(null)
const safe = computed(() => pack.safe)
const safety = computed(() => store.open.safety)
const open = ref(false)
const showAll = computed(() => !props.brief && (open.value || !store.confirmed))

async function confirm() {
  problem.value = null
  try {
    await pack.confirm(access.teacher ? undefined : initials.value)
    initials.value = ''
  } catch (error) {
    problem.value = problemWords(error)
  }
}
</script>

<template>
  <div class="details">
    <p v-if="safety?.stands" class="small soft said">
      <template v-if="safety.beforeRule"
        >This lesson was tested before we asked for this check, so it counts as checked.</template
      >
      <template v-else
        >{{ safety.initials }} has checked the school’s own risk assessment,
        {{ momentWords(safety.at) }}.</template
      >
    </p>
    <p v-else-if="safety" class="small said again">
      Something that needs care has changed since
      {{ safety.beforeRule ? 'it was tested' : `${safety.initials} checked it` }}. Look again.
    </p>
    <VBtn
      v-if="store.confirmed && !brief"
      size="small"
      variant="text"
      :aria-expanded="open"
      @click="open = !open"
    >
      {{
        open
          ? 'Close'
          : `${safe.cautions.length} usual ${safe.cautions.length === 1 ? 'caution' : 'cautions'}`
      }}
    </VBtn>
    <div v-if="showAll" class="all">
      <div v-for="flag in safe.allergies" :key="flag.name" class="finding" data-safe="allergy">
        <p>
          <b
            >{{ flag.children }} {{ flag.children === 1 ? 'child reacts' : 'children react' }} to
            {{ flag.name }}</b
          >: {{ flag.words }}.
          <template v-if="flag.instead.length">Free of it: {{ flag.instead.join(', ') }}.</template>
        </p>
      </div>
      <ul class="cautions">
        <li v-for="caution in safe.cautions" :key="caution.hazard" :data-caution="caution.hazard">
          <b :class="{ never: caution.handling === 'not at all' }">{{ caution.heading }}</b>
          <span class="soft"> · {{ caution.because }}</span
          ><br />{{ caution.caution }}
        </li>
        <li v-for="one in safe.own" :key="one.name">
          <b>{{ one.name }}</b>, says the school: {{ one.care }}
        </li>
      </ul>
      <p v-if="safe.unknown.length" class="small" data-safe="unknown">
        <b>We don’t know these. Check them yourself:</b> {{ safe.unknown.join(', ') }}.
      </p>
      <p class="small soft">{{ safetyComesFirst }}</p>
      <p v-if="!store.confirmed" class="small ask">
        Have you checked your school’s own risk assessment for this test?
      </p>
      <form v-if="!store.confirmed" class="confirm" @submit.prevent="confirm">
        <p v-if="access.teacher" class="small" role="alert">{{ problem }}</p>
        <VTextField
          v-else
          v-model="initials"
          label="Your initials"
          :maxlength="6"
          density="compact"
          :error-messages="problem ?? undefined"
        />
        <VBtn type="submit" color="primary" size="small">Yes, checked</VBtn>
      </form>
    </div>
  </div>
</template>

<style scoped>
.details {
  align-self: stretch;
}

.finding {
  border-left: 3px solid var(--coral);
  padding: 4px 0 6px 10px;
  margin-bottom: 8px;
  font-size: var(--text-small);
  line-height: 1.35;
}

.said,
.all {
  margin-top: 4px;
}

.again {
  color: var(--coral);
}

.cautions {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
  display: grid;
  gap: 7px;
  font-size: var(--text-small);
  line-height: 1.35;
}

.never {
  color: var(--coral);
}

.ask {
  font-weight: 700;
}

.confirm {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: start;
  margin-top: 8px;
}

.confirm :deep(.v-btn) {
  height: 40px;
}
</style>
