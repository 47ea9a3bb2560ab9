<script setup lang="ts">
import { ref } from 'vue'
import type { Check, CheckResult } from '#core/checks'
import { checkSigns } from './checkSigns'

/** What one check says: a line when it is content, its sentence, reasons and remedies where it is not. */
defineProps<{ check: Check; result: CheckResult; brief: boolean }>()
const usual = 2
const shown = ref(usual)
</script>

<template>
  <section class="check" :aria-label="check.name">
    <p class="line">
      <VIcon :icon="checkSigns[result.state].icon" :color="checkSigns[result.state].colour" size="20" />
      <b>{{ check.name }}</b><span class="state">{{ result.word }}</span>
    </p>
    <p v-if="brief && result.brief" class="small soft">{{ result.brief }}</p>
    <template v-if="!brief">
      <p v-if="result.sentence" class="sentence" role="status">{{ result.sentence }}</p>
      <p v-for="note in result.notes" :key="note" class="small soft">{{ note }}</p>
      <div class="findings" aria-live="polite">
        <FindingNote
          v-for="finding in result.findings.slice(0, shown)"
          :key="finding.reason"
          :finding="finding"
          :data-finding="finding.code"
        />
      </div>
      <VBtn
        v-if="result.findings.length > shown"
        size="small"
        variant="text"
        @click="shown = result.findings.length"
      >
        {{ result.findings.length - shown }} more
      </VBtn>
      <RemedyButtons :remedies="result.remedies.slice(0, usual)" />
    </template>
    <slot />
  </section>
</template>

<style scoped>
.check {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 6px;
}

.line {
  align-self: stretch;
  display: flex;
  align-items: center;
  gap: 8px;
}

.state {
  margin-left: auto;
  font-size: var(--text-small);
  color: var(--ink-soft);
}

.sentence {
  font-size: var(--text-body-small);
  line-height: 1.35;
}

.findings {
  align-self: stretch;
  display: grid;
  gap: 8px;
}

.findings:empty {
  display: none;
}
</style>
