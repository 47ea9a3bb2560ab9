<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  isInstrumentLine,
  withSubstitute,
  type Availability,
  type KitFinding,
  type Substitute,
} from '#core/kit'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { usePack } from '~/stores/pack'

/** Whether the trays can be packed complete and in time, and what would mend it. */
defineProps<{ sign: { icon: string; colour: string | undefined; word: string }; brief?: boolean }>()
const store = useLesson()
const pack = usePack()
const notices = useNotices()
const usual = 2
const shown = ref(usual)
const findings = computed(() => (pack.data ? pack.kitted.findings : []))

const shortOf = (finding: KitFinding): Availability | undefined =>
  pack.availability.find((one) => one.need.key === finding.need && one.short > 0)
const substituteNames = (finding: KitFinding) => {
  const short = shortOf(finding)
  return short ? pack.substitutes(short).slice(0, 3) : []
}
/** Things that come back can go round, as long as there is one. */
const canGoRound = (finding: KitFinding) => {
  const short = shortOf(finding)
  return short !== undefined && short.need.use === 'reused' && short.available >= 1
}
const linesOf = ({ need }: Availability) =>
  pack.lines.filter((line) => need.materialIds.includes(line.material.id))

function use(short: Availability, { name }: Substitute) {
  if (short.need.materialIds.some(isInstrumentLine)) {
    const found = store.open.school.cupboard.find((one) => one.name === name)
    if (found) {
      const { id: _id, dimension: _dimension, howMany: _howMany, ...instrument } = found
      store.editPlan((plan) => ({ ...plan, measured: { ...plan.measured, instrument } }))
    }
  } else
    for (const { material } of linesOf(short)) pack.putLine(withSubstitute(material, short.need.key, name))
  notices.tell(`Everybody takes ${name} now.`, () => store.undoPlan())
}

function goRound(short: Availability) {
  for (const { material } of linesOf(short))
    pack.putLine({
      ...material,
      amount: Math.floor(short.available),
      per: 'turns',
      place: 'front',
      spare: { kind: 'number', value: 0 },
    })
  notices.tell(`The groups take turns with ${short.need.name}.`, () => store.undoPlan())
}
</script>

<template>
  <section class="check" aria-live="polite">
    <p class="line">
      <VIcon :icon="sign.icon" :color="sign.colour" size="20" />
      <b>Kitted</b><span class="state">{{ sign.word }}</span>
    </p>
    <template v-if="!brief">
      <article
        v-for="finding in findings.slice(0, shown)"
        :key="finding.reason"
        class="finding"
        :class="finding.severity"
        :data-finding="finding.code"
      >
        <p>{{ finding.reason }}</p>
        <NuxtLink v-if="finding.code === 'unlisted'" to="/school?view=supplies" class="small"
          >Open the store cupboard</NuxtLink
        >
        <template v-if="finding.code === 'short' && shortOf(finding)">
          <template v-for="one in substituteNames(finding)" :key="one.name">
            <VBtn
              v-if="one.refused === null"
              size="small"
              variant="outlined"
              color="primary"
              :title="one.mind"
              @click="use(shortOf(finding)!, one)"
              >Take {{ one.name }} instead</VBtn
            >
            <p v-else class="small soft">Not {{ one.name }}: {{ one.refused }}</p>
          </template>
          <VBtn
            v-if="canGoRound(finding)"
            size="small"
            variant="outlined"
            color="primary"
            @click="goRound(shortOf(finding)!)"
            >Share {{ Math.floor(shortOf(finding)!.available) }}, in turns</VBtn
          >
        </template>
      </article>
      <VBtn v-if="findings.length > shown" size="small" variant="text" @click="shown = 99">
        {{ findings.length - shown }} more
      </VBtn>
    </template>
    <p v-else-if="findings.length" class="small soft brief">{{ findings[0]!.reason }}</p>
  </section>
</template>
